import type { ReactElement } from 'react';
import { G } from 'react-native-svg';
import { plantLeaf } from './pieces';
import { ink } from '../ink';

export const rosette: ReactElement = (
  <G>
    {[
      plantLeaf(150, 254, -82, 2, ink.leaf64),
      plantLeaf(150, 254, 82, 2, ink.leaf64),
      plantLeaf(150, 252, -56, 2.3),
      plantLeaf(150, 252, 56, 2.3),
      plantLeaf(150, 250, -28, 2.6),
      plantLeaf(150, 250, 28, 2.6),
      plantLeaf(150, 248, 0, 2.4, ink.leaf64),
      plantLeaf(150, 236, -12, 1.4, ink.leaf72),
      plantLeaf(150, 236, 14, 1.3, ink.leaf72),
    ]}
  </G>
);
