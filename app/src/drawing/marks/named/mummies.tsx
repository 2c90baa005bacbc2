import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const mummies: NamedMark = () => (
  <G>
    {strewn(7, 4).map(({ x, y }, at) => (
      <G key={at}>
        <Circle cx={x} cy={y} r={5} fill={ink.straw64} {...thin} />
        <Circle cx={x + 1.4} cy={y + 1} r={1.5} fill={ink.line} />
      </G>
    ))}
  </G>
);
