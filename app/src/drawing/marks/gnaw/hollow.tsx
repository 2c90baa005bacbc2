import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const hollow: Draw<'gnaw'> = () => (
  <G>
    <Path d="M30 46 C40 34 66 36 70 52 C74 70 60 80 46 78 C30 76 22 60 30 46Z" fill={ink.earth32} {...line} />
    <Path d="M36 52 C44 44 60 46 62 56 C64 68 54 74 46 72 C36 70 30 60 36 52Z" fill={ink.earth16} />
    <G transform="translate(72 26) scale(0.9)">
      <Ellipse cx={-6} cy={0} rx={6} ry={3.6} fill={ink.yellow} {...line} strokeWidth={0.9} />
      <Path d="M-9 -3 V3 M-5 -3.6 V3.6" stroke={ink.line} strokeWidth={1.6} />
      <Circle cx={3} cy={0} r={3} fill={ink.earth24} />
      <Path d="M-2 -2 C-6 -9 -12 -8 -10 -3Z" fill={ink.stone96} {...line} strokeWidth={0.7} />
    </G>
  </G>
);
