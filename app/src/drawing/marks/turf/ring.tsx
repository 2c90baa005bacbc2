import { Ellipse, G } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const ring: Draw<'turf'> = () => (
  <G>
    <Ellipse cx={50} cy={66} rx={30} ry={20} fill={ink.straw64} />
    <Ellipse cx={50} cy={66} rx={30} ry={20} fill="none" stroke={ink.leaf32} strokeWidth={4} strokeDasharray="7 2" />
    <Ellipse cx={50} cy={66} rx={14} ry={9} fill={ink.leaf64} />
  </G>
);
