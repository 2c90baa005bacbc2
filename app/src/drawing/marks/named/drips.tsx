import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const drips: NamedMark = () => (
  <G>
    {strewn(9, 2).map(({ x, y }, at) => (
      <G key={at}>
        <Circle cx={x} cy={y} r={3.8} fill={ink.gold88} fillOpacity={0.85} stroke={ink.gold56} strokeWidth={0.9} />
        <Circle cx={x - 1.2} cy={y - 1.2} r={1.1} fill={ink.white} />
      </G>
    ))}
    <Path d="M70 72 C70 80 66 86 68 94" stroke={ink.gold64} strokeWidth={2.4} fill="none" />
    <Circle cx={68} cy={95} r={2.6} fill={ink.gold88} stroke={ink.gold56} strokeWidth={0.8} />
  </G>
);
