import { Circle, G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const pimples: Draw<'fungus'> = () => (
  <G>
    <Path d="M44 98 C46 60 44 30 46 4 L56 4 C55 30 57 60 56 98Z" fill={ink.earth32} {...line} />
    {[14, 24, 33, 44, 53, 62, 72, 82, 90].map((y, at) => (
      <Circle key={y} cx={at % 2 ? 54 : 48} cy={y} r={3} fill={ink.rust64} {...line} strokeWidth={0.8} />
    ))}
  </G>
);
