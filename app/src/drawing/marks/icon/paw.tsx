import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Icon } from '../mark';

export const paw: Icon = () => (
  <G>
    <Path d="M0 2 C12 2 18 14 12 22 C8 28 -8 28 -12 22 C-18 14 -12 2 0 2Z" fill={ink.line} />
    {[
      [-20, -2],
      [-8, -14],
      [8, -14],
      [20, -2],
    ].map(([x, y]) => (
      <Ellipse key={x} cx={x} cy={y} rx={6} ry={8} fill={ink.line} />
    ))}
  </G>
);
