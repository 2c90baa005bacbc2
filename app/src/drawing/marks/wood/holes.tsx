import { Circle, G } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const holes: Draw<'wood'> = () => (
  <G>
    {[
      [44, 34],
      [57, 48],
      [46, 62],
    ].map(([x, y]) => (
      <Circle key={y} cx={x} cy={y} r={4.4} fill={ink.earth08} stroke={ink.wetSoil} strokeWidth={1.4} />
    ))}
  </G>
);
