import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const threads: Draw<'fungus'> = () => (
  <G>
    <Path
      d="M22 60 C34 50 44 62 54 54 C64 48 72 58 80 56 M50 56 C46 48 40 46 34 48 M54 54 C60 46 68 46 74 48 M44 60 C48 64 58 64 64 60"
      fill="none"
      stroke={ink.white}
      strokeWidth={2.6}
    />
    {strewn(26, 3, { x: 50, y: 56, rx: 26, ry: 7 }).map(({ x, y }, at) => (
      <Circle key={at} cx={x} cy={y} r={1.8} fill={ink.white} stroke={ink.stone72} strokeWidth={0.4} />
    ))}
  </G>
);
