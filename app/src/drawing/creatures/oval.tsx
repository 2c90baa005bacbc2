import type { CreatureSpec } from '@trowel/core/tables';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { fine, range } from '../pieces';
import { Legs } from './pieces';
import type { Body } from './body';

function Markings({ of, rx, ry, accent }: { of: CreatureSpec; rx: number; ry: number; accent: string }) {
  switch (of.pattern) {
    case 'stripes':
      return (
        <Path
          d={[-0.62, -0.3, 0.3, 0.62].map((y) => `M${-rx * 0.82} ${y * ry} H${rx * 0.6}`).join(' ')}
          stroke={accent}
          strokeWidth={1}
        />
      );
    case 'bands':
      return (
        <Path
          d={range(5)
            .map((at) => `M${-rx * 0.75 + at * rx * 0.36} ${-ry * 0.78} V${ry * 0.78}`)
            .join(' ')}
          stroke={accent}
          strokeWidth={1}
        />
      );
    case 'spots':
      return (
        <G>
          {[
            [-4, -2.6],
            [-4, 2.6],
            [0, -3.4],
            [0, 3.4],
            [3.4, -2.2],
            [3.4, 2.2],
          ].map(([x = 0, y = 0]) => (
            <Circle key={`${x} ${y}`} cx={x} cy={y * (ry / 6)} r={1.2} fill={accent} />
          ))}
        </G>
      );
    case 'shine':
      return (
        <Path
          d={`M${-rx * 0.5} ${-ry * 0.55} C0 ${-ry * 0.95} ${rx * 0.3} ${-ry * 0.8} ${rx * 0.5} ${-ry * 0.4}`}
          fill="none"
          stroke={accent}
          strokeWidth={1.8}
        />
      );
    default:
      return null;
  }
}

/** Half-axes of the bodies that are an ellipse, or nearly one. */
const axes = {
  oval: [8, 5],
  round: [7.4, 6.6],
  long: [9.5, 3.6],
  shield: [8, 6],
} as const;

export const oval: Body = ({ of, fill, accent, head }) => {
  const [rx, ry] = axes[of.body as keyof typeof axes];
  return (
    <G>
      <Legs pairs={of.legs ?? 0} rx={rx} ry={ry} />
      {of.jaws && of.body === 'long' && of.tone === 'brown' && (
        <Path
          d={`M${-rx} 0 C${-rx - 5} -3 ${-rx - 7} -1 ${-rx - 7} 1 M${-rx} 0 C${-rx - 5} 3 ${-rx - 7} 2 ${-rx - 7} 0`}
          fill="none"
          stroke={ink.line}
          strokeWidth={1.3}
        />
      )}
      {(of.legs ?? 0) > 0 && (
        <G>
          <Ellipse cx={rx} cy={0} rx={2.6} ry={2.6} fill={head} {...fine} />
          <Path d={`M${rx + 1.6} -1.6 l4 -3 M${rx + 1.6} 1.6 l4 3`} {...fine} fill="none" />
          {of.jaws && of.tone !== 'brown' && (
            <Path d={`M${rx + 2} -1 l3 0.4 M${rx + 2} 1 l3 -0.4`} stroke={ink.line} strokeWidth={1.1} />
          )}
        </G>
      )}
      {of.body === 'shield' ? (
        <Path
          d={`M${rx} -2 L${rx - 3} ${-ry} L${-rx + 1} ${-ry * 0.5} C${-rx - 1} 0 ${-rx - 1} 0 ${-rx + 1} ${ry * 0.5} L${rx - 3} ${ry} L${rx} 2Z M${rx - 4} ${-ry} L-2 0 L${rx - 4} ${ry}`}
          fill={fill}
          {...fine}
        />
      ) : (
        <Ellipse rx={rx} ry={ry} fill={fill} {...fine} />
      )}
      <Markings of={of} rx={rx} ry={ry} accent={accent} />
      {(of.legs ?? 0) > 0 && of.body !== 'shield' && of.pattern !== 'bands' && (
        <Path d={`M${-rx} 0 H${rx - 2}`} {...fine} />
      )}
    </G>
  );
};
