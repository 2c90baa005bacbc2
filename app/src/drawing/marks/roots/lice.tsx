import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { rootlets } from './pieces';
import type { Draw } from '../mark';

export const lice: Draw<'roots'> = () => (
  <G>
    <Path d={rootlets} fill="none" stroke={ink.drySoil} strokeWidth={3} />
    {strewn(16, 3, { x: 50, y: 58, rx: 22, ry: 24 }).map(({ x, y }, at) => (
      <G key={at}>
        <Circle cx={x} cy={y} r={3.6} fill={ink.white} stroke={ink.stone72} strokeWidth={0.8} />
        <Ellipse cx={x} cy={y} rx={1.7} ry={1.2} fill={ink.straw80} />
      </G>
    ))}
  </G>
);
