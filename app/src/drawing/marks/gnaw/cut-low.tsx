import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { green, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const cutLow: Draw<'gnaw'> = () => (
  <G>
    <Path d="M30 80 V73 L34 70 V80Z M66 80 V74 L70 71 V80Z" fill={ink.leaf72} {...line} strokeWidth={1} />
    <G transform="translate(36 74) rotate(80)">
      <Path d="M0 0 V-34" {...green} />
      {leafAt(0, -32, -60, 0.5, ink.healthy)}
      {leafAt(0, -32, 60, 0.5, ink.healthy)}
    </G>
  </G>
);
