import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../ink';
import { thin } from '../pieces';
import type { MarkOf } from './mark';

export function Pustules({ mark, base }: { mark: MarkOf<'pustules'>; base: PlateBase }): ReactElement {
  const colour = toneColours[mark.tone];
  return (
    <G>
      {strewn(20, 6, fieldOf(base)).map(({ x, y }, at) => (
        <G key={at}>
          <Circle
            cx={x}
            cy={y}
            r={3}
            fill={colour}
            stroke={mark.tone === 'white' ? ink.stone56 : ink.rust24}
            strokeWidth={0.8}
          />
          <Circle cx={x - 0.8} cy={y - 0.8} r={0.9} fill={ink.straw96} />
        </G>
      ))}
      {mark.tone !== 'white' && (
        <G>
          <Path d="M70 84 C78 80 88 80 96 86 L96 98 H66Z" fill={ink.straw80} {...thin} />
          <Path d="M72 86 q6 -3 12 1" stroke={colour} strokeWidth={3.4} strokeLinecap="round" fill="none" />
        </G>
      )}
    </G>
  );
}
