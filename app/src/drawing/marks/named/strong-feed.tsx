import { G, Path, Text } from 'react-native-svg';
import { ink } from '../../ink';
import { line, words } from '../../pieces';
import type { NamedMark } from '../mark';

export const strongFeed: NamedMark = () => (
  <G>
    <Path
      d="M24 40 C24 24 46 24 46 40 C46 50 24 50 24 40Z M54 40 C54 24 76 24 76 40 C76 50 54 50 54 40Z"
      fill={ink.leaf72}
      {...line}
    />
    <Path d="M35 49 V82 M65 49 V82" stroke={ink.steel} strokeWidth={5} strokeLinecap="round" />
    <Text x={50} y={24} fontSize={18} {...words}>
      ++
    </Text>
  </G>
);
