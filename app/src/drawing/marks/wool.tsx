import type { ReactElement } from 'react';
import { Circle, Ellipse, G } from 'react-native-svg';
import { ink, strewn } from '../ink';
import { thin } from '../pieces';
import type { MarkOf } from './mark';

export function Wool({ mark }: { mark: MarkOf<'wool'> }): ReactElement {
  const tuft = (x: number, y: number, size: number) => (
    <G key={`${x} ${y}`} transform={`translate(${x} ${y}) scale(${size})`}>
      {strewn(9, 2, { x: 0, y: 0, rx: 6, ry: 5 }).map((dot, at) => (
        <Circle key={at} cx={dot.x} cy={dot.y} r={3} fill={ink.white} stroke={ink.stone64} strokeWidth={0.6} />
      ))}
      <Ellipse cx={0} cy={0} rx={3} ry={1.8} fill={ink.rose72} {...thin} strokeWidth={0.5} />
    </G>
  );
  const spots: Record<MarkOf<'wool'>['at'], readonly (readonly [number, number, number])[]> = {
    joints: [
      [47, 60, 1.1],
      [56, 36, 1.1],
      [44, 64, 0.8],
    ],
    bark: [
      [42, 34, 1.3],
      [58, 52, 1.1],
      [46, 66, 1],
    ],
    roots: [
      [44, 50, 1],
      [58, 62, 1],
      [38, 70, 0.8],
    ],
    under: [
      [42, 40, 1],
      [58, 56, 1],
    ],
  };
  return <G>{spots[mark.at].map(([x, y, size]) => tuft(x, y, size))}</G>;
}
