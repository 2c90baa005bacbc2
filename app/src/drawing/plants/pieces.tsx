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
