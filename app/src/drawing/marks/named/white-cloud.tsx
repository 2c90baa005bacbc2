import { G, Path } from 'react-native-svg';
import { ink, strewn } from '../../ink';
import type { NamedMark } from '../mark';

export const whiteCloud: NamedMark = () => (
  <G>
    {strewn(15, 6, { x: 52, y: 42, rx: 40, ry: 36 }).map(({ x, y, turn }, at) => (
      <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
        <Path d="M0 4 L-6 -3 C-4 -6 -1 -4 0 0 C1 -4 4 -6 6 -3Z" fill={ink.white} stroke={ink.line} strokeWidth={0.9} />
      </G>
    ))}
  </G>
);
