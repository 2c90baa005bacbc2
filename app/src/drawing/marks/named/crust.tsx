import { G, Path, Rect } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { pair, stalk, thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const crust: NamedMark = () => (
  <G>
    <Path
      d="M22 45 C30 40 36 47 44 42 C52 47 60 40 68 45 C74 42 78 45 78 45 C70 51 30 51 22 45Z"
      fill={ink.white}
      {...thin}
    />
    {strewn(12, 2, { x: 50, y: 50, rx: 30, ry: 4 }).map(({ x, y }, at) => (
      <Rect key={at} x={x - 1.4} y={y - 1.4} width={2.8} height={2.8} fill={ink.white} {...thin} strokeWidth={0.5} />
    ))}
    <Path d="M50 42 V20" {...stalk} />
    {pair(50, 22, 0.5, ink.healthy)}
  </G>
);
