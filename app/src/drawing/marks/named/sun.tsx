import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const sun: NamedMark = () => (
  <G>
    <Circle cx={78} cy={22} r={11} fill={ink.gold80} stroke={ink.line} strokeWidth={1.4} />
    <Path
      d="M78 4 V0 M78 44 V38 M60 22 H54 M96 22 H100 M66 10 L62 6 M90 34 L94 38 M66 34 L62 38 M90 10 L94 6"
      stroke={ink.gold56}
      strokeWidth={2.4}
      strokeLinecap="round"
    />
  </G>
);
