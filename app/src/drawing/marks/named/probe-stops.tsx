import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { NamedMark } from '../mark';

export const probeStops: NamedMark = () => (
  <G>
    <Rect x={2} y={66} width={96} height={32} fill={ink.wetSoil} />
    <Path d="M8 74 H92 M8 84 H92 M8 93 H92" stroke={ink.line} strokeWidth={1.4} strokeDasharray="8 4" />
    <Path d="M40 8 L50 64 C52 70 60 66 58 60" stroke={ink.steel} strokeWidth={4} fill="none" strokeLinecap="round" />
    <Circle cx={39} cy={6} r={5} fill={ink.fruit} {...line} />
    <Path d="M80 42 V64 M76 42 h8 M76 64 h8" stroke={ink.card} strokeWidth={1.8} />
  </G>
);
