import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const scrape: Draw<'ground'> = () => (
  <G>
    <Path d="M20 62 C30 48 60 46 74 58 C66 76 34 78 20 62Z" fill={ink.earth40} {...line} />
    <Path d="M28 56 L44 70 M36 52 L52 68 M44 50 L60 66" stroke={ink.drySoil} strokeWidth={1.8} />
    <Path
      d="M58 62 c6 -4 12 0 12 4 c6 0 6 7 0 8 h-14 c-6 -2 -4 -8 2 -12Z"
      fill={ink.earth24}
      {...line}
      strokeWidth={1}
    />
  </G>
);
