import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const sunkenEnd: NamedMark = () => (
  <G>
    <Path d="M28 80 C34 68 66 68 72 80 C66 92 34 92 28 80Z" fill={ink.earth16} stroke={ink.line} strokeWidth={1.2} />
    <Path d="M34 80 C40 74 60 74 66 80 M38 85 C46 81 56 81 62 85" stroke={ink.earth40} strokeWidth={1.2} fill="none" />
  </G>
);
