import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const powder: NamedMark = () => (
  <G>
    {[
      [38, 40, 11],
      [60, 52, 13],
      [44, 68, 9],
      [60, 30, 7],
    ].map(([x = 0, y = 0, r = 0]) => (
      <G key={`${x} ${y}`}>
        <Circle cx={x} cy={y} r={r} fill={ink.white} fillOpacity={0.92} />
        {strewn(10, r, { x, y, rx: r + 2, ry: r + 2 }).map((dot, at) => (
          <Circle key={at} cx={dot.x} cy={dot.y} r={1} fill={ink.stone80} />
        ))}
      </G>
    ))}
  </G>
);
