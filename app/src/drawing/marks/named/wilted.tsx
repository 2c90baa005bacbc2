import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { stalk, thin } from '../../pieces';
import type { NamedMark } from '../mark';

const wiltedPlant = (
  <G>
    <Path d="M50 46 C50 30 48 22 40 18 C30 14 24 22 24 32 M50 40 C54 26 62 22 70 26 C76 30 76 36 74 42" {...stalk} />
    <Path
      d="M24 32 C14 36 14 50 22 56 C30 50 32 40 24 32Z M74 42 C66 46 66 58 74 64 C82 58 82 48 74 42Z M40 18 C34 22 32 30 38 36 C46 32 46 24 40 18Z"
      fill={ink.dull}
      {...thin}
    />
  </G>
);

export const wilted: NamedMark = () => wiltedPlant;
