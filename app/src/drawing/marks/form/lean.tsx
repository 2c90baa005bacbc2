import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { green, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const lean: Draw<'form'> = () => (
  <G>
    <Path d="M50 44 C52 30 62 20 78 14" {...green} />
    {[
      leafAt(58, 28, -10, 0.6, ink.healthy),
      leafAt(64, 22, 110, 0.6, ink.healthy),
      leafAt(76, 15, 60, 0.7, ink.healthy),
    ]}
    <Rect x={88} y={2} width={10} height={40} fill={ink.straw88} {...line} strokeWidth={1} />
    <Path d="M93 2 V42 M88 22 H98" {...line} strokeWidth={0.9} />
  </G>
);
