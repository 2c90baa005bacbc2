import { G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const pucker: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  return mark.tone ? (
    <G>
      <Path
        d="M50 93 C20 78 8 60 18 44 C12 30 34 26 36 14 C44 24 54 2 58 16 C68 10 70 30 84 34 C80 44 94 56 80 66 C80 78 62 86 50 93Z"
        fill={ink.leaf72}
        {...line}
      />
      <Path
        d="M32 40 C38 30 48 34 46 44 C42 52 30 50 32 40Z M56 34 C64 28 74 34 70 44 C64 50 54 44 56 34Z M36 66 C42 58 54 62 50 72 C44 78 34 74 36 66Z M62 62 C68 56 76 62 72 70 C66 76 58 70 62 62Z"
        fill={tone}
        {...line}
        strokeWidth={0.9}
      />
    </G>
  ) : (
    <Path
      d="M40 24 q5 -5 10 0 q5 5 10 0 M36 36 q4 -4 8 0 M56 36 q4 -4 8 0"
      fill="none"
      stroke={ink.card}
      strokeWidth={1.6}
    />
  );
};
