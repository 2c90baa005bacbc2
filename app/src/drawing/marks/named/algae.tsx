import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const algae: NamedMark = () => (
  <G>
    <Path d="M22 46 C30 38 40 44 50 40 C60 44 70 38 78 46 C70 51 30 51 22 46Z" fill={ink.leaf56} {...thin} />
    {strewn(9, 4, { x: 50, y: 44, rx: 24, ry: 4 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={2.2} fill={at % 2 ? ink.white : ink.leaf72} />
    ))}
  </G>
);
