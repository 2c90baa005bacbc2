import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const cone: Draw<'wood'> = () => (
  <G>
    <Path d="M12 92 C26 60 38 46 50 44 C62 46 76 60 88 92Z" fill={ink.earth32} {...line} />
    {strewn(26, 4, { x: 50, y: 74, rx: 26, ry: 14 }).map(({ x, y, turn }, at) => (
      <Path key={at} d={`M${x} ${y} l${5 + turn / 30} ${turn / 30}`} stroke={ink.earth56} strokeWidth={2} />
    ))}
  </G>
);
