import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { G, Path } from 'react-native-svg';
import { toneColours } from '../ink';
import { thin } from '../pieces';
import type { MarkOf } from './mark';

export function Edge({ mark, base }: { mark: MarkOf<'edge'>; base: PlateBase }): ReactElement {
  const { tone, from = 'all', wide, before } = mark;
  const colour = toneColours[tone];
  const width = wide ? 9 : 5;
  if (base === 'long-leaf')
    return <Path d="M50 4 C45 16 44 24 44 32 C48 30 52 30 56 32 C56 24 55 16 50 4Z" fill={colour} {...thin} />;
  if (base === 'shoot')
    return (
      <G>
        <Path
          d="M50 26 C44 20 44 12 50 6 C56 12 56 20 50 26Z M22 34 l6 2 l-3 6Z M76 26 l-7 1 l4 6Z"
          fill={colour}
          {...thin}
        />
        <Path d="M50 7 C54 4 58 6 57 11" fill="none" stroke={colour} strokeWidth={2.4} />
      </G>
    );
  if (from === 'tip')
    return <Path d="M50 8 C40 18 34 27 30 36 C42 32 58 32 70 36 C66 27 60 18 50 8Z" fill={colour} {...thin} />;
  if (from === 'side')
    return (
      <Path
        d="M74 34 C83 52 82 66 70 80 L52 62Z M27 34 C18 48 18 58 24 70 L46 52Z"
        fill={colour}
        {...thin}
        strokeWidth={0.6}
      />
    );
  const rim = (stroke: string, strokeWidth: number, scale = 1) => (
    <Path
      d="M50 91 C22 77 15 45 50 11 C85 45 78 77 50 91Z"
      transform={`translate(${50 - 50 * scale} ${51 - 51 * scale}) scale(${scale})`}
      fill="none"
      stroke={stroke}
      strokeWidth={strokeWidth}
      strokeLinejoin="round"
    />
  );
  return (
    <G>
      {before && rim(toneColours[before], 5, 0.84)}
      {rim(colour, width)}
    </G>
  );
}
