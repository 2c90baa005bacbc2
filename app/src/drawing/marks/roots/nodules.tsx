import { Circle, G, Path } from 'react-native-svg';
import { rootlets } from './pieces';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const nodules: Draw<'roots'> = () => (
  <G>
    <Path d={rootlets} fill="none" stroke={ink.straw96} strokeWidth={3.4} />
    <Path d={rootlets} fill="none" stroke={ink.drySoil} strokeWidth={0.8} />
    {[
      [54, 46],
      [45, 62],
      [33, 58],
      [68, 58],
      [37, 72],
      [62, 74],
    ].map(([x, y]) => (
      <Circle key={`${x} ${y}`} cx={x} cy={y} r={3.6} fill={ink.rose72} {...line} strokeWidth={0.9} />
    ))}
  </G>
);
