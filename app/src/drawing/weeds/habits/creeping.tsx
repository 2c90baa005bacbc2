import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';
import { ink } from '../../ink';

export const creeping: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    <Path d="M6 80 C24 66 34 84 50 74 C66 64 78 84 96 70" {...stem} />
    {[
      [16, 74],
      [50, 74],
      [84, 74],
    ].map(([x = 0, y = 0]) => (
      <G key={x}>
        {leafAt(x, y, -46, 0.8)}
        {leafAt(x, y, 46, 0.8)}
        {leafAt(x, y, 0, 0.9)}
        <Path d={`M${x} ${y + 3} l-3 9 M${x} ${y + 3} l2 10`} stroke={ink.earth56} strokeWidth={1.2} />
      </G>
    ))}
    <Path d="M50 70 C50 54 51 44 50 32 M84 70 C84 58 83 50 82 44" {...stem} strokeWidth={1.5} />
    {flowerAt(50, 28, 0.95)}
    {flowerAt(82, 40, 0.7)}
  </G>
);
