import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const blackEye: Draw<'fruit'> = () => (
  <G>
    <Circle cx={50} cy={38} r={10} fill={ink.soot} {...line} />
    <Path d="M50 30 V18 M43 44 L34 52 M57 44 L66 52" stroke={ink.soot} strokeWidth={3} />
  </G>
);
