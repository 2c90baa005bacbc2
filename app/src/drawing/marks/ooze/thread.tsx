import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const thread: Draw<'ooze'> = () => (
  <G>
    <Path d="M40 40 H62 V62 H40Z" fill={ink.card} />
    <Path
      d="M44 40 C44 46 45 48 45 62 M48 40 C49 50 48 54 48 62 M52 40 C51 50 52 54 52 62 M56 40 C56 46 56 50 55 62"
      fill="none"
      stroke={ink.dull}
      strokeWidth={1.1}
    />
    <Ellipse cx={51} cy={40} rx={6} ry={2.2} fill={ink.moss88} {...thin} />
    <Ellipse cx={51} cy={62} rx={6} ry={2.2} fill={ink.moss88} {...thin} />
  </G>
);
