import { Circle, G, Path, Rect } from 'react-native-svg';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const heart: Draw<'roots'> = () => (
  <G>
    <Rect x={14} y={26} width={72} height={70} {...card} />
    <Circle cx={50} cy={61} r={31} fill={ink.straw88} {...line} />
    <Circle cx={50} cy={61} r={24} fill="none" stroke={ink.straw80} strokeWidth={1.2} />
    <Path d="M50 43 C60 44 68 52 66 62 C66 72 56 78 49 77 C38 77 33 68 35 59 C36 50 42 44 50 43Z" fill={ink.burnt} />
    <Path d="M50 52 C56 53 59 58 57 64 C55 69 47 69 44 64 C42 58 45 53 50 52Z" fill={ink.earth16} />
  </G>
);
