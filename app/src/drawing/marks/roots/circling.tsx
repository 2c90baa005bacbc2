import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const circling: Draw<'roots'> = () => (
  <G>
    <Rect x={14} y={40} width={72} height={58} {...card} />
    <Path d="M22 46 H78 L72 94 H28Z" fill={ink.earth32} {...line} />
    {[54, 62, 70, 78, 86].map((y, at) => (
      <Path
        key={y}
        d={`M${24 + at} ${y} C40 ${y + 7} 60 ${y - 6} ${76 - at} ${y + 1}`}
        fill="none"
        stroke={ink.straw96}
        strokeWidth={3}
      />
    ))}
    <Path d="M50 46 C50 34 48 26 50 14" fill="none" stroke={ink.rib} strokeWidth={3} />
    {leafAt(50, 26, -56, 0.6, ink.pale)}
    {leafAt(50, 26, 56, 0.6, ink.pale)}
  </G>
);
