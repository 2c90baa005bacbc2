import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { green, leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const many: Draw<'form'> = () => (
  <G>
    {[16, 50, 84].map((x, at) => (
      <G key={x} transform={`translate(${x} 42)`}>
        <Path d="M0 0 V-22" {...green} strokeWidth={2} />
        {at === 0 && (
          <Path
            d="M0 -22 C-8 -22 -12 -30 -6 -34 C0 -30 8 -36 10 -28 C8 -22 4 -22 0 -22Z"
            fill={ink.pale}
            {...line}
            strokeWidth={1}
          />
        )}
        {at === 1 && [
          leafAt(0, -18, -50, 0.5, ink.pale),
          leafAt(0, -18, 60, 0.4, ink.pale),
          leafAt(0, -22, 10, 0.4, ink.pale),
        ]}
        {at === 2 && (
          <Path
            d="M0 -22 C-4 -30 4 -32 -2 -38 M0 -20 C8 -24 4 -30 10 -34 M0 -16 C-8 -18 -8 -24 -13 -24"
            fill="none"
            stroke={ink.leaf64}
            strokeWidth={3}
            strokeLinecap="round"
          />
        )}
      </G>
    ))}
  </G>
);
