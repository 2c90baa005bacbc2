import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { pair, stalk } from '../../pieces';
import type { NamedMark } from '../mark';

export const spentSeedLeaves: NamedMark = () => (
  <G>
    <Path d="M50 82 V30" {...stalk} />
    <Path
      d="M50 62 C42 60 30 62 24 72 C34 74 44 72 50 62Z M50 62 C58 60 70 62 76 72 C66 74 56 72 50 62Z"
      fill={ink.yellow}
      stroke={ink.brown}
      strokeWidth={1.6}
      strokeDasharray="3 1.5"
    />
    {pair(50, 34, 0.7, ink.pale)}
  </G>
);
