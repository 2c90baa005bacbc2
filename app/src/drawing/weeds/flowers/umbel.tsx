import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const umbel: Flower = (bloom) => (
  <G>
    {[-14, -8, -2, 4, 10, 15].map((x, at) => (
      <G key={x}>
        <Path d={`M0 12 L${x} ${at % 2 ? -1 : 1}`} stroke={ink.rib} strokeWidth={0.9} />
        <Circle cx={x} cy={at % 2 ? -2 : 0} r={3.4} fill={bloom} {...soft} strokeWidth={0.6} />
      </G>
    ))}
  </G>
);
