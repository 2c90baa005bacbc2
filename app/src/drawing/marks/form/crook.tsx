import { G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { card, leafAt } from '../../pieces';
import type { Draw } from '../mark';

export const crook: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path
        d="M46 98 C46 70 44 50 46 36 C48 18 66 12 72 26 C74 34 68 40 64 36"
        fill="none"
        stroke={ink.earth24}
        strokeWidth={4}
        strokeLinecap="round"
      />
      {[
        leafAt(46, 66, -100, 0.9, tone),
        leafAt(46, 52, 110, 0.8, tone),
        leafAt(52, 22, -30, 0.6, tone),
        leafAt(70, 24, 120, 0.7, tone),
      ]}
      {leafAt(46, 88, -60, 0.8, ink.healthy)}
    </G>
  );
};
