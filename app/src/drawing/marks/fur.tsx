import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../ink';
import { narrowed } from '../pieces';
import type { MarkOf } from './mark';

export function Fur({ mark, base }: { mark: MarkOf<'fur'>; base: PlateBase }): ReactElement {
  const field = narrowed(fieldOf(base), mark.at === 'low' ? 'low' : 'all');
  const colour = toneColours[mark.tone];
  return (
    <G>
      {strewn(mark.at === 'low' ? 46 : 76, 3, field).map(({ x, y, turn }, at) => (
        <Path key={at} d={`M${x} ${y} q${turn / 18} -3 ${turn / 9} -6`} stroke={colour} strokeWidth={1.7} fill="none" />
      ))}
      {strewn(20, 8, field).map(({ x, y }, at) => (
        <Circle
          key={at}
          cx={x}
          cy={y - 3}
          r={1.2}
          fill={mark.tone === 'white' ? ink.white : ink.stone40}
          stroke={ink.line}
          strokeWidth={0.2}
        />
      ))}
    </G>
  );
}
