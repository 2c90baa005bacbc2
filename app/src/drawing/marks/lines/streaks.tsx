import { G, Path } from 'react-native-svg';
import { strewn, toneColours, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const streaks: Draw<'lines'> = ({ mark, base }) => {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {strewn(8, 4, field).map(({ x, y }, at) => (
        <Path key={at} d={`M${x} ${y - 6} V${y + 6}`} stroke={colour} strokeWidth={2} />
      ))}
    </G>
  );
};
