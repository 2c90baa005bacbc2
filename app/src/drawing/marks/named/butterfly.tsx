import { Circle, G, Line, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const butterfly: NamedMark = () => (
  <G transform="translate(50 46)">
    <Path
      d="M0 -4 C-14 -34 -44 -28 -36 -6 C-32 4 -12 6 0 2 C-14 4 -30 14 -20 26 C-12 32 -2 18 0 8 C2 18 12 32 20 26 C30 14 14 4 0 2 C12 6 32 4 36 -6 C44 -28 14 -34 0 -4Z"
      fill={ink.white}
      stroke={ink.line}
      strokeWidth={1.6}
    />
    <Path
      d="M-34 -20 C-30 -26 -22 -26 -18 -22 M34 -20 C30 -26 22 -26 18 -22"
      stroke={ink.soot}
      strokeWidth={5}
      strokeLinecap="round"
    />
    <Circle cx={-16} cy={-6} r={2.6} fill={ink.soot} />
    <Circle cx={16} cy={-6} r={2.6} fill={ink.soot} />
    <Line x1={0} y1={-8} x2={0} y2={16} stroke={ink.line} strokeWidth={3.4} strokeLinecap="round" />
    <Path d="M0 -8 L-7 -20 M0 -8 L7 -20" stroke={ink.line} strokeWidth={1} />
  </G>
);
