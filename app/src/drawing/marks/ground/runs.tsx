import { Circle, G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const runs: Draw<'ground'> = () => (
  <G>
    <Path
      d="M2 44 C20 38 30 46 44 40 C60 34 70 44 98 38"
      fill="none"
      stroke={ink.earth24}
      strokeWidth={9}
      strokeLinecap="round"
    />
    <Circle cx={30} cy={72} r={7} fill={ink.earth16} />
    <Circle cx={70} cy={80} r={6} fill={ink.earth16} />
    <Path d="M30 72 C40 60 46 52 46 42" fill="none" stroke={ink.earth24} strokeWidth={6} />
  </G>
);
