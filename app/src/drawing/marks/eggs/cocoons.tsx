import { Ellipse, G } from 'react-native-svg';
import { toneColours } from '../../ink';
import { fine, range } from '../../pieces';
import type { Draw } from '../mark';

export const cocoons: Draw<'eggs'> = ({ mark }) => {
  const fill = toneColours[mark.tone];
  return (
    <G>
      {range(11).map((at) => (
        <Ellipse
          key={at}
          transform={`translate(${36 + (at % 6) * 5.4} ${at < 6 ? 40 : 34}) rotate(${at * 17 - 40})`}
          rx={2}
          ry={4.6}
          fill={fill}
          {...fine}
        />
      ))}
    </G>
  );
};
