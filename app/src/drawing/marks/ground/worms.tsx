import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const worms: Draw<'ground'> = () => (
  <G>
    <Path d="M20 44 H80 V94 H20Z" fill={ink.wetSoil} {...line} />
    {[
      [30, 56],
      [50, 52],
      [66, 62],
      [38, 74],
      [58, 80],
      [28, 86],
      [72, 84],
    ].map(([x = 0, y = 0], at) => (
      <Path
        key={at}
        d={`M${x} ${y} q6 -6 10 0 q4 5 8 0`}
        fill="none"
        stroke={ink.rose64}
        strokeWidth={3}
        strokeLinecap="round"
      />
    ))}
  </G>
);
