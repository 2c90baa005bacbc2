import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

export const brownBuds: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={66} {...card} />
    <Path d="M50 70 C30 62 30 30 50 10 C70 30 70 62 50 70Z" fill={ink.earth56} {...line} />
    <Path
      d="M50 12 C44 30 44 52 50 68 M40 28 C44 40 44 54 46 66 M60 28 C56 40 56 54 54 66"
      fill="none"
      stroke={ink.earth32}
      strokeWidth={1.4}
    />
    <Path
      d="M50 70 C40 68 34 60 32 52 C40 56 46 62 50 70 C54 62 60 56 68 52 C66 60 60 68 50 70Z"
      fill={ink.healthy}
      {...line}
    />
  </G>
);
