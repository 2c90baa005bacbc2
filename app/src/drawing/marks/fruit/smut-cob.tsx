import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

/** Rows of kernels, and the bladders that have swollen from some of them. */
const rows = [24, 34, 44, 54, 64];
const columns = [40, 50, 60];
const bladders = [
  [38, 30, 10],
  [62, 42, 12],
  [44, 58, 9],
] as const;

export const smutCob: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Path d="M50 8 C66 18 70 60 60 84 H40 C30 60 34 18 50 8Z" fill={ink.gold80} {...line} />
    {rows.flatMap((y) =>
      columns.map((x) => <Circle key={`${x}-${y}`} cx={x} cy={y} r={4} fill="none" stroke={ink.earth48} />),
    )}
    {bladders.map(([x, y, r]) => (
      <Circle key={x} cx={x} cy={y} r={r} fill={ink.stone64} {...line} />
    ))}
    <Path
      d="M40 84 C22 76 22 56 26 44 C32 62 36 74 50 90 C64 74 68 62 74 44 C78 56 78 76 60 84Z"
      fill={ink.healthy}
      {...line}
    />
  </G>
);
