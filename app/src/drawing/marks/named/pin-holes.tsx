import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const pinHoles: NamedMark = () => (
  <G>
    {strewn(46, 2, { x: 50, y: 50, rx: 30, ry: 34 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.7} fill={ink.card} stroke={ink.line} strokeWidth={0.4} />
    ))}
  </G>
);
