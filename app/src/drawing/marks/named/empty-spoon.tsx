import { G, Path, Text } from 'react-native-svg';
import { ink } from '../../ink';
import { line, words } from '../../pieces';
import type { NamedMark } from '../mark';

export const emptySpoon: NamedMark = () => (
  <G>
    <Path d="M36 36 C36 16 64 16 64 36 C64 50 36 50 36 36Z" fill={ink.card} {...line} />
    <Path d="M50 47 V86" stroke={ink.steel} strokeWidth={6} strokeLinecap="round" />
    <Text x={50} y={40} fontSize={18} {...words}>
      0
    </Text>
  </G>
);
