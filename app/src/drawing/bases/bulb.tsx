import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const bulb: Base = () => (
  <G>
    <Path
      d="M48 34 C46 20 40 10 34 4 M50 34 C50 20 50 10 52 2 M53 34 C56 20 62 12 68 6"
      fill="none"
      stroke={ink.healthy}
      strokeWidth={4}
    />
    <Path
      d="M50 32 C40 42 24 48 24 64 C24 80 38 86 50 86 C62 86 76 80 76 64 C76 48 60 42 50 32Z"
      fill={ink.straw72}
      {...rim}
    />
    <Path d="M50 36 C44 50 42 70 46 85 M50 36 C58 50 60 70 55 85" fill="none" stroke={ink.earth48} strokeWidth={1.1} />
    <Path d="M42 86 L38 97 M48 87 L47 98 M54 87 L56 98 M60 86 L64 96" stroke={ink.drySoil} strokeWidth={1.6} />
  </G>
);
