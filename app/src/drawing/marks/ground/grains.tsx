import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const grains: Draw<'ground'> = () => (
  <G>
    {strewn(90, 3, { x: 50, y: 54, rx: 30, ry: 12 }).map(({ x, y }, at) => (
      <Circle
        key={at}
        cx={x}
        cy={y}
        r={2 + (at % 3) * 0.4}
        fill={at % 2 ? ink.earth16 : ink.earth32}
        stroke={ink.earth08}
        strokeWidth={0.4}
      />
    ))}
  </G>
);
