import { Circle, G, Path } from 'react-native-svg';
import { fine } from '../pieces';
import type { Body } from './body';

const dots = [
  [-5, -1.6],
  [-1, -2.6],
  [-2, 1],
  [3, -1.6],
] as const;

export const wedge: Body = ({ of, fill, accent, head }) => (
  <G>
    {of.pattern === 'spots' && <Path d="M-9 2 C-6 6 0 6 4 3Z" fill={head} {...fine} />}
    <Path d="M-11 2 C-6 -6 6 -6 11 0 C8 4 -4 5 -11 2Z" fill={fill} {...fine} />
    {of.pattern === 'spots' && dots.map(([x, y]) => <Circle key={x} cx={x} cy={y} r={0.9} fill={accent} />)}
    <Path d="M2 4 L-2 9 M6 3 L6 9" {...fine} />
  </G>
);
