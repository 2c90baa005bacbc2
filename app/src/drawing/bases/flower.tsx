import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const flower: Base = () => (
  <G>
    <Path
      d="M50 62 C51 76 50 88 48 98 M49 82 C38 84 30 78 26 70 C38 68 46 74 49 82Z"
      fill={ink.healthy}
      stroke={ink.rib}
      strokeWidth={2.4}
    />
    {[0, 60, 120, 180, 240, 300].map((turn) => (
      <Path
        key={turn}
        transform={`translate(50 38) rotate(${turn})`}
        d="M0 0 C-14 -8 -14 -26 0 -32 C14 -26 14 -8 0 0Z"
        fill={ink.rose80}
        {...rim}
        strokeWidth={1.2}
      />
    ))}
    <Circle cx={50} cy={38} r={8} fill={ink.yellow} {...rim} strokeWidth={1.2} />
  </G>
);
