import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const fernFrond: Base = (tint) => (
  <G>
    <Path d="M50 98 C50 70 50 40 50 6" fill="none" stroke={ink.line} strokeWidth={2} />
    {[14, 26, 38, 50, 62, 74].map((y, at) => {
      const reach = 10 + at * 4.4;
      return (
        <Path
          key={y}
          d={`M50 ${y + 6} C${50 - reach * 0.5} ${y - 4} ${50 - reach} ${y - 2} ${50 - reach} ${y + 5} C${50 - reach * 0.6} ${y + 10} ${50 - 8} ${y + 10} 50 ${y + 6}Z M50 ${y + 6} C${50 + reach * 0.5} ${y - 4} ${50 + reach} ${y - 2} ${50 + reach} ${y + 5} C${50 + reach * 0.6} ${y + 10} ${50 + 8} ${y + 10} 50 ${y + 6}Z`}
          fill={ink[tint]}
          {...rim}
          strokeWidth={1.1}
        />
      );
    })}
  </G>
);
