import { G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { card, leafAt } from '../../pieces';
import type { Draw } from '../mark';

export const dieback: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path
        d="M50 98 C50 70 50 40 52 8 M50 70 C36 60 28 48 22 30 M50 56 C64 48 72 38 80 26"
        fill="none"
        stroke={ink.brown}
        strokeWidth={4}
        strokeLinecap="round"
      />
      <Path
        d="M51 40 C51 28 52 18 52 8 M30 48 C27 42 24 36 22 30"
        fill="none"
        stroke={ink.wetSoil}
        strokeWidth={4.4}
        strokeLinecap="round"
      />
      {[
        leafAt(70, 40, 100, 0.7, ink.healthy),
        leafAt(78, 28, 20, 0.7, ink.healthy),
        leafAt(60, 50, -20, 0.6, ink.healthy),
        leafAt(50, 82, 70, 0.8, ink.healthy),
        leafAt(50, 84, -70, 0.8, ink.healthy),
      ]}
      {[leafAt(24, 34, -120, 0.6, tone), leafAt(52, 16, 130, 0.6, tone), leafAt(51, 24, -130, 0.5, tone)]}
    </G>
  );
};
