import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { pair, stalk } from '../../pieces';
import type { NamedMark } from '../mark';

export const palePlant: NamedMark = () => (
  <G>
    <Path d="M50 82 V34" {...stalk} stroke={ink.moss72} />
    {pair(50, 66, 0.9, ink.pale, 1)}
    {pair(50, 50, 0.75, ink.pale, 2)}
    {pair(50, 35, 0.5, ink.pale, 3)}
  </G>
);
