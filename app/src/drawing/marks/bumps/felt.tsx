import { Ellipse, G } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const felt: Draw<'bumps'> = ({ mark, base }) => {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {strewn(4, 3, field).map(({ x, y }, at) => (
        <Ellipse
          key={at}
          cx={x}
          cy={y}
          rx={8}
          ry={6}
          fill={colour}
          stroke={ink.stone56}
          strokeDasharray="1 1.4"
          strokeWidth={1.6}
        />
      ))}
    </G>
  );
};
