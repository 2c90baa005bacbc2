import type { ReactElement } from 'react';
import { G, Path } from 'react-native-svg';
import { bold, climbing } from './pieces';
import { ink } from '../ink';

const pod = (x: number, y: number, turn: number) => (
  <Path
    key={`${x} ${y}`}
    transform={`translate(${x} ${y}) rotate(${turn})`}
    d="M0 0 C-9 4 -9 14 -7 24 C-8 34 -6 48 2 58 C6 46 6 32 5 24 C6 14 6 6 0 0Z"
    fill={ink.leaf72}
    {...bold}
  />
);

export const podded: ReactElement = (
  <G>
    {climbing}
    {[pod(132, 164, 14), pod(172, 158, -12), pod(184, 164, -26)]}
  </G>
);
