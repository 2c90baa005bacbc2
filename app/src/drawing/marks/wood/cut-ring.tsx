import { Ellipse, G, Path, Rect } from 'react-native-svg';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const cutRing: Draw<'wood'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Path d="M34 96 V60 H66 V96Z" fill={ink.moss64} {...line} />
    <Ellipse cx={50} cy={54} rx={26} ry={22} fill={ink.moss88} {...line} />
    <Ellipse cx={50} cy={54} rx={20} ry={16} fill="none" stroke={ink.burnt} strokeWidth={4} strokeDasharray="9 2" />
    <Ellipse cx={50} cy={54} rx={9} ry={7} fill={ink.moss96} stroke={ink.leaf72} strokeWidth={1} />
  </G>
);
