import { Ellipse, G } from 'react-native-svg';
import { toneColours } from '../../ink';
import { fine, range } from '../../pieces';
import type { Draw } from '../mark';

export const upright: Draw<'eggs'> = ({ mark }) => {
  const fill = toneColours[mark.tone];
  return (
    <G>
      {range(14).map((at) => (
        <Ellipse
          key={at}
          cx={36 + (at % 5) * 6 + (Math.floor(at / 5) % 2) * 3}
          cy={44 + Math.floor(at / 5) * 8}
          rx={2.2}
          ry={4.4}
          fill={fill}
          {...fine}
        />
      ))}
    </G>
  );
};
