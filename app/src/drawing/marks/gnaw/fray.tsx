import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const fray: Draw<'gnaw'> = () => (
  <G>
    <Path
      d="M36 30 C38 44 38 58 36 70 C46 72 56 72 64 70 C62 56 62 42 64 30 C56 34 44 34 36 30Z"
      fill={ink.straw80}
      {...line}
    />
    <Path
      d="M36 34 C28 44 30 54 26 64 M40 32 C36 48 38 60 34 76 M62 34 C72 46 70 56 74 66 M58 32 C62 48 60 62 64 78"
      fill="none"
      stroke={ink.earth40}
      strokeWidth={2.4}
    />
  </G>
);
