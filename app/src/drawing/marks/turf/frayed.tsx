import { G, Path, Rect } from 'react-native-svg';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const frayed: Draw<'turf'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    {[18, 34, 50, 66, 82].map((x, at) => (
      <G key={x}>
        <Path
          d={`M${x - 5} 98 C${x - 4} 70 ${x - 3} 50 ${x - 4} 34 H${x + 4} C${x + 3} 50 ${x + 4} 70 ${x + 5} 98Z`}
          fill={ink.leaf64}
          {...line}
          strokeWidth={1}
        />
        <Path
          d={`M${x - 4} 36 L${x - 5} 20 L${x - 2} 30 L${x} ${at % 2 ? 14 : 18} L${x + 2} 30 L${x + 5} 22 L${x + 4} 36Z`}
          fill={ink.moss88}
          stroke={ink.straw64}
          strokeWidth={0.9}
        />
      </G>
    ))}
  </G>
);
