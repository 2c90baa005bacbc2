import { G, Path, Rect } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const dark: Icon = () => (
  <G>
    <Rect x={-24} y={-26} width={48} height={48} fill={ink.slate32} {...line} strokeWidth={2.4} />
    <Path d="M0 -26 V22 M-24 -2 H24" stroke={ink.stone64} strokeWidth={2.4} />
  </G>
);
