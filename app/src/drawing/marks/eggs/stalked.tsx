import { Ellipse, G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { fine, range } from '../../pieces';
import type { Draw } from '../mark';

export const stalked: Draw<'eggs'> = ({ mark }) => {
  const fill = toneColours[mark.tone];
  return (
    <G>
      {range(6).map((at) => (
        <G key={at}>
          <Path d={`M${30 + at * 8} 70 V48`} stroke={ink.line} strokeWidth={0.7} />
          <Ellipse cx={30 + at * 8} cy={45} rx={2} ry={3.4} fill={fill} {...fine} />
        </G>
      ))}
    </G>
  );
};
