import { Ellipse, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

/** A tuber cut through: a narrow way in from the skin, and a wide hollow behind it. */
export const cavity: Draw<'roots'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Ellipse cx={50} cy={54} rx={40} ry={29} fill={ink.straw88} {...line} />
    <Path
      d="M79 36 C72 42 68 44 62 44 C50 38 34 42 32 54 C30 66 46 72 58 68 C68 64 70 56 67 49 C72 48 78 44 82 40Z"
      fill={ink.earth24}
    />
    <Path d="M42 60 C48 64 54 63 58 58" fill="none" stroke={ink.straw72} strokeWidth={1.6} strokeLinecap="round" />
  </G>
);
