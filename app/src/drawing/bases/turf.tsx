import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const turf: Base = () => (
  <G>
    <Rect x={2} y={62} width={96} height={36} fill={ink.soil} {...rim} />
    <Rect x={2} y={50} width={96} height={14} fill={ink.leaf64} {...rim} />
    {[6, 14, 22, 30, 38, 46, 54, 62, 70, 78, 86, 93].map((x, at) => (
      <Path key={x} d={`M${x} 52 l${(at % 3) - 1} -9`} stroke={ink.leaf48} strokeWidth={1.6} />
    ))}
  </G>
);
