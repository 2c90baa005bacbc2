import { G, Line, Rect, Text } from 'react-native-svg';
import { ink } from '../../ink';
import { line, words } from '../../pieces';
import type { NamedMark } from '../mark';

export const ec: NamedMark = () => (
  <G>
    <Rect x={36} y={4} width={28} height={34} rx={4} fill={ink.steel} {...line} />
    <Rect x={40} y={9} width={20} height={13} fill={ink.card} {...line} />
    <Text x={50} y={19.5} fontSize={10} {...words}>
      3.1
    </Text>
    <Line x1={50} y1={38} x2={50} y2={48} stroke={ink.line} strokeWidth={4} />
  </G>
);
