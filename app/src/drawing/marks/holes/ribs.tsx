import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const ribs: Draw<'holes'> = () => (
  <G>
    <Path d="M0 0 H100 V97 H0Z" fill={ink.card} />
    <Path
      d="M50 94 V14 M50 74 L26 56 M50 74 L74 56 M50 56 L24 38 M50 56 L76 38 M50 38 L34 22 M50 38 L66 22"
      fill="none"
      stroke={ink.rib}
      strokeWidth={3}
      strokeLinecap="round"
    />
    <Path d="M26 56 l-4 3 l5 2Z M74 56 l5 1 l-4 4Z M34 22 l-5 0 l4 5Z" fill={ink.healthy} />
  </G>
);
