import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const torn: Draw<'gnaw'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path
        d="M42 98 C44 76 43 60 42 46 L45 30 L48 42 L51 24 L53 40 L57 30 C58 50 58 76 56 98Z"
        fill={ink.moss64}
        {...line}
      />
      <Path d="M57 44 C62 52 62 60 66 68" fill="none" stroke={ink.pale} strokeWidth={3} />
      {leafAt(43, 80, -66, 0.9, ink.healthy)}
    </G>
  );
};
