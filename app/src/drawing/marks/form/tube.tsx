import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, green, line } from '../../pieces';
import type { Draw } from '../mark';

export const tube: Draw<'form'> = () => (
  <G>
    <Rect x={4} y={2} width={92} height={97} {...card} />
    <Path d="M50 98 V20" {...green} />
    {[
      [50, 74, -62],
      [50, 74, 62],
      [50, 50, -58],
      [50, 50, 58],
      [50, 26, 0],
    ].map(([x = 0, y = 0, turn = 0]) => (
      <G key={`${y} ${turn}`} transform={`translate(${x} ${y}) rotate(${turn})`}>
        <Path d="M-4 0 L-4 -28 C-4 -32 4 -32 4 -28 L4 0Z" fill={ink.healthy} {...line} strokeWidth={1.1} />
        <Path d="M-4 -6 L4 -12 M-4 -16 L4 -22" stroke={ink.rib} strokeWidth={1} />
      </G>
    ))}
  </G>
);
