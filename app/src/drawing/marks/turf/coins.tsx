import { Ellipse, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const coins: Draw<'turf'> = () => (
  <G>
    {strewn(11, 3, { x: 50, y: 66, rx: 38, ry: 22 }).map(({ x, y }, at) => (
      <Ellipse key={at} cx={x} cy={y} rx={5} ry={4} fill={ink.moss88} stroke={ink.straw64} strokeWidth={1} />
    ))}
  </G>
);
