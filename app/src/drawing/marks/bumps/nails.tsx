import { G, Path } from 'react-native-svg';
import { strewn, toneColours, fieldOf } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const nails: Draw<'bumps'> = ({ mark, base }) => {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {strewn(12, 5, field).map(({ x, y, turn }, at) => (
        <Path
          key={at}
          transform={`translate(${x} ${y}) rotate(${turn / 3})`}
          d="M-2.4 2 C-2 -4 -1 -9 0 -11 C1 -9 2 -4 2.4 2Z"
          fill={colour}
          {...thin}
        />
      ))}
    </G>
  );
};
