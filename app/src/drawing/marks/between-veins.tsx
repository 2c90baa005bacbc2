import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../ink';
import { gaps } from '../pieces';
import type { MarkOf } from './mark';

export function BetweenVeins({ mark, base }: { mark: MarkOf<'between-veins'>; base: PlateBase }): ReactElement {
  const specks = strewn(26, 3, fieldOf(base));
  return (
    <G>
      <Path d={gaps} fill={toneColours[mark.tone]} />
      {mark.specks &&
        specks.map(({ x, y }, at) => (
          <Circle
            key={at}
            cx={x}
            cy={y}
            r={1.3}
            fill={toneColours[mark.specks ?? 'tan']}
            stroke={ink.line}
            strokeWidth={0.3}
          />
        ))}
    </G>
  );
}
