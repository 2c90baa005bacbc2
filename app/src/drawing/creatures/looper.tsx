import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { fine } from '../pieces';
import type { Body } from './body';

export const looper: Body = ({ fill, head }) => (
  <G>
    <Path
      d="M-11 4 C-9 -10 3 -12 4 -1 C4.5 3 8 4 11 3"
      fill="none"
      stroke={ink.line}
      strokeWidth={5}
      strokeLinecap="round"
    />
    <Path
      d="M-11 4 C-9 -10 3 -12 4 -1 C4.5 3 8 4 11 3"
      fill="none"
      stroke={fill}
      strokeWidth={3.6}
      strokeLinecap="round"
    />
    <Circle cx={11} cy={3} r={2.3} fill={head} {...fine} />
    <Path d="M-11 5 v3 M-8.6 4 v3 M8 5 v2 M10 5 v2" stroke={ink.line} strokeWidth={0.9} />
  </G>
);
