import { G, Path, Rect } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const thatch: Draw<'turf'> = () => (
  <G>
    <Rect x={2} y={54} width={96} height={16} fill={ink.straw56} {...line} />
    <Path
      d="M4 58 h14 l-6 4 h16 l-4 4 h20 l-6 -6 h18 l-4 6 h18 l-6 -4 h16 M8 66 h12 M40 68 h14 M70 66 h18"
      fill="none"
      stroke={ink.earth40}
      strokeWidth={1.2}
    />
    <Path d="M90 52 V72 M86 54 l4 -4 l4 4 M86 70 l4 4 l4 -4" {...line} fill="none" />
  </G>
);
