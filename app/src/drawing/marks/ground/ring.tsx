import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const ring: Draw<'ground'> = () => (
  <G>
    <Path d="M30 10 H70 V46 H30Z" fill={ink.stone72} fillOpacity={0.6} {...line} />
    <Path d="M30 20 H70 V30 H30Z" fill={ink.water} fillOpacity={0.8} />
    <Ellipse cx={50} cy={10} rx={20} ry={4} fill={ink.stone88} {...line} strokeWidth={1} />
    <Path d="M40 56 v6 M50 56 v5 M60 56 v6" stroke={ink.water} strokeWidth={2} strokeDasharray="3 3" />
  </G>
);
