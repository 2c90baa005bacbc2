import { G, Path } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const blisters: Draw<'bumps'> = ({ mark, base }) => {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {strewn(11, 4, field).map(({ x, y }, at) => (
        <G key={at} transform={`translate(${x} ${y})`}>
          <Path d="M-6 2 C-6 -6 6 -6 6 2 C4 5 -4 5 -6 2Z" fill={colour} {...thin} />
          <Path d="M-3 -1 C-2 -3 1 -4 3 -2" fill="none" stroke={ink.card} strokeWidth={1} />
        </G>
      ))}
    </G>
  );
};
