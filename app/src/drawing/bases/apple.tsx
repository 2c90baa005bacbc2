import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const apple: Base = (tint) => (
  <G>
    <Path
      d="M50 30 C40 18 14 22 14 52 C14 78 34 94 50 88 C66 94 86 78 86 52 C86 22 60 18 50 30Z"
      fill={tint === 'brown' ? ink.earth48 : ink.gold72}
      {...rim}
    />
    <Path
      d="M70 32 C84 44 84 70 70 82 C78 66 78 46 70 32Z"
      fill={tint === 'brown' ? ink.brown : ink.rust48}
      fillOpacity={0.7}
    />
    <Path d="M50 32 C50 20 54 12 60 6 M54 16 C62 8 74 8 80 12 C74 20 62 22 54 16Z" fill={ink.healthy} {...rim} />
  </G>
);
