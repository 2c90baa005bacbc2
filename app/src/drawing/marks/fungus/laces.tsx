import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

/** Flat black cords that branch over bare wood, where a flap of bark is lifted. */
export const laces: Draw<'fungus'> = () => (
  <G>
    <Path d="M40 30 C46 24 58 24 62 31 C60 52 62 74 66 96 L38 96 C42 74 42 52 40 30Z" fill={ink.straw80} {...line} />
    <Path
      d="M52 97 C50 84 55 78 51 68 C48 60 54 52 51 42 C50 38 52 34 51 30 M51 68 C45 62 46 56 43 50 M53 77 C59 70 57 62 60 56 M51 42 C55 39 56 36 57 32 M50 88 C46 84 45 80 42 78"
      fill="none"
      stroke={ink.soot}
      strokeWidth={3.4}
      strokeLinecap="round"
    />
    <Path d="M62 31 C70 34 76 44 78 60 C72 54 66 46 62 31Z" fill={ink.earth32} {...line} />
  </G>
);
