import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const smallDrop: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Path d="M4 12 C30 18 60 14 96 8" fill="none" stroke={ink.brown} strokeWidth={5} />
    {leafAt(30, 15, -20, 0.7, ink.healthy)}
    {leafAt(66, 13, 20, 0.7, ink.healthy)}
    <Circle cx={48} cy={30} r={8} fill={ink.moss72} {...line} strokeWidth={1.1} />
    {[
      [28, 86],
      [46, 92],
      [64, 86],
      [78, 92],
    ].map(([x, y]) => (
      <Circle key={x} cx={x} cy={y} r={6} fill={ink.moss72} {...line} strokeWidth={1} />
    ))}
    <Path d="M30 50 V70 M66 46 V68 M78 54 V74" stroke={ink.line} strokeWidth={1.1} strokeDasharray="3 3" />
  </G>
);
