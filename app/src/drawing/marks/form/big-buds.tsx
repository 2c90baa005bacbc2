import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

export const bigBuds: Draw<'form'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return (
    <G>
      {blank}
      <Path d="M50 98 C49 70 51 40 50 22" fill="none" stroke={ink.earth32} strokeWidth={4.5} strokeLinecap="round" />
      {[
        [50, 18, 12],
        [36, 44, 10],
        [64, 56, 11],
        [37, 74, 9],
      ].map(([x = 0, y = 0, size = 0]) => (
        <G key={`${x} ${y}`}>
          <Path d={`M50 ${y + 12} L${x} ${y}`} stroke={ink.earth32} strokeWidth={2.6} />
          <Circle cx={x} cy={y} r={size} fill={ink.straw72} {...line} />
          <Path
            d={`M${x - size * 0.7} ${y - size * 0.3} Q${x} ${y + size * 0.6} ${x + size * 0.7} ${y - size * 0.3} M${x} ${y - size} V${y + size * 0.2}`}
            fill="none"
            {...line}
            strokeWidth={1.1}
          />
        </G>
      ))}
      <Path d="M58 84 C62 78 68 78 70 82 C68 88 62 90 58 84Z" fill={ink.healthy} {...line} />
    </G>
  );
};
