import { G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const gum: Draw<'ooze'> = ({ mark }) => {
  const colour = toneColours[mark.tone];
  return (
    <G>
      <Path
        d="M44 36 C52 32 60 40 56 50 C60 56 56 66 50 68 C46 76 40 70 42 62 C36 56 38 42 44 36Z"
        fill={colour}
        fillOpacity={0.9}
        {...thin}
      />
      <Path d="M45 42 C49 40 52 42 52 46" fill="none" stroke={ink.straw88} strokeWidth={2} />
      <Path d="M49 68 C50 76 47 80 49 86" stroke={colour} strokeWidth={3} fill="none" />
    </G>
  );
};
