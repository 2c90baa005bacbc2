import { Circle, Ellipse, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const froth: Draw<'ooze'> = () => (
  <G>
    {strewn(22, 2, { x: 50, y: 56, rx: 15, ry: 13 }).map(({ x, y }, at) => (
      <Circle
        key={at}
        cx={x}
        cy={y}
        r={3.4 + (at % 3)}
        fill={ink.white}
        fillOpacity={0.9}
        stroke={ink.stone64}
        strokeWidth={0.8}
      />
    ))}
    <Ellipse cx={51} cy={56} rx={4} ry={2.6} fill={ink.moss80} {...thin} />
  </G>
);
