import { G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { card, green, leafAt } from '../../pieces';
import type { Draw } from '../mark';

export const fall: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M50 98 C50 70 49 40 50 16" {...green} />
      {mark.tone === 'black'
        ? [
            leafAt(50, 70, -140, 1, tone),
            leafAt(50, 60, 140, 1, tone),
            leafAt(50, 42, -150, 0.9, tone),
            leafAt(50, 36, 145, 0.9, tone),
            leafAt(50, 18, 165, 0.7, tone),
          ]
        : [
            leafAt(50, 22, -30, 0.7, ink.healthy),
            leafAt(22, 66, 100, 0.8, tone),
            leafAt(80, 54, -120, 0.8, ink.healthy),
            leafAt(28, 92, 70, 0.8, tone),
            leafAt(84, 90, -80, 0.8, tone),
          ]}
      {mark.tone !== 'black' && (
        <Path d="M34 40 v10 M68 34 v10 M72 70 v8" stroke={ink.line} strokeWidth={1} strokeDasharray="2 2" />
      )}
    </G>
  );
};
