import { G, Path } from 'react-native-svg';
import type { Habit } from '../parts';

export const tuft: Habit = ({ stem, leafAt, flowerAt }) => (
  <G>
    {[-48, -32, -18, -6, 6, 18, 32, 48].map((turn) => leafAt(50, 86, turn, 1.35))}
    <Path d="M50 84 C48 60 44 40 40 24 M50 84 C54 60 60 44 64 30" {...stem} strokeWidth={1.4} />
    {flowerAt(40, 22, 0.85)}
    {flowerAt(64, 28, 0.75)}
  </G>
);
