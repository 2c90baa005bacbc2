import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const slant: Draw<'gnaw'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M42 98 C44 76 43 60 42 44 L58 26 C58 50 58 76 56 98Z" fill={ink.moss64} {...line} />
      <Path d="M42 44 L58 26 C60 30 46 46 42 44Z" fill={ink.moss88} {...line} strokeWidth={1} />
      {leafAt(43, 80, -66, 0.9, ink.healthy)}
      <Path d="M66 44 L78 24" {...line} strokeDasharray="3 3" fill="none" />
    </G>
  );
};
