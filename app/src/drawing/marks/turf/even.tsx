import { Ellipse, G } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const even: Draw<'turf'> = () => (
  <G>
    {[
      [24, 52],
      [70, 58],
      [48, 78],
    ].map(([x = 0, y = 0]) => (
      <G key={x} transform={`translate(${x} ${y})`}>
        {[0, 120, 240].map((turn) => (
          <Ellipse
            key={turn}
            transform={`rotate(${turn})`}
            cx={0}
            cy={-5}
            rx={3.4}
            ry={4.6}
            fill={ink.leaf48}
            stroke={ink.line}
            strokeWidth={0.6}
          />
        ))}
      </G>
    ))}
  </G>
);
