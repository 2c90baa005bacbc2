import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const pecked: Draw<'gnaw'> = () => (
  <G>
    <Path d="M30 40 L50 56 L34 62Z M66 34 L56 54 L74 52Z M48 66 L56 82 L40 80Z" fill={ink.card} {...line} />
    <G transform="translate(80 16)">
      <Path d="M-12 2 C-10 -8 4 -10 8 -2 L15 0 L8 3 C4 9 -8 9 -12 2Z" fill={ink.stone40} {...line} strokeWidth={1} />
      <Circle cx={4} cy={-2} r={1.2} fill={ink.card} />
    </G>
  </G>
);
