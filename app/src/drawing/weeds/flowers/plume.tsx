import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Flower } from '../parts';

export const plume: Flower = (bloom) => (
  <G>
    {[-14, -9, -4, 1, 6].map((y, at) => (
      <Path key={y} d={`M0 ${y + 6} L${at % 2 ? 8 : -8} ${y}`} stroke={bloom} strokeWidth={3.4} strokeLinecap="round" />
    ))}
    <Path d="M0 12 V-18" stroke={ink.line} strokeWidth={0.9} />
  </G>
);
