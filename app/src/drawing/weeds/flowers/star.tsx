import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const star: Flower = (bloom) => {
  const petals = (count: number, path: string) =>
    Array.from({ length: count }, (_, at) => (
      <Path key={at} transform={`rotate(${(at * 360) / count})`} d={path} fill={bloom} {...soft} strokeWidth={0.7} />
    ));
  return (
    <G>
      {petals(5, 'M0 0 C-3.4 -4 -3 -9 0 -12 C3 -9 3.4 -4 0 0Z')}
      <Circle r={2.2} fill={ink.yellow} {...soft} strokeWidth={0.6} />
    </G>
  );
};
