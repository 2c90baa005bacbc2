import type { ReactElement } from 'react';
import { Ellipse, G, Path } from 'react-native-svg';
import { ink, toneColours } from '../ink';
import { thin } from '../pieces';
import type { MarkOf } from './mark';

export function Trail({ mark }: { mark: MarkOf<'trail'> }): ReactElement {
  const colour = toneColours[mark.tone];
  if (mark.kind === 'blotch')
    return (
      <G>
        <Path
          d="M34 36 C44 26 62 30 62 42 C66 54 52 58 42 54 C32 52 28 44 34 36Z M44 66 C56 62 66 68 62 78 C54 84 40 80 40 74 C40 70 40 68 44 66Z"
          fill={colour}
          stroke={ink.soil}
          strokeWidth={1.2}
        />
        <Path d="M42 40 l3 3 M50 44 l3 2 M46 48 l2 2 M52 72 l3 2" stroke={ink.line} strokeWidth={1.2} />
      </G>
    );
  return (
    <G>
      <Path
        d="M40 22 C52 26 34 34 46 40 C60 46 62 36 66 46 C70 58 42 52 36 62 C32 72 56 66 60 76"
        fill="none"
        stroke={colour}
        strokeWidth={3.6}
        strokeLinecap="round"
      />
      <Path
        d="M40 22 C52 26 34 34 46 40 C60 46 62 36 66 46 C70 58 42 52 36 62 C32 72 56 66 60 76"
        fill="none"
        stroke={ink.leaf56}
        strokeWidth={0.8}
        strokeDasharray="2 2.4"
      />
      <Ellipse cx={60} cy={77} rx={3.4} ry={2.2} fill={ink.straw88} {...thin} />
    </G>
  );
}
