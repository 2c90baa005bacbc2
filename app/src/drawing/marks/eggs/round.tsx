import { Ellipse, G } from 'react-native-svg';
import { toneColours, fieldOf } from '../../ink';
import { fine, range } from '../../pieces';
import type { Draw } from '../mark';

export const round: Draw<'eggs'> = ({ mark, base }) => {
  const fill = toneColours[mark.tone];
  const field = fieldOf(base);
  return (
    <G>
      {range(13).map((at) => (
        <Ellipse
          key={at}
          cx={field.x - 13 + (at % 5) * 6.4 + (Math.floor(at / 5) % 2) * 3.2}
          cy={field.y - 8 + Math.floor(at / 5) * 6}
          rx={2.9}
          ry={mark.kind === 'round' ? 2.3 : 3.6}
          fill={fill}
          {...fine}
        />
      ))}
    </G>
  );
};
