import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const cupped: NamedMark = () => (
  <G>
    <Path
      d="M22 46 C26 60 40 66 50 62 C60 66 74 60 78 46"
      fill="none"
      stroke={ink.line}
      strokeWidth={1.4}
      strokeDasharray="3 2"
    />
    <Path d="M20 60 C10 54 10 40 18 34 M80 60 C90 54 90 40 82 34" fill="none" stroke={ink.line} strokeWidth={1.8} />
    <Path d="M20 60 l-2 -7 M20 60 l6 -3 M80 60 l2 -7 M80 60 l-6 -3" stroke={ink.line} strokeWidth={1.4} />
  </G>
);
