import type { ReactElement } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { bold, plantLeaf } from './pieces';

export const bush: ReactElement = (
  <G>
    <Path
      d="M150 262 V80 M150 230 C120 200 104 170 96 120 M150 220 C182 196 200 160 206 116"
      stroke={ink.brown}
      strokeWidth={7}
      fill="none"
      strokeLinecap="round"
    />
    {[
      plantLeaf(96, 124, -30),
      plantLeaf(100, 150, -80, 0.9),
      plantLeaf(206, 120, 30),
      plantLeaf(200, 150, 80, 0.9),
      plantLeaf(150, 84, 0),
      plantLeaf(150, 110, -50, 0.9),
      plantLeaf(150, 112, 50, 0.9),
      plantLeaf(150, 160, -64, 0.9),
      plantLeaf(150, 166, 62, 0.9),
      plantLeaf(140, 222, -80, 1, ink.leaf64),
      plantLeaf(162, 214, 86, 1, ink.leaf64),
    ]}
    {[
      [186, 168],
      [190, 182],
      [184, 194],
      [118, 176],
      [114, 190],
    ].map(([x, y]) => (
      <Circle key={`${x} ${y}`} cx={x} cy={y} r={7} fill={ink.fruit} {...bold} />
    ))}
  </G>
);
