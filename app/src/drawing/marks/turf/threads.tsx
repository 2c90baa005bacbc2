import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const threads: Draw<'turf'> = () => (
  <G>
    <Path d="M20 66 C28 50 66 48 80 64 C78 82 34 86 20 66Z" fill={ink.earth80} />
    {strewn(26, 4, { x: 50, y: 66, rx: 30, ry: 14 }).map(({ x, y, turn }, at) => (
      <Path key={at} d={`M${x} ${y} l${turn / 14} -8`} stroke={ink.rose48} strokeWidth={1.8} />
    ))}
  </G>
);
