import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const canker: Draw<'wood'> = () => (
  <G>
    <Path d="M38 30 C50 22 62 34 60 50 C60 66 48 72 40 62 C32 52 30 38 38 30Z" fill={ink.earth32} {...line} />
    <Path
      d="M40 36 C48 30 56 38 55 50 C54 60 46 64 42 56 C37 48 35 42 40 36Z"
      fill={ink.earth24}
      {...line}
      strokeWidth={1}
    />
    <Path d="M44 42 C49 38 52 44 51 50 C50 56 46 56 45 52Z" fill={ink.straw72} />
  </G>
);
