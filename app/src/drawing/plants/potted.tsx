import type { ReactElement } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../ink';
import { bold, plantLeaf } from './pieces';

export const potted: ReactElement = (
  <G>
    <Path d="M106 196 H194 L182 268 H118Z" fill={ink.pot} {...bold} />
    <Rect x={98} y={182} width={104} height={18} rx={3} fill={ink.pot} {...bold} />
    <Path
      d="M150 184 V70 M150 150 C130 130 118 116 112 96 M150 150 C170 130 182 116 188 96"
      stroke={ink.rib}
      strokeWidth={5}
      fill="none"
    />
    {[
      plantLeaf(150, 74, 0),
      plantLeaf(112, 100, -30),
      plantLeaf(188, 100, 30),
      plantLeaf(150, 112, -60, 0.9),
      plantLeaf(150, 112, 60, 0.9),
      plantLeaf(146, 170, -78, 0.9, ink.leaf64),
      plantLeaf(154, 168, 78, 0.9, ink.leaf64),
    ]}
  </G>
);
