import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';

export const mat: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    <Path
      d="M50 82 C34 78 18 82 6 72 M50 82 C66 78 82 82 94 72 M50 82 C42 70 30 66 20 56 M50 82 C58 70 70 66 80 56 M50 82 C50 70 50 62 50 52"
      {...stem}
      strokeWidth={1.6}
    />
    {[
      [10, 73],
      [22, 77],
      [34, 78],
      [66, 78],
      [78, 77],
      [90, 73],
      [24, 59],
      [34, 66],
      [76, 59],
      [66, 66],
      [50, 60],
      [50, 70],
    ].map(([x = 0, y = 0], at) => leafAt(x, y, at % 2 ? 35 : -35, 0.5))}
    {flowerAt(22, 52, 0.55)}
    {flowerAt(50, 48, 0.65)}
    {flowerAt(78, 52, 0.55)}
  </G>
);
