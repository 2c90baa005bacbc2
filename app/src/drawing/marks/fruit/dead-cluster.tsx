import { Ellipse, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

/** Shrivelled blossoms that hang from one spur, by where each ends and how it leans. */
const blossoms = [
  [26, 54, -18],
  [40, 62, -6],
  [56, 63, 6],
  [71, 55, 18],
] as const;

export const deadCluster: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={72} {...card} />
    <Path d="M4 14 C30 20 66 18 96 10" fill="none" stroke={ink.earth56} strokeWidth={6} strokeLinecap="round" />
    {blossoms.map(([x, y, lean]) => (
      <G key={x}>
        <Path d={`M50 18 C${50 + lean / 2} 30 ${x} 36 ${x} ${y - 8}`} fill="none" {...line} />
        <Ellipse cx={x} cy={y} rx={6} ry={9} transform={`rotate(${lean} ${x} ${y})`} fill={ink.earth56} {...line} />
      </G>
    ))}
  </G>
);
