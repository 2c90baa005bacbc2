import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const daisy: Flower = (bloom) => {
  const petals = (count: number, path: string) =>
    Array.from({ length: count }, (_, at) => (
      <Path key={at} transform={`rotate(${(at * 360) / count})`} d={path} fill={bloom} {...soft} strokeWidth={0.7} />
    ));
  return (
    <G>
      {petals(12, 'M0 0 C-2.6 -4 -2.4 -10 0 -13 C2.4 -10 2.6 -4 0 0Z')}
      <Circle r={4} fill={ink.yellow} {...soft} strokeWidth={0.8} />
    </G>
  );
};
