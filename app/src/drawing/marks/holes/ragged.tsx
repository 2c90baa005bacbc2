import { G, Path } from 'react-native-svg';
import { ink, strewn, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const ragged: Draw<'holes'> = ({ base }) => {
  const field = fieldOf(base);
  const gone = { fill: ink.card, stroke: ink.line, strokeWidth: 1 } as const;
  return (
    <G>
      {strewn(5, 2, field).map(({ x, y, turn }, at) => (
        <Path
          key={at}
          transform={`translate(${x} ${y}) rotate(${turn}) scale(${0.7 + (at % 3) * 0.3})`}
          d="M-7 -2 L-3 -7 L2 -4 L7 -5 L5 2 L6 7 L-1 5 L-6 6Z"
          {...gone}
        />
      ))}
    </G>
  );
};
