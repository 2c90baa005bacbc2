import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const ladybirdLarva: NamedMark = () => (
  <G transform="translate(50 50) rotate(-14)">
    <Path
      d="M-8 -18 L-22 -26 M-10 -4 L-26 -6 M-10 10 L-24 16 M8 -18 L22 -26 M10 -4 L26 -6 M10 10 L24 16"
      stroke={ink.line}
      strokeWidth={2}
    />
    <Path
      d="M0 -32 C10 -32 13 -18 12 0 C11 18 6 34 0 36 C-6 34 -11 18 -12 0 C-13 -18 -10 -32 0 -32Z"
      fill={ink.stone32}
      stroke={ink.line}
      strokeWidth={1.4}
    />
    {[-18, -6, 6, 18].map((y) => (
      <Path
        key={y}
        d={`M-11 ${y} L-15 ${y - 3} M11 ${y} L15 ${y - 3} M-4 ${y} l-2 -4 M4 ${y} l2 -4`}
        stroke={ink.line}
        strokeWidth={1.1}
      />
    ))}
    <Circle cx={-6} cy={-14} r={3.4} fill={ink.orange} />
    <Circle cx={6} cy={-14} r={3.4} fill={ink.orange} />
    <Circle cx={-6} cy={8} r={2.8} fill={ink.orange} />
    <Circle cx={6} cy={8} r={2.8} fill={ink.orange} />
  </G>
);
