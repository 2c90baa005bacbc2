/** Pieces that several of these drawings share. */
import { G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { range } from '../pieces';

export function Legs({ pairs, rx, ry }: { pairs: number; rx: number; ry: number }) {
  return (
    <G>
      {range(pairs).map((at) => {
        const x = pairs === 1 ? 0 : -rx * 0.6 + (at * rx * 1.25) / (pairs - 1);
        const lean = (at - (pairs - 1) / 2) * 1.6;
        return (
          <Path
            key={at}
            d={`M${x} ${-ry * 0.7} l${lean} -3.6 l${lean} -1.4 M${x} ${ry * 0.7} l${lean} 3.6 l${lean} 1.4`}
            stroke={ink.line}
            strokeWidth={0.9}
            fill="none"
          />
        );
      })}
    </G>
  );
}
