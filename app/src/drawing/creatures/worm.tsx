import type { CreatureSpec } from '@trowel/core/tables';
import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { fine, range } from '../pieces';
import type { Body } from './body';

function Wormlike({ of, fill, accent, head }: { of: CreatureSpec; fill: string; accent: string; head: string }) {
  const body = 'M-14 2 C-10 -4 -5 -4 -1 0 C3 4 8 4 13 -1';
  const at = (t: number) => ({
    x: -14 + 27 * t,
    y: 2 - 4.6 * Math.sin(t * Math.PI * 1.05) + (t > 0.5 ? 5 * Math.sin((t - 0.5) * Math.PI) : 0),
  });
  const thick = of.stumps ? 5 : 3.6;
  return (
    <G>
      {range(of.stumps ?? 0).map((index) => {
        const { x, y } = at(0.12 + index * (0.5 / Math.max(1, (of.stumps ?? 1) - 1 || 1)));
        return <Path key={index} d={`M${x} ${y + 1.6} v3.4`} stroke={ink.line} strokeWidth={1.8} />;
      })}
      {range(of.legs ?? 0).map((index) => {
        const { x, y } = at(0.78 + index * 0.07);
        return <Path key={index} d={`M${x} ${y + 1.4} l1 3`} stroke={ink.line} strokeWidth={0.9} />;
      })}
      {of.pattern === 'hairs' &&
        range(11).map((index) => {
          const { x, y } = at(0.06 + index * 0.085);
          return (
            <Path
              key={index}
              d={`M${x} ${y - 1} l-2 -6 M${x} ${y - 1} l1 -6.6 M${x} ${y + 1} l-1 5.4`}
              stroke={accent}
              strokeWidth={0.7}
            />
          );
        })}
      <Path d={body} fill="none" stroke={ink.line} strokeWidth={thick + 1.2} strokeLinecap="round" />
      <Path d={body} fill="none" stroke={fill} strokeWidth={thick} strokeLinecap="round" />
      {of.pattern === 'bands' && (
        <Path
          d={range(7)
            .map((index) => {
              const { x, y } = at(0.12 + index * 0.11);
              return `M${x - 0.6} ${y - 2} l1.4 3.6`;
            })
            .join(' ')}
          stroke={accent}
          strokeWidth={0.9}
        />
      )}
      {of.pattern === 'spots' &&
        range(7).map((index) => {
          const { x, y } = at(0.1 + index * 0.12);
          return <Circle key={index} cx={x} cy={y} r={0.8} fill={accent} />;
        })}
      {of.pattern === 'collar' && (
        <G>
          <Path d="M3.6 2.6 C5.4 3.2 7.6 2.8 9.4 1.8" fill="none" stroke={ink.line} strokeWidth={thick + 1.6} />
          <Path d="M4 2.6 C5.6 3.1 7.4 2.7 9 1.9" fill="none" stroke={accent} strokeWidth={thick + 0.6} />
        </G>
      )}
      {of.pattern === 'saddle' && (
        <Path d="M-2.6 -2.6 C0 -0.6 2.4 1 4.6 0.8 L4 -1.6 C2 -1.8 -0.6 -3.4 -2 -4.6Z" fill={accent} {...fine} />
      )}
      {of.horn && <Path d="M-14 1 C-17 -1 -18 -4 -17.6 -6.6" fill="none" stroke={ink.rust32} strokeWidth={1.8} />}
      {(of.legs ?? 0) > 0 && <Circle cx={13} cy={-1} r={2.7} fill={head} {...fine} />}
    </G>
  );
}

export const worm: Body = ({ of, fill, accent, head }) => <Wormlike of={of} fill={fill} accent={accent} head={head} />;
