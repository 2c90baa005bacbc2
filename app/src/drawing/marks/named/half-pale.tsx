import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const halfPale: NamedMark = () => (
  <G>
    <Path d="M50 93 C80 78 88 44 50 8Z" fill={ink.moss80} {...thin} />
    <Path d="M66 30 C78 46 78 62 70 76 C84 60 84 44 66 30Z" fill={ink.burnt} />
    <Path d="M50 74 L70 60 M50 56 L72 42" stroke={ink.rib} strokeWidth={1.2} />
  </G>
);
