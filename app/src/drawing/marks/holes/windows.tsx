import { G, Path } from 'react-native-svg';
import { ink, strewn, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const windows: Draw<'holes'> = ({ base }) => {
  const field = fieldOf(base);
  return (
    <G>
      {strewn(8, 3, field).map(({ x, y, turn }, at) => (
        <Path
          key={at}
          transform={`translate(${x} ${y}) rotate(${turn})`}
          d="M-5 -4 L4 -5 L6 3 L-3 5Z"
          fill={ink.moss88}
          fillOpacity={0.92}
          stroke={ink.dull}
          strokeWidth={0.9}
        />
      ))}
    </G>
  );
};
