import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Icon } from '../mark';

export const dust: Icon = () => (
  <G>
    {strewn(46, 4, { x: 0, y: 0, rx: 30, ry: 22 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.8} fill={ink.drySoil} />
    ))}
    <Path d="M-30 26 H30 M-20 20 h8 M0 20 h8 M18 20 h8" stroke={ink.line} strokeWidth={2.6} />
  </G>
);
