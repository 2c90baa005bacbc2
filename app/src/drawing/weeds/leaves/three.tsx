import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const three: Leaf = (fill) => (
  <G>
    <Path d="M0 0 V-14" stroke={ink.rib} strokeWidth={1.2} />
    {[-80, 0, 80].map((turn) => (
      <Path
        key={turn}
        transform={`translate(0 -14) rotate(${turn})`}
        d="M0 0 C-9 -4 -8 -15 0 -14 C8 -15 9 -4 0 0Z"
        fill={fill}
        {...soft}
        strokeWidth={0.8}
      />
    ))}
  </G>
);
