import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const hopper: NamedMark = () => (
  <G>
    <Path d="M22 74 C34 40 52 36 60 44" stroke={ink.line} strokeWidth={1} strokeDasharray="2 3" fill="none" />
    <G transform="translate(62 48) rotate(-24)">
      <Path d="M-24 4 C-14 -10 14 -12 26 0 C18 8 -8 12 -24 4Z" fill={ink.moss80} stroke={ink.line} strokeWidth={1.5} />
      <Path d="M-18 2 C-6 -2 10 -3 22 0" stroke={ink.rib} strokeWidth={1.2} fill="none" />
      <Path d="M6 7 L-2 20 L-14 22 M14 5 L14 16" stroke={ink.line} strokeWidth={1.5} fill="none" />
      <Circle cx={21} cy={-2} r={1.8} fill={ink.line} />
    </G>
  </G>
);
