import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const cross: Flower = (bloom) => {
  const petals = (count: number, path: string) =>
    Array.from({ length: count }, (_, at) => (
      <Path key={at} transform={`rotate(${(at * 360) / count})`} d={path} fill={bloom} {...soft} strokeWidth={0.7} />
    ));
  return (
    <G>
      {petals(4, 'M0 0 C-5 -3 -5 -9 0 -11 C5 -9 5 -3 0 0Z')}
      <Circle r={2} fill={ink.white} {...soft} strokeWidth={0.6} />
    </G>
  );
};
