import { Circle, G } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { Draw } from '../mark';

export const fallsApart: Draw<'ground'> = () => (
  <G>
    {strewn(60, 4, { x: 50, y: 46, rx: 30, ry: 22 }).map(({ x, y }, at) => (
      <Circle
        key={at}
        cx={x}
        cy={y}
        r={1.5}
        fill={at % 3 ? ink.straw72 : ink.straw64}
        stroke={ink.earth40}
        strokeWidth={0.3}
      />
    ))}
  </G>
);
