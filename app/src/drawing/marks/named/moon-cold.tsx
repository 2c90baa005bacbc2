import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const moonCold: NamedMark = () => (
  <G>
    <Path
      d="M62 18 C40 20 28 38 34 58 C40 76 62 82 78 70 C58 70 48 56 48 44 C48 32 54 24 62 18Z"
      fill={ink.stone88}
      {...line}
    />
    <Path
      d="M74 24 V44 M64 34 H84 M67 27 L81 41 M81 27 L67 41"
      stroke={ink.water}
      strokeWidth={2.2}
      strokeLinecap="round"
    />
  </G>
);
