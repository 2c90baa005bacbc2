import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { fine } from '../pieces';
import { Legs } from './pieces';
import type { Body } from './body';
import { ink } from '../ink';

export const fly: Body = ({ fill, head }) => (
  <G>
    <Path
      d="M0 0 C-8 -9 -15 -7 -13 -2 C-10 1 -4 1 0 0Z M0 0 C-8 9 -15 7 -13 2 C-10 -1 -4 -1 0 0Z"
      fill={ink.stone88}
      fillOpacity={0.8}
      {...fine}
    />
    <Ellipse rx={6} ry={2.6} fill={fill} {...fine} />
    <Circle cx={6.5} cy={0} r={2.4} fill={head} {...fine} />
    <Legs pairs={3} rx={6} ry={3} />
  </G>
);
