import { Path } from 'react-native-svg';
import { rim } from './pieces';
import type { Base } from './base';
import { ink } from '../ink';

export const cucumber: Base = () => (
  <Path
    d="M36 14 C48 4 62 8 66 24 C70 50 68 74 58 90 C46 98 36 90 34 74 C32 54 32 30 36 14Z"
    fill={ink.leaf48}
    {...rim}
  />
);
