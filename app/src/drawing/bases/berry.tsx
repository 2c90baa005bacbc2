import { Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const berry: Base = () => (
  <G>
    <Path
      d="M50 26 C30 24 20 38 26 58 C32 78 42 92 50 94 C58 92 68 78 74 58 C80 38 70 24 50 26Z"
      fill={ink.rose48}
      {...rim}
    />
    {strewn(22, 2, { x: 50, y: 56, rx: 20, ry: 28 }).map(({ x, y }, at) => (
      <Ellipse key={at} cx={x} cy={y} rx={1.5} ry={2.2} fill={ink.straw88} />
    ))}
    <Path d="M50 28 L34 16 L44 20 L46 8 L52 19 L62 10 L58 22 L68 20Z" fill={ink.dark} {...rim} strokeWidth={1} />
  </G>
);
