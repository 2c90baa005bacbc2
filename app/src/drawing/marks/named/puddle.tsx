import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const puddle: NamedMark = () => (
  <G>
    <Path d="M14 42 C20 34 80 34 88 42 C84 54 20 54 14 42Z" fill={ink.water} {...line} />
    <Path d="M34 42 C40 39 50 39 56 42 M54 47 C60 45 68 45 72 47" stroke={ink.white} strokeWidth={1.6} fill="none" />
    <Path d="M26 8 l-4 12 M50 4 l-4 12 M74 8 l-4 12" stroke={ink.water} strokeWidth={3} strokeLinecap="round" />
  </G>
);
