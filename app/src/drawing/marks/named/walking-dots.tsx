import { Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const walkingDots: NamedMark = () => (
  <G>
    {strewn(10, 3).map(({ x, y, turn }, at) => (
      <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
        <Path d="M-4 -2 L4 2 M-4 2 L4 -2 M-4 0 H4" {...thin} strokeWidth={0.7} />
        <Ellipse rx={1.9} ry={2.5} fill={ink.rust40} {...thin} strokeWidth={0.5} />
        <Path d="M0 4 v3 m0 1.5 v2" stroke={ink.line} strokeWidth={0.5} strokeDasharray="1 1" />
      </G>
    ))}
  </G>
);
