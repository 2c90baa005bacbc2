import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';

export const rosette: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    <Path d="M50 80 C50 60 51 40 50 22 M50 80 C58 64 64 50 66 38" {...stem} />
    {[-86, -62, -38, 38, 62, 86].map((turn) => leafAt(50, 82, turn, 1.1))}
    {[-20, 20].map((turn) => leafAt(50, 84, turn, 0.8))}
    {flowerAt(50, 20, 1)}
    {flowerAt(67, 36, 0.75)}
  </G>
);
