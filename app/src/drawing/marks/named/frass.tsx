import { Ellipse, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const frass: NamedMark = () => (
  <G>
    {strewn(17, 4, { x: 50, y: 62, rx: 17, ry: 20 }).map(({ x, y, turn }, at) => (
      <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
        <Ellipse rx={3.3} ry={2.5} fill={ink.leaf24} stroke={ink.card} strokeWidth={0.5} />
      </G>
    ))}
  </G>
);
