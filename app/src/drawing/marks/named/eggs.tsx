import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const eggs: NamedMark = () => (
  <G>
    {strewn(13, 1, { x: 46, y: 52, rx: 13, ry: 13 }).map(({ x, y }, at) => (
      <Path
        key={at}
        d={`M${x} ${y - 5} C${x + 3} ${y - 2} ${x + 3} ${y + 4} ${x} ${y + 5} C${x - 3} ${y + 4} ${x - 3} ${y - 2} ${x} ${y - 5}Z`}
        fill={ink.gold80}
        {...thin}
      />
    ))}
  </G>
);
