import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { drop, line } from '../../pieces';
import type { NamedMark } from '../mark';

export const runOff: NamedMark = () => (
  <G>
    <Rect x={2} y={40} width={96} height={58} fill={ink.drySoil} {...line} />
    {drop(40, 22)}
    <Path d="M40 38 C60 34 78 36 94 44" stroke={ink.water} strokeWidth={4} fill="none" strokeLinecap="round" />
    <Circle cx={24} cy={36} r={4.5} fill={ink.water} {...line} />
    <Circle cx={62} cy={33} r={3.5} fill={ink.water} {...line} />
    {strewn(24, 3, { x: 50, y: 72, rx: 44, ry: 20 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.2} fill={ink.brown} />
    ))}
  </G>
);
