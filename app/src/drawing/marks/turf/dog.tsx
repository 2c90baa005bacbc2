import { Ellipse, G } from 'react-native-svg';
import { ink } from '../../ink';
import { straw } from './pieces';
import type { Draw } from '../mark';

export const dog: Draw<'turf'> = () => (
  <G>
    <Ellipse cx={50} cy={66} rx={28} ry={19} fill={ink.leaf40} />
    <Ellipse cx={50} cy={66} rx={19} ry={12} fill={straw} stroke={ink.straw56} strokeWidth={1} />
    <G transform="translate(80 22) scale(0.8)">
      <Ellipse cx={0} cy={4} rx={6} ry={5} fill={ink.line} />
      {[
        [-8, -3],
        [-3, -7],
        [3, -7],
        [8, -3],
      ].map(([x, y]) => (
        <Ellipse key={x} cx={x} cy={y} rx={2.4} ry={3.2} fill={ink.line} />
      ))}
    </G>
  </G>
);
