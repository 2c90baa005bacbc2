import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const dug: Draw<'gnaw'> = () => (
  <G>
    <Path d="M30 82 C36 70 64 70 70 82Z" fill={ink.wetSoil} {...line} />
    <Path d="M14 82 C18 74 28 74 30 82 M70 82 C74 74 86 74 88 82" fill={ink.soil} {...line} />
    <Ellipse cx={44} cy={70} rx={5} ry={3.6} fill={ink.straw80} {...line} strokeWidth={1} />
    <Path d="M56 68 C60 64 66 66 66 70 L58 72Z" fill={ink.straw88} {...line} strokeWidth={1} />
  </G>
);
