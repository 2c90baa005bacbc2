import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const soot: NamedMark = () => (
  <G>
    <Path d="M30 44 C34 30 48 24 60 30 C72 36 72 52 64 62 C52 72 36 70 30 58Z" fill={ink.soot} fillOpacity={0.86} />
    <Path d="M40 70 C46 66 52 64 60 66" stroke={ink.healthy} strokeWidth={6} strokeLinecap="round" fill="none" />
    {strewn(14, 8).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={2.2} fill={ink.soot} fillOpacity={0.8} />
    ))}
  </G>
);
