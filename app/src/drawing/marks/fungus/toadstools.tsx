import { G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const toadstools: Draw<'fungus'> = ({ mark }) => {
  const fill = toneColours[mark.tone];
  const toadstool = (x: number, y: number, size: number) => (
    <G key={x} transform={`translate(${x} ${y}) scale(${size})`}>
      <Path d="M-3 0 C-3 -10 -2 -14 -2 -18 H2 C2 -14 3 -10 3 0Z" fill={ink.straw96} {...line} strokeWidth={1} />
      <Path d="M-12 -16 C-10 -28 10 -28 12 -16 C4 -13 -4 -13 -12 -16Z" fill={fill} {...line} strokeWidth={1.1} />
    </G>
  );
  return <G>{[toadstool(30, 88, 1), toadstool(48, 92, 1.2), toadstool(66, 88, 0.9)]}</G>;
};
