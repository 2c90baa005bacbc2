import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const bolt: Draw<'form'> = () => (
  <G>
    <Path d="M50 66 C50 46 50 30 50 6" fill="none" stroke={ink.rib} strokeWidth={4} />
    {[10, 18, 26, 34].map((y, at) => (
      <G key={y}>
        <Path d={`M50 ${y + 6} L${at % 2 ? 62 : 38} ${y}`} stroke={ink.rib} strokeWidth={1.6} />
        <Circle cx={at % 2 ? 63 : 37} cy={y - 1} r={3.4} fill={ink.yellow} {...line} strokeWidth={0.8} />
      </G>
    ))}
    <Circle cx={50} cy={5} r={4} fill={ink.yellow} {...line} strokeWidth={0.8} />
  </G>
);
