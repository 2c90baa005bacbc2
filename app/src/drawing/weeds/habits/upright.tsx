import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';

export const upright: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    <Path d="M50 86 C50 60 50 40 50 20 M50 62 C42 54 38 48 34 38 M50 54 C58 46 62 42 66 34" {...stem} />
    {[
      [50, 82, -70, 0.9],
      [50, 82, 70, 0.9],
      [50, 68, -64, 0.85],
      [50, 66, 64, 0.85],
      [50, 48, -56, 0.65],
      [50, 44, 56, 0.65],
    ].map(([x = 0, y = 0, turn = 0, size = 1]) => leafAt(x, y, turn, size))}
    {flowerAt(50, 18, 1)}
    {flowerAt(33, 36, 0.7, -16)}
    {flowerAt(67, 32, 0.7, 16)}
  </G>
);
