import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const fleaBeetle: NamedMark = () => (
  <G>
    <Path
      d="M16 76 C22 40 40 30 50 46 M50 78 C56 52 70 40 80 56"
      stroke={ink.line}
      strokeWidth={1}
      strokeDasharray="2 3"
      fill="none"
    />
    {[
      [50, 46],
      [80, 56],
      [28, 60],
    ].map(([x = 0, y = 0]) => (
      <G key={x} transform={`translate(${x} ${y}) rotate(-30)`}>
        <Ellipse rx={9} ry={6} fill={ink.soot} />
        <Path d="M-2 4 L4 13 L12 12" stroke={ink.line} strokeWidth={2} fill="none" />
        <Path d="M-4 -3 C0 -5 4 -4 6 -2" stroke={ink.stone64} strokeWidth={1.4} fill="none" />
      </G>
    ))}
  </G>
);
