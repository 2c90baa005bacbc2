import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { Legs } from './pieces';
import { fine } from '../pieces';
import type { Body } from './body';
import { ink } from '../ink';

export const wasp: Body = ({ of, fill, accent }) => (
  <G>
    <Legs pairs={of.legs ?? 3} rx={5} ry={2.6} />
    {of.pattern !== 'waist' && (
      <Path d="M0 -1 C-6 -9 -13 -8 -11 -3Z M0 1 C-6 9 -13 8 -11 3Z" fill={ink.stone96} fillOpacity={0.85} {...fine} />
    )}
    <Ellipse cx={-6} rx={5} ry={3.2} fill={fill} {...fine} />
    {of.pattern === 'bands' && <Path d="M-8.4 -2.8 V2.8 M-5.6 -3.2 V3.2" stroke={accent} strokeWidth={1.4} />}
    <Ellipse cx={1} rx={2.6} ry={1.9} fill={fill} {...fine} />
    <Circle cx={6} r={2.5} fill={fill} {...fine} />
    <Path d="M7.6 -1.6 l4 -3 M7.6 1.6 l4 3" {...fine} fill="none" />
  </G>
);
