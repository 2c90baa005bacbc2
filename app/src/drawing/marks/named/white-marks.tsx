import { G, Path } from 'react-native-svg';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const whiteMarks: NamedMark = () => (
  <G>
    <Path
      d="M30 46 C34 38 44 40 44 48 C42 56 30 56 30 46Z M56 60 C60 52 72 54 70 64 C66 72 54 70 56 60Z M52 26 C58 22 64 28 60 34 C54 36 50 32 52 26Z"
      fill={ink.stone96}
      stroke={ink.leaf72}
      strokeWidth={1}
    />
    <Path d="M34 47 h6 M60 62 h6 M55 29 h4" stroke={ink.leaf72} strokeWidth={1} />
  </G>
);
