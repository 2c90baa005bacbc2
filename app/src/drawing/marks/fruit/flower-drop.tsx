import { Circle, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, green, line } from '../../pieces';
import type { Draw } from '../mark';

export const flowerDrop: Draw<'fruit'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={66} {...card} />
    <Path d="M50 66 C50 46 50 30 50 8 M50 24 L34 14 M50 38 L68 28" {...green} />
    <Circle cx={34} cy={14} r={1.8} fill={ink.brown} />
    <Circle cx={68} cy={28} r={1.8} fill={ink.brown} />
    <G transform="translate(24 66) rotate(40) scale(0.5)">
      {[0, 72, 144, 216, 288].map((turn) => (
        <Path
          key={turn}
          transform={`rotate(${turn})`}
          d="M0 0 C-10 -6 -10 -20 0 -26 C10 -20 10 -6 0 0Z"
          fill={ink.yellow}
          {...line}
        />
      ))}
    </G>
    <G transform="translate(78 78) rotate(-30) scale(0.5)">
      {[0, 72, 144, 216, 288].map((turn) => (
        <Path
          key={turn}
          transform={`rotate(${turn})`}
          d="M0 0 C-10 -6 -10 -20 0 -26 C10 -20 10 -6 0 0Z"
          fill={ink.yellow}
          {...line}
        />
      ))}
    </G>
    <Path d="M30 26 V48 M74 40 V60" stroke={ink.line} strokeWidth={1.1} strokeDasharray="3 3" />
  </G>
);
