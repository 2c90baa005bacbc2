import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const eyeHole: Draw<'fruit'> = () => (
  <G>
    <Circle cx={60} cy={66} r={6} fill={ink.earth16} />
    {strewn(20, 4, { x: 63, y: 72, rx: 10, ry: 7 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.5} fill={ink.rust40} stroke={ink.line} strokeWidth={0.3} />
    ))}
    <Path d="M58 62 C52 54 50 50 50 44" fill="none" stroke={ink.earth32} strokeWidth={2.4} strokeDasharray="3 2" />
  </G>
);
