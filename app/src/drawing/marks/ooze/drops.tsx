import { Circle, G } from 'react-native-svg';
import { strewn, toneColours } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const drops: Draw<'ooze'> = ({ mark }) => {
  const colour = toneColours[mark.tone];
  return (
    <G>
      {strewn(6, 3).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={3} fill={colour} {...thin} />
      ))}
    </G>
  );
};
