/** Pieces that several of these drawings share. */
import { Path } from 'react-native-svg';
import { ink } from '../ink';

export const bold = { stroke: ink.line, strokeWidth: 2, strokeLinejoin: 'round' } as const;

export const plantLeaf = (x: number, y: number, turn: number, size = 1, fill: string = ink.healthy) => (
  <Path
    key={`${x} ${y}`}
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d="M0 0 C-16 -14 -18 -40 0 -58 C18 -40 16 -14 0 0Z"
    fill={fill}
    {...bold}
  />
);

/** Leaves up one stem, which fruit or pods hang from. */
export const climbing = (
  <>
    <Path d="M150 262 C140 200 164 150 150 40" stroke={ink.rib} strokeWidth={6} fill="none" />
    {[
      plantLeaf(150, 52, -10, 0.9),
      plantLeaf(152, 84, 70),
      plantLeaf(152, 90, -70),
      plantLeaf(156, 140, 76, 1.1),
      plantLeaf(154, 146, -74, 1.1),
      plantLeaf(148, 214, -80, 1.1, ink.leaf64),
      plantLeaf(148, 210, 82, 1.1, ink.leaf64),
    ]}
  </>
);
