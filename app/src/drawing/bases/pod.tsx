import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const pod: Base = () => (
  <G>
    <Path d="M44 6 C30 34 34 74 58 96 C70 70 66 28 44 6Z" fill={ink.healthy} {...rim} />
    <Path d="M46 12 C42 40 46 70 57 90" fill="none" stroke={ink.rib} strokeWidth={1.2} />
    {[30, 46, 62, 76].map((y, at) => (
      <Ellipse key={y} cx={46 + at * 2.6} cy={y} rx={6} ry={7} fill={ink.leaf64} stroke={ink.rib} strokeWidth={0.8} />
    ))}
  </G>
);
