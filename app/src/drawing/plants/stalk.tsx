import type { ReactElement } from 'react';
import { G, Path } from 'react-native-svg';
import { bold, plantLeaf } from './pieces';
import { ink } from '../ink';

export const stalk: ReactElement = (
  <G>
    <Path d="M136 258 C138 210 140 180 144 150 H156 C160 180 162 210 164 258Z" fill={ink.moss96} {...bold} />
    {[
      plantLeaf(146, 160, -40, 2),
      plantLeaf(154, 160, 40, 2),
      plantLeaf(150, 150, -8, 2.1),
      plantLeaf(150, 176, 66, 1.6, ink.leaf64),
      plantLeaf(150, 176, -66, 1.6, ink.leaf64),
    ]}
  </G>
);
