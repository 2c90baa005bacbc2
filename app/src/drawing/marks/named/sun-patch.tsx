import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const sunPatch: NamedMark = () => (
  <G>
    <Path
      d="M66 36 C80 40 84 56 76 68 C64 70 58 58 60 48 C61 42 63 38 66 36Z"
      fill={ink.straw88}
      stroke={ink.straw56}
      strokeWidth={1.2}
    />
    <Circle cx={92} cy={14} r={7} fill={ink.gold80} stroke={ink.line} strokeWidth={1} />
    <Path d="M84 22 L76 32 M92 24 L90 34 M82 14 H74" stroke={ink.gold56} strokeWidth={1.8} />
  </G>
);
