import { Path } from 'react-native-svg';
import { toneColours } from '../../ink';
import type { Draw } from '../mark';

export const cracks: Draw<'lines'> = ({ mark }) => {
  const colour = toneColours[mark.tone];
  return (
    <Path
      d="M46 30 L50 42 L47 54 L52 66 M54 20 L51 32 M48 72 L53 84 M44 60 L40 66 M56 48 L60 44"
      fill="none"
      stroke={colour}
      strokeWidth={2.2}
    />
  );
};
