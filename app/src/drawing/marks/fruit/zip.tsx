import { G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const zip: Draw<'fruit'> = () => (
  <G>
    <Path d="M54 22 C60 44 60 68 52 90" fill="none" stroke={ink.brown} strokeWidth={2.6} />
    {[32, 42, 52, 62, 72, 82].map((y) => (
      <Path key={y} d={`M53 ${y} L63 ${y - 2}`} stroke={ink.brown} strokeWidth={1.6} />
    ))}
  </G>
);
