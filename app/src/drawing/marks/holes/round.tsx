import { Circle, G } from 'react-native-svg';
import { ink, strewn, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const round: Draw<'holes'> = ({ base }) => {
  const field = fieldOf(base);
  const gone = { fill: ink.card, stroke: ink.line, strokeWidth: 1 } as const;
  return (
    <G>
      {strewn(9, 6, field).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={2.6 + (at % 3) * 0.6} {...gone} stroke={ink.brown} strokeWidth={1.4} />
      ))}
    </G>
  );
};
