import { Ellipse, G } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const scale: Leaf = (fill) => (
  <G>
    {[0, 6, 12, 18].map((y, at) => (
      <Ellipse key={y} cx={at % 2 ? 2 : -2} cy={-y - 3} rx={5} ry={4} fill={fill} {...soft} strokeWidth={0.6} />
    ))}
  </G>
);
