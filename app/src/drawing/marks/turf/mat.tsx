import { G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const mat: Draw<'turf'> = () => (
  <G>
    <Path d="M16 64 C24 46 70 44 84 62 C86 84 26 90 16 64Z" fill={ink.straw88} stroke={ink.straw64} strokeWidth={1} />
    <Path
      d="M22 62 C40 58 60 66 78 60 M24 70 C44 66 60 76 76 70 M34 80 C46 76 56 82 66 78"
      fill="none"
      stroke={ink.straw64}
      strokeWidth={1.4}
    />
    <Path d="M16 64 C24 46 70 44 84 62" fill="none" stroke={ink.white} strokeWidth={4} strokeDasharray="2 3" />
  </G>
);
