import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const slime: NamedMark = () => (
  <G>
    <Path
      d="M26 88 C40 70 22 58 42 46 C58 36 46 26 66 14"
      stroke={ink.stone88}
      strokeWidth={8}
      strokeLinecap="round"
      fill="none"
    />
    <Path
      d="M26 88 C40 70 22 58 42 46 C58 36 46 26 66 14"
      stroke={ink.slate64}
      strokeWidth={0.9}
      strokeDasharray="4 3"
      fill="none"
    />
    <Path d="M60 60 C66 54 76 58 74 66 C71 72 62 70 60 60Z" fill={ink.card} {...thin} />
  </G>
);
