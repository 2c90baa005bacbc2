import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const oldLeaf: NamedMark = () => (
  <G transform="translate(14 80)">
    <Path d="M0 16 V-14" stroke={ink.line} strokeWidth={1.6} />
    <Path
      d="M0 10 C-8 12 -12 8 -13 3 C-6 1 -1 4 0 10Z M0 10 C8 12 12 8 13 3 C6 1 1 4 0 10Z"
      fill={ink.orange}
      {...thin}
    />
    <Path d="M0 0 C-6 1 -9 -2 -9 -6 M0 -6 C5 -6 8 -9 8 -12" stroke={ink.rib} strokeWidth={1.2} fill="none" />
  </G>
);
