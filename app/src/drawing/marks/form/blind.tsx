import { Circle, G, Path } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const blind: Draw<'form'> = ({ mark }) => {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  return mark.tone === 'red' || mark.tone === 'yellow' ? (
    <G>{[leafAt(50, 30, -34, 0.8, tone), leafAt(50, 30, 34, 0.8, tone), leafAt(50, 24, 0, 0.7, tone)]}</G>
  ) : (
    <G>
      <Circle cx={78} cy={20} r={11} fill="none" stroke={ink.line} strokeWidth={1.2} strokeDasharray="2 3" />
      <Path d="M70 12 L86 28" {...line} />
      {mark.tone && [leafAt(50, 70, -30, 0.9, tone), leafAt(50, 62, 30, 0.9, tone), leafAt(50, 44, -8, 0.8, tone)]}
    </G>
  );
};
