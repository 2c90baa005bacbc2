import { G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const bracket: Draw<'fungus'> = ({ mark }) => {
  const fill = toneColours[mark.tone];
  return (
    <G>
      {[
        [62, 34, 1],
        [60, 56, 1.25],
      ].map(([x = 0, y = 0, size = 1]) => (
        <G key={y} transform={`translate(${x} ${y}) scale(${size})`}>
          <Path d="M-4 -8 C14 -14 30 -6 30 4 C20 10 6 10 -4 8Z" fill={fill} {...line} />
          <Path d="M-2 -3 C12 -8 22 -3 28 3 M-2 3 C10 0 18 2 24 6" fill="none" stroke={ink.straw72} strokeWidth={1.8} />
        </G>
      ))}
    </G>
  );
};
