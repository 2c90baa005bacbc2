import { G, Path, Rect } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const bale: Icon = () => (
  <G>
    <Rect x={-30} y={-14} width={60} height={36} rx={4} fill={ink.gold88} {...line} strokeWidth={2} />
    <Path d="M-12 -14 V22 M12 -14 V22" stroke={ink.earth40} strokeWidth={3} />
    <Path d="M-28 -6 h12 M-26 4 h10 M-6 -8 h10 M-4 6 h10 M16 -4 h12 M18 10 h9" stroke={ink.earth48} strokeWidth={1.6} />
  </G>
);
