import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const ring: Draw<'gnaw'> = () => (
  <G>
    <Path d="M22 74 C28 66 72 66 78 74 L82 86 C70 80 30 80 18 86Z" fill={ink.straw88} {...line} />
    {[28, 38, 48, 58, 68].map((x) => (
      <Path key={x} d={`M${x} 72 l2 8 M${x + 4} 72 l1 8`} stroke={ink.earth56} strokeWidth={1.2} />
    ))}
  </G>
);
