import { G, Path, Rect } from 'react-native-svg';
import { ink, strewn } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const lawn: Base = (tint) => (
  <G>
    <Rect x={2} y={34} width={96} height={64} fill={tint === 'yellow' ? ink.moss72 : ink.leaf64} {...rim} />
    {strewn(46, 4, { x: 50, y: 64, rx: 46, ry: 28 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        d={`M${x} ${y} l${turn / 22} -6`}
        stroke={tint === 'yellow' ? ink.moss56 : ink.leaf48}
        strokeWidth={1.2}
      />
    ))}
  </G>
);
