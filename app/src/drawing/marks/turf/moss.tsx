import { Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const moss: Draw<'turf'> = () => (
  <G>
    {strewn(11, 3, { x: 50, y: 68, rx: 38, ry: 20 }).map(({ x, y }, at) => (
      <G key={at} transform={`translate(${x} ${y})`}>
        <Ellipse rx={9} ry={6} fill={ink.moss72} stroke={ink.moss48} strokeWidth={0.9} />
        <Path d="M-5 -2 v-3 M-2 -3 v-4 M2 -3 v-4 M5 -2 v-3" stroke={ink.moss48} strokeWidth={1} />
      </G>
    ))}
  </G>
);
