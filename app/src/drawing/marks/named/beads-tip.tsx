import { Ellipse, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const beadsTip: NamedMark = () => (
  <G>
    {strewn(22, 3, { x: 50, y: 22, rx: 11, ry: 20 }).map(({ x, y }, at) => (
      <Ellipse key={at} cx={x} cy={y} rx={2.7} ry={3.3} fill={at % 4 === 0 ? ink.soot : ink.moss80} {...thin} />
    ))}
  </G>
);
