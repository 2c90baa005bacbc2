import type { WeedDrawing } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { G } from 'react-native-svg';
import { ink, toneColours, weedTones } from '../ink';
import { flowers } from './flowers';
import { habits } from './habits';
import { leaves } from './leaves';

/** A weed from its habit, leaf and flower. */
export function Weed({ drawing }: { drawing: WeedDrawing }): ReactElement {
  const { habit, leaf, flower, tone, leafTone = 'green' } = drawing;
  const fill = weedTones[leafTone];
  return habits[habit]({
    fill,
    stem: {
      stroke: leafTone === 'red' ? ink.redStem : ink.rib,
      strokeWidth: 2,
      fill: 'none',
      strokeLinecap: 'round',
    },
    leafAt: (x, y, turn, size) => (
      <G key={`${x} ${y} ${turn}`} transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
        {leaves[leaf](fill)}
      </G>
    ),
    flowerAt: (x, y, size, turn = 0) => (
      <G key={`f${x} ${y}`} transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
        {flower === 'none' ? null : flowers[flower](toneColours[tone])}
      </G>
    ),
  });
}
