import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { drop, line } from '../../pieces';
import type { NamedMark } from '../mark';

export const fizz: NamedMark = () => (
  <G>
    <Path d="M58 4 L76 10 L66 30 L56 26Z" fill={ink.stone88} {...line} />
    {drop(54, 38, 0.5)}
    {strewn(16, 4, { x: 46, y: 50, rx: 18, ry: 9 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.6 + (at % 3)} fill={ink.white} {...line} strokeWidth={0.8} />
    ))}
  </G>
);
