import { Circle, G, Path } from 'react-native-svg';
import { rootlets } from './pieces';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const beads: Draw<'roots'> = () => (
  <G>
    <Path d={rootlets} fill="none" stroke={ink.drySoil} strokeWidth={3} />
    {[
      [50, 44, 6],
      [50, 60, 7],
      [49, 76, 5],
      [36, 50, 5],
      [29, 64, 6],
      [66, 50, 5],
      [72, 66, 6],
      [42, 66, 4.4],
      [60, 70, 5],
    ].map(([x, y, r]) => (
      <Circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={ink.straw80} {...line} strokeWidth={1} />
    ))}
  </G>
);
