import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

/** A flap of bark cut at the foot: green where it is sound, a dark tongue that comes up from the roots. */
export const stain: Draw<'wood'> = () => (
  <G>
    <Path d="M36 34 L64 34 L68 84 L32 84Z" fill={ink.moss88} {...line} />
    <Path d="M33 84 L34 66 C40 58 42 50 49 46 C55 52 58 58 66 64 L68 84Z" fill={ink.burnt} />
    <Path d="M36 34 L64 34 L68 84 L32 84Z" fill="none" {...line} />
  </G>
);
