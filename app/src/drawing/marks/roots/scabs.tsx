import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const scabs: Draw<'roots'> = () => (
  <G>
    {strewn(7, 3, { x: 50, y: 58, rx: 27, ry: 17 }).map(({ x, y }, at) => (
      <G key={at} transform={`translate(${x} ${y})`}>
        <Path d="M-6 -1 L-2 -6 L4 -5 L7 1 L2 6 L-5 4Z" fill={ink.earth48} {...line} strokeWidth={0.9} />
        <Path d="M-3 0 L3 1 M0 -3 L1 4" stroke={ink.straw80} strokeWidth={0.9} />
      </G>
    ))}
  </G>
);
