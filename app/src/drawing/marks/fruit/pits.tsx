import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const pits: Draw<'fruit'> = () => (
  <G>
    {strewn(13, 5, { x: 50, y: 70, rx: 22, ry: 15 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={2.4} fill={ink.earth32} stroke={ink.earth48} strokeWidth={1} />
    ))}
  </G>
);
