import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const web: NamedMark = () => (
  <G>
    <Path
      d="M14 66 L50 26 L86 54 M22 34 L50 80 L76 26 M30 54 L66 44 M36 70 L64 60 M34 40 L70 34"
      stroke={ink.stone96}
      strokeWidth={2.4}
      fill="none"
    />
    <Path
      d="M14 66 L50 26 L86 54 M22 34 L50 80 L76 26 M30 54 L66 44 M36 70 L64 60 M34 40 L70 34"
      stroke={ink.steel}
      strokeWidth={0.9}
      fill="none"
    />
    {strewn(12, 9, { x: 50, y: 48, rx: 22, ry: 20 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.3} fill={ink.rust40} />
    ))}
  </G>
);
