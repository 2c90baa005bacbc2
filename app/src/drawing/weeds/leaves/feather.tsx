import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { soft } from '../../pieces';
import type { Leaf } from '../parts';

export const feather: Leaf = (fill) => (
  <G>
    <Path d="M0 0 V-34" stroke={ink.rib} strokeWidth={1.2} />
    {[6, 12, 18, 24, 30].map((y) => (
      <Path
        key={y}
        d={`M0 ${-y} C-4 ${-y - 5} -9 ${-y - 5} -10 ${-y - 1} C-7 ${-y + 2} -3 ${-y + 2} 0 ${-y} C4 ${-y - 5} 9 ${-y - 5} 10 ${-y - 1} C7 ${-y + 2} 3 ${-y + 2} 0 ${-y}`}
        fill={fill}
        {...soft}
        strokeWidth={0.6}
      />
    ))}
  </G>
);
