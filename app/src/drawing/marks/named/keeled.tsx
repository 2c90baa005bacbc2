import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { pair, stalk, thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const keeled: NamedMark = () => (
  <G>
    <Path d="M22 82 V50" {...stalk} />
    {pair(22, 50, 0.5, ink.healthy)}
    <Path d="M52 82 C53 78 56 76 62 76 L86 74" {...stalk} strokeWidth={2} />
    <Path
      d="M86 74 C92 66 98 68 98 74 C96 80 90 80 86 74Z M84 74 C78 66 72 68 72 72 C76 78 80 78 84 74Z"
      fill={ink.dull}
      {...thin}
    />
    <Circle cx={52} cy={81} r={5} fill="none" stroke={ink.fruit} strokeWidth={1.6} />
  </G>
);
