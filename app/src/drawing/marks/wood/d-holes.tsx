import { G, Path } from 'react-native-svg';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const dHoles: Draw<'wood'> = () => (
  <G>
    {[
      [42, 24],
      [58, 40],
      [44, 58],
    ].map(([x, y]) => (
      <Path
        key={y}
        d={`M${x} ${(y ?? 0) - 5} H${(x ?? 0) + 1} C${(x ?? 0) + 8} ${(y ?? 0) - 4} ${(x ?? 0) + 8} ${(y ?? 0) + 4} ${(x ?? 0) + 1} ${(y ?? 0) + 5} H${x}Z`}
        fill={ink.earth08}
        stroke={ink.wetSoil}
        strokeWidth={1.2}
      />
    ))}
    <Path d="M54 62 C60 66 48 70 56 74 C64 78 52 80 58 84" fill="none" stroke={ink.straw80} strokeWidth={2.6} />
  </G>
);
