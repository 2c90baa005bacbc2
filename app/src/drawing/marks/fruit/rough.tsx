import { G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const rough: Draw<'fruit'> = () => (
  <G>
    <Path
      d="M18 50 C20 30 38 22 50 30 C62 22 80 30 82 50 C70 44 60 52 50 46 C40 52 30 44 18 50Z"
      fill={ink.straw64}
      fillOpacity={0.9}
    />
    <Path
      d="M22 46 L34 34 M34 46 L46 32 M46 44 L58 32 M58 44 L70 32 M70 46 L78 38 M26 36 L36 46 M42 32 L52 44 M58 32 L68 44"
      stroke={ink.earth48}
      strokeWidth={0.8}
    />
  </G>
);
