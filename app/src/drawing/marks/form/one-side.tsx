import { G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { card, green, leafAt } from '../../pieces';
import type { Draw } from '../mark';

export const oneSide: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M50 98 V14" {...green} />
      {[leafAt(50, 76, 66, 1, ink.healthy), leafAt(50, 52, 60, 1, ink.healthy), leafAt(50, 30, 46, 0.9, ink.healthy)]}
      {[leafAt(50, 74, -138, 1, tone), leafAt(50, 50, -142, 1, tone), leafAt(50, 30, -146, 0.9, tone)]}
    </G>
  );
};
