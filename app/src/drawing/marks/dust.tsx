import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, G } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../ink';
import type { MarkOf } from './mark';

export function Dust({ mark, base }: { mark: MarkOf<'dust'>; base: PlateBase }): ReactElement {
  const isHeap = base === 'trunk' || (base === 'stem' && mark.tone === 'yellow');
  const field = isHeap
    ? { x: 56, y: 84, rx: 18, ry: 6 }
    : base === 'stem'
      ? { x: 50, y: 56, rx: 24, ry: 40 }
      : { ...fieldOf(base), rx: 34, ry: 40 };
  return (
    <G>
      {strewn(isHeap ? 46 : 90, 4, field).map(({ x, y }, at) => (
        <Circle
          key={at}
          cx={x}
          cy={y}
          r={isHeap ? 1.7 : 1.2}
          fill={toneColours[mark.tone]}
          stroke={isHeap ? ink.earth40 : 'none'}
          strokeWidth={0.3}
          fillOpacity={isHeap ? 1 : 0.85}
        />
      ))}
    </G>
  );
}
