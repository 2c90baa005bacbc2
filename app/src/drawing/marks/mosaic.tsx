import type { ReactElement } from 'react';
import { G, Path } from 'react-native-svg';
import { ink, strewn, toneColours } from '../ink';
import type { MarkOf } from './mark';

export const Mosaic = ({ mark }: { mark: MarkOf<'mosaic'> }): ReactElement => (
  <G>
    {strewn(15, 5, { x: 50, y: 52, rx: 24, ry: 33 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        d="M-6 -3 L1 -7 L6 -2 L5 5 L-3 6Z"
        fill={at % 3 === 0 ? ink.leaf40 : toneColours[mark.tone]}
      />
    ))}
  </G>
);
