import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const holes: NamedMark = () => (
  <G>
    <Path
      d="M30 40 C34 32 42 36 44 42 C46 50 38 56 32 52 C27 49 27 45 30 40Z M58 58 C64 52 74 58 72 66 C70 73 60 72 57 67Z M60 28 C66 25 72 32 68 38 C63 41 57 36 60 28Z M84 46 C78 48 76 54 82 58 L92 54Z"
      fill={ink.card}
      {...thin}
    />
  </G>
);
