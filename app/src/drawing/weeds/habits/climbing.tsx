import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';
import { ink } from '../../ink';

export const climbing: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    <Path d="M72 96 V8" stroke={ink.drySoil} strokeWidth={3} />
    <Path d="M64 96 C84 84 58 74 78 62 C90 52 58 44 76 30 C84 22 66 16 72 8" {...stem} />
    {[
      [66, 80, -70, 0.9],
      [80, 66, 70, 0.8],
      [64, 50, -76, 0.9],
      [80, 38, 66, 0.8],
      [68, 22, -60, 0.8],
    ].map(([x = 0, y = 0, turn = 0, size = 1]) => leafAt(x, y, turn, size))}
    <Path d="M66 60 C56 58 52 52 56 48 C60 46 60 52 56 52" {...stem} strokeWidth={1.1} />
    {flowerAt(40, 34, 0.95)}
    {flowerAt(38, 68, 0.75)}
    <Path d="M62 40 L44 36 M66 70 L44 69" {...stem} strokeWidth={1.3} />
  </G>
);
