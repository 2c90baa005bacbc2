import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

export const fork: Draw<'roots'> = () => (
  <G>
    <Rect x={20} y={29} width={62} height={70} {...card} />
    <Path
      d="M34 30 C38 24 62 24 66 30 C66 44 62 52 60 58 C68 68 70 82 68 96 C62 84 56 74 52 66 C48 76 42 88 32 95 C32 80 38 68 42 58 C38 52 34 44 34 30Z"
      fill={ink.orange}
      {...line}
    />
  </G>
);
