import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const stipple: NamedMark = () => (
  <G>
    {strewn(110, 1, { x: 50, y: 52, rx: 25, ry: 35 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={0.95} fill={ink.moss96} />
    ))}
  </G>
);
