import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card } from '../../pieces';
import type { Draw } from '../mark';

export const broom: Draw<'form'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M10 96 C30 84 40 74 46 58" fill="none" stroke={ink.brown} strokeWidth={6} />
      {Array.from({ length: 17 }, (_, at) => (
        <Path
          key={at}
          transform={`translate(46 60) rotate(${at * 9 - 78})`}
          d="M0 0 C2 -16 -3 -28 1 -44"
          fill="none"
          stroke={ink.brown}
          strokeWidth={1.7}
        />
      ))}
    </G>
  );
};
