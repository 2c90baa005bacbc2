import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const froth: Draw<'ground'> = () => (
  <G>
    {strewn(24, 3, { x: 50, y: 58, rx: 28, ry: 12 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={5 + (at % 3)} fill={ink.gold88} stroke={ink.gold56} strokeWidth={0.8} />
    ))}
  </G>
);
