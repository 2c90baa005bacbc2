import { Circle, G, Path } from 'react-native-svg';
import { toneColours } from '../../ink';
import type { Draw } from '../mark';

export const oak: Draw<'lines'> = ({ mark }) => {
  const colour = toneColours[mark.tone];
  return (
    <G>
      <Path d="M34 70 C28 62 40 60 36 52 C32 46 44 44 40 36" fill="none" stroke={colour} strokeWidth={2.4} />
      <Path d="M66 74 C72 66 60 62 66 54 C72 48 58 44 62 34" fill="none" stroke={colour} strokeWidth={2.4} />
      <Circle cx={52} cy={62} r={7} fill="none" stroke={colour} strokeWidth={2.2} />
      <Circle cx={52} cy={62} r={3} fill="none" stroke={colour} strokeWidth={1.6} />
    </G>
  );
};
