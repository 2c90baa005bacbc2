import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

/** Pinheads on bristles, by where each stands out from the bud. */
const bristles = [
  [34, 30, 24, 24],
  [31, 44, 20, 42],
  [36, 58, 26, 64],
  [66, 30, 76, 24],
  [69, 44, 80, 42],
  [64, 58, 74, 64],
  [44, 16, 38, 7],
  [56, 16, 62, 7],
] as const;

export const bristlyBud: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={66} {...card} />
    <Path d="M50 70 C30 62 30 30 50 10 C70 30 70 62 50 70Z" fill={ink.earth32} {...line} />
    {bristles.map(([x1, y1, x2, y2]) => (
      <G key={`${x1}-${y1}`}>
        <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={ink.line} strokeWidth={1.6} />
        <Circle cx={x2} cy={y2} r={2.4} fill={ink.line} />
      </G>
    ))}
  </G>
);
