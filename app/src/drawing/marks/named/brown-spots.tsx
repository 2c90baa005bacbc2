import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const brownSpots: NamedMark = () => (
  <G>
    {strewn(9, 5).map(({ x, y }, at) => (
      <G key={at}>
        <Circle cx={x} cy={y} r={5.2} fill={ink.straw80} />
        <Circle cx={x} cy={y} r={3.4} fill={ink.burnt} />
      </G>
    ))}
  </G>
);
