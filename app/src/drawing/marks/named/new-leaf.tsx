import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const newLeaf: NamedMark = () => (
  <G transform="translate(14 80)">
    <Path d="M0 16 V-14" stroke={ink.line} strokeWidth={1.6} />
    <Path d="M0 10 C-8 12 -12 8 -13 3 M0 10 C8 12 12 8 13 3" stroke={ink.rib} strokeWidth={1.2} fill="none" />
    <Path
      d="M0 -6 C-9 -5 -11 -11 -10 -17 C-3 -17 0 -12 0 -6Z M0 -6 C9 -5 11 -11 10 -17 C3 -17 0 -12 0 -6Z"
      fill={ink.orange}
      {...thin}
    />
  </G>
);
