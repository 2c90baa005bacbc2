import { G } from 'react-native-svg';
import { drop } from '../../pieces';
import type { NamedMark } from '../mark';

export const manyDrops: NamedMark = () => (
  <G>
    {[
      [28, 34],
      [50, 30],
      [72, 34],
      [36, 58],
      [64, 58],
      [50, 74],
    ].map(([x = 0, y = 0]) => drop(x, y, 0.9))}
  </G>
);
