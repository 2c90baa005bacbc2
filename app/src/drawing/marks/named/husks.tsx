import { Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const husks: NamedMark = () => (
  <G>
    {strewn(9, 5).map(({ x, y, turn }, at) => (
      <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
        <Ellipse rx={2.2} ry={4.4} fill={ink.white} {...thin} />
        <Path d="M0 -4 V3 M-2 -1 L-5 -3 M2 -1 L5 -3 M-2 1 L-5 3 M2 1 L5 3" {...thin} strokeWidth={0.6} />
      </G>
    ))}
  </G>
);
