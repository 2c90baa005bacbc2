import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const ribbon: Draw<'ground'> = () => (
  <G>
    <Path
      d="M30 58 C40 66 64 62 70 44 C72 34 68 26 74 18 L82 20 C78 30 82 38 80 48 C74 74 40 78 26 66Z"
      fill={ink.earth48}
      {...line}
    />
    <Path d="M34 60 C46 66 64 60 70 46" fill="none" stroke={ink.straw64} strokeWidth={2.4} />
  </G>
);
