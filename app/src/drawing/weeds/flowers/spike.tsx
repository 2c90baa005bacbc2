import { Ellipse, G } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const spike: Flower = (bloom) => (
  <G>
    {[-12, -7, -2, 3, 8].map((y, at) => (
      <Ellipse key={y} cx={at % 2 ? 1.6 : -1.6} cy={y} rx={3.6} ry={3.4} fill={bloom} {...soft} strokeWidth={0.6} />
    ))}
  </G>
);
