import { Circle, G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const hill: Draw<'turf'> = () => (
  <G>
    {[
      [30, 62, 20],
      [70, 80, 17],
    ].map(([x = 0, y = 0, r = 0]) => (
      <G key={x}>
        <Path
          d={`M${x - r} ${y} C${x - r * 0.5} ${y - r * 1.1} ${x + r * 0.5} ${y - r * 1.1} ${x + r} ${y}Z`}
          fill={ink.soil}
          {...line}
        />
        {strewn(12, 2, { x, y: y - r * 0.35, rx: r * 0.6, ry: r * 0.3 }).map((dot, at) => (
          <Circle key={at} cx={dot.x} cy={dot.y} r={1.6} fill={ink.wetSoil} />
        ))}
      </G>
    ))}
  </G>
);
