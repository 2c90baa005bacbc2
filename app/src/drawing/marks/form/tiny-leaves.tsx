import { G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { card, green, leafAt } from '../../pieces';
import type { Draw } from '../mark';

export const tinyLeaves: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M50 98 V30" {...green} />
      {[-70, -40, -15, 15, 40, 70].map((turn) =>
        leafAt(50, 30, turn, mark.tone ? 0.42 : 0.5, mark.tone ? tone : ink.pale),
      )}
      {[-60, 60].map((turn) => leafAt(50, 38, turn, 0.45, mark.tone ? tone : ink.pale))}
      {leafAt(50, 80, -66, 1, ink.healthy)}
      {leafAt(50, 74, 66, 1, ink.healthy)}
      {mark.tone && <Path d="M42 18 C46 14 54 14 58 18" fill="none" stroke={ink.moss96} strokeWidth={2.4} />}
    </G>
  );
};
