import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const cap: NamedMark = () => (
  <G>
    <Rect x={2} y={40} width={96} height={12} fill={ink.straw80} {...line} />
    <Path
      d="M16 40 L22 52 L34 46 L40 52 M50 40 L46 50 L58 52 M70 40 L76 52 L88 46 M22 52 L18 62 M58 52 L62 64 M76 52 L72 60"
      stroke={ink.line}
      strokeWidth={1.6}
      fill="none"
    />
  </G>
);
