import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const scars: Draw<'fruit'> = () => (
  <G>
    <Path
      d="M50 92 C40 90 30 84 24 76 C36 80 40 72 46 76 C54 66 60 78 68 72 C72 78 66 88 50 92Z"
      fill={ink.straw64}
      {...line}
    />
    <Path d="M36 84 L44 70 M52 90 L54 68 M62 84 L60 72" stroke={ink.earth32} strokeWidth={1.6} />
  </G>
);
