import { G, Path, Text } from 'react-native-svg';
import { line, words } from '../../pieces';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const feedBag: NamedMark = () => (
  <G>
    <Path d="M28 26 H72 L76 82 H24Z" fill={ink.straw80} {...line} />
    <Path d="M28 26 L34 16 H66 L72 26Z" fill={ink.straw80} {...line} />
    <Text x={50} y={64} fontSize={32} {...words}>
      N
    </Text>
  </G>
);
