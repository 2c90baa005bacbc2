import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const fuzz: NamedMark = () => (
  <G>
    {strewn(60, 3, { x: 46, y: 54, rx: 20, ry: 24 }).map(({ x, y, turn }, at) => (
      <Path key={at} d={`M${x} ${y} l${turn / 15} -4`} stroke={ink.plum48} strokeWidth={1.3} />
    ))}
  </G>
);
