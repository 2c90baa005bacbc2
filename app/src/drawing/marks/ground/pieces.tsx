/** Pieces that several of these drawings share. */
import type { ReactElement } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';

/** Layers from the bottom up: colour and height. */
export function Jar({ layers }: { layers: readonly (readonly [string, number])[] }): ReactElement {
  const floor = 92;
  const below = (count: number) => layers.slice(0, count).reduce((sum, [, height]) => sum + height, 0);
  const waterLine = floor - below(layers.length);
  return (
    <G>
      <Rect x={0} y={0} width={100} height={100} {...card} />
      <Path d="M34 8 H66 V14 C74 18 76 22 76 30 V92 H24 V30 C24 22 26 18 34 14Z" fill={ink.stone96} {...line} />
      {layers.map(([colour, height], index) => (
        <Rect
          key={colour}
          x={25}
          y={floor - below(index + 1)}
          width={50}
          height={height}
          fill={colour}
          stroke={ink.earth24}
          strokeWidth={0.8}
        />
      ))}
      <Rect x={25} y={22} width={50} height={waterLine - 22} fill={ink.water} fillOpacity={0.35} />
    </G>
  );
}
