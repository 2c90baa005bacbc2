import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { bold, plantLeaf } from './pieces';

export const tree: ReactElement = (
  <G>
    <Path d="M138 262 C144 220 144 190 142 150 H158 C156 190 158 220 164 262Z" fill={ink.brown} {...bold} />
    <Path
      d="M150 160 C110 150 84 140 60 120 M150 150 C190 142 216 132 242 112 M150 150 V70"
      stroke={ink.brown}
      strokeWidth={8}
      fill="none"
      strokeLinecap="round"
    />
    {[
      plantLeaf(62, 122, -40),
      plantLeaf(90, 136, -10, 0.9),
      plantLeaf(116, 150, 20, 0.9),
      plantLeaf(240, 114, 40),
      plantLeaf(212, 130, 8, 0.9),
      plantLeaf(186, 144, -20, 0.9),
      plantLeaf(150, 76, 0),
      plantLeaf(150, 104, -55, 0.9),
      plantLeaf(150, 106, 55, 0.9),
      plantLeaf(108, 148, 160, 0.8, ink.leaf64),
      plantLeaf(196, 142, 200, 0.8, ink.leaf64),
    ]}
    {[
      [84, 150],
      [222, 140],
    ].map(([x, y]) => (
      <Circle key={x} cx={x} cy={y} r={12} fill={ink.fruit} {...bold} />
    ))}
  </G>
);
