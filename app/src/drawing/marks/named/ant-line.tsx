import { G } from 'react-native-svg';
import { ink } from '../../ink';
import { Bug } from '../../pieces';
import type { NamedMark } from '../mark';

export const antLine: NamedMark = () => (
  <G>
    {[12, 28, 44, 60, 76, 90].map((y, at) => (
      <Bug key={y} x={at % 2 ? 54 : 48} y={y} size={0.85} fill={ink.soot} turn={at % 2 ? 180 : 6} />
    ))}
  </G>
);
