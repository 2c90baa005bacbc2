import { Circle, G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const hail: Icon = () => (
  <G>
    <Path
      d="M-24 -8 C-30 -24 -8 -30 -4 -22 C4 -34 26 -26 22 -12 C32 -8 28 4 18 2 H-20 C-28 2 -30 -4 -24 -8Z"
      fill={ink.stone64}
      {...line}
      strokeWidth={2}
    />
    {[
      [-16, 14],
      [0, 20],
      [14, 12],
      [-6, 30],
      [20, 26],
    ].map(([x, y]) => (
      <Circle key={x} cx={x} cy={y} r={4.6} fill={ink.white} {...line} strokeWidth={1.4} />
    ))}
  </G>
);
