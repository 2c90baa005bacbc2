import { Circle, G } from 'react-native-svg';
import { strewn, toneColours, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const rings: Draw<'lines'> = ({ mark, base }) => {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {strewn(7, 3, field).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={4 + (at % 3)} fill="none" stroke={colour} strokeWidth={1.5} />
      ))}
    </G>
  );
};
