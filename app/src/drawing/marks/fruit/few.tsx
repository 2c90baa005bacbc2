import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, green, line } from '../../pieces';
import type { Draw } from '../mark';

export const few: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Path d="M50 98 C50 78 50 66 50 52" {...green} strokeWidth={2} />
    <Path
      d="M50 52 C38 50 24 36 22 16 C34 20 40 24 50 34 C60 24 66 20 78 16 C76 36 62 50 50 52Z"
      fill={ink.yellow}
      {...line}
    />
    <Path d="M50 48 V30" stroke={ink.ochre56} strokeWidth={3} />
    <Path d="M58 66 h22 M58 72 h16" {...line} strokeWidth={1} strokeDasharray="2 3" />
  </G>
);
