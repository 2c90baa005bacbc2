import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const hole: Draw<'ground'> = () => (
  <G>
    <Path d="M30 29 H70 V86 H30Z" fill={ink.earth24} {...line} />
    <Path d="M30 50 H70 V86 H30Z" fill={ink.water} {...line} strokeWidth={1} />
    <Path d="M78 40 V80 M74 40 h8 M74 60 h5 M74 80 h8" {...line} fill="none" />
  </G>
);
