import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, green, line } from '../../pieces';
import type { Draw } from '../mark';

export const straps: Draw<'form'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M50 98 C50 76 50 60 50 44" {...green} />
      {[-56, -34, -12, 12, 34, 56].map((turn, at) => (
        <Path
          key={turn}
          transform={`translate(50 48) rotate(${turn})`}
          d={
            at % 2
              ? 'M0 0 C-5 -12 5 -20 -2 -30 C-6 -36 2 -40 4 -44 C6 -38 4 -32 5 -26 C7 -16 4 -8 0 0Z'
              : 'M0 0 C5 -12 -5 -18 2 -28 C7 -36 -2 -38 -4 -42 C-7 -34 -4 -28 -5 -22 C-6 -12 -4 -6 0 0Z'
          }
          fill={ink.pale}
          {...line}
          strokeWidth={1}
        />
      ))}
      <Path d="M50 74 C40 76 34 72 30 66 M50 82 C60 84 66 80 70 74" {...green} strokeWidth={1.6} />
    </G>
  );
};
