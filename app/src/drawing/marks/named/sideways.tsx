import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const sideways: NamedMark = () => (
  <G>
    <Rect x={2} y={58} width={96} height={40} fill={ink.earth40} {...thin} />
    <Path
      d="M50 22 C50 36 50 48 46 54 C36 58 20 54 8 56 M48 50 C58 57 74 53 92 56 M50 34 C42 46 34 52 24 53"
      stroke={ink.straw88}
      strokeWidth={5}
      fill="none"
      strokeLinecap="round"
    />
    <Path d="M10 70 H90 M14 82 H86" stroke={ink.line} strokeWidth={1.6} strokeDasharray="6 5" />
  </G>
);
