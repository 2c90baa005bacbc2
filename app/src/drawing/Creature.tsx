import type { CreatureSpec, PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { fieldOf, ink, strewn, toneColours } from './ink';
import type { MarkOf } from './marks-surface';

const line = { stroke: ink.line, strokeWidth: 0.7, strokeLinejoin: 'round' } as const;
const range = (count: number) => Array.from({ length: count }, (_, at) => at);

/** A creature from its parts, about 20 by 12 units, head to the right. */
export function Creature({ of }: { of: CreatureSpec }): ReactElement {
  const fill = toneColours[of.tone];
  const accent = toneColours[of.accent ?? 'black'];
  const head = toneColours[of.head ?? (of.body === 'grub' ? 'brown' : of.tone)];
  switch (of.body) {
    case 'oval':
    case 'round':
    case 'long':
    case 'shield': {
      const [rx, ry] = { oval: [8, 5], round: [7.4, 6.6], long: [9.5, 3.6], shield: [8, 6] }[of.body] as [
        number,
        number,
      ];
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
              <Ellipse cx={rx} cy={0} rx={2.6} ry={2.6} fill={head} {...line} />
              <Path d={`M${rx + 1.6} -1.6 l4 -3 M${rx + 1.6} 1.6 l4 3`} {...line} fill="none" />
              {of.jaws && of.tone !== 'brown' && (
                <Path d={`M${rx + 2} -1 l3 0.4 M${rx + 2} 1 l3 -0.4`} stroke={ink.line} strokeWidth={1.1} />
              )}
            </G>
          )}
          {of.body === 'shield' ? (
            <Path
              d={`M${rx} -2 L${rx - 3} ${-ry} L${-rx + 1} ${-ry * 0.5} C${-rx - 1} 0 ${-rx - 1} 0 ${-rx + 1} ${ry * 0.5} L${rx - 3} ${ry} L${rx} 2Z M${rx - 4} ${-ry} L-2 0 L${rx - 4} ${ry}`}
              fill={fill}
              {...line}
            />
          ) : (
            <Ellipse rx={rx} ry={ry} fill={fill} {...line} />
          )}
          <Markings of={of} rx={rx} ry={ry} accent={accent} />
          {(of.legs ?? 0) > 0 && of.body !== 'shield' && of.pattern !== 'bands' && (
            <Path d={`M${-rx} 0 H${rx - 2}`} {...line} />
          )}
        </G>
      );
    }
    case 'wedge':
      return (
        <G>
          <Path d="M-11 2 C-6 -6 6 -6 11 0 C8 4 -4 5 -11 2Z" fill={fill} {...line} />
          <Path d="M2 4 L-2 9 M6 3 L6 9" {...line} />
        </G>
      );
    case 'worm':
      return <Wormlike of={of} fill={fill} accent={accent} head={head} />;
    case 'looper':
      return (
        <G>
          <Path
            d="M-11 4 C-9 -10 3 -12 4 -1 C4.5 3 8 4 11 3"
            fill="none"
            stroke={ink.line}
            strokeWidth={5}
            strokeLinecap="round"
          />
          <Path
            d="M-11 4 C-9 -10 3 -12 4 -1 C4.5 3 8 4 11 3"
            fill="none"
            stroke={fill}
            strokeWidth={3.6}
            strokeLinecap="round"
          />
          <Circle cx={11} cy={3} r={2.3} fill={head} {...line} />
          <Path d="M-11 5 v3 M-8.6 4 v3 M8 5 v2 M10 5 v2" stroke={ink.line} strokeWidth={0.9} />
        </G>
      );
    case 'grub':
      return <Grub of={of} fill={fill} accent={accent} head={head} />;
    case 'fly':
      return (
        <G>
          <Path
            d="M0 0 C-8 -9 -15 -7 -13 -2 C-10 1 -4 1 0 0Z M0 0 C-8 9 -15 7 -13 2 C-10 -1 -4 -1 0 0Z"
            fill="#DDE6E8"
            fillOpacity={0.8}
            {...line}
          />
          <Ellipse rx={6} ry={2.6} fill={fill} {...line} />
          <Circle cx={6.5} cy={0} r={2.4} fill={head} {...line} />
          <Legs pairs={3} rx={6} ry={3} />
        </G>
      );
    case 'moth':
      return (
        <G>
          <Path
            d="M2 0 C-2 -12 -14 -11 -13 -3 C-10 1 -4 1 2 0Z M2 0 C-2 12 -14 11 -13 3 C-10 -1 -4 -1 2 0Z"
            fill={fill}
            {...line}
          />
          <Ellipse rx={6} ry={1.8} fill={accent} {...line} />
        </G>
      );
    case 'wasp':
      return (
        <G>
          <Legs pairs={of.legs ?? 3} rx={5} ry={2.6} />
          {of.pattern !== 'waist' && (
            <Path d="M0 -1 C-6 -9 -13 -8 -11 -3Z M0 1 C-6 9 -13 8 -11 3Z" fill="#E8EEF0" fillOpacity={0.85} {...line} />
          )}
          <Ellipse cx={-6} rx={5} ry={3.2} fill={fill} {...line} />
          {of.pattern === 'bands' && <Path d="M-8.4 -2.8 V2.8 M-5.6 -3.2 V3.2" stroke={accent} strokeWidth={1.4} />}
          <Ellipse cx={1} rx={2.6} ry={1.9} fill={fill} {...line} />
          <Circle cx={6} r={2.5} fill={fill} {...line} />
          <Path d="M7.6 -1.6 l4 -3 M7.6 1.6 l4 3" {...line} fill="none" />
        </G>
      );
    default:
      return of.body satisfies never;
  }
}

function Legs({ pairs, rx, ry }: { pairs: number; rx: number; ry: number }) {
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
        <Path d="M-2.6 -2.6 C0 -0.6 2.4 1 4.6 0.8 L4 -1.6 C2 -1.8 -0.6 -3.4 -2 -4.6Z" fill={accent} {...line} />
      )}
      {of.horn && <Path d="M-14 1 C-17 -1 -18 -4 -17.6 -6.6" fill="none" stroke="#8C2F22" strokeWidth={1.8} />}
      {(of.legs ?? 0) > 0 && <Circle cx={13} cy={-1} r={2.7} fill={head} {...line} />}
    </G>
  );
}

function Grub({ of, fill, accent, head }: { of: CreatureSpec; fill: string; accent: string; head: string }) {
  if (of.jaws)
    return (
      <G>
        <Legs pairs={3} rx={5} ry={3} />
        <Path d="M-11 0 C-8 -5 4 -5 8 0 C4 5 -8 5 -11 0Z" fill={fill} {...line} />
        <Path d="M-6 -3 V3 M-2 -4 V4 M2 -3.6 V3.6" stroke={accent} strokeWidth={0.9} />
        <Circle cx={9} cy={0} r={2} fill={head} {...line} />
        <Path
          d="M10.6 -1 C14 -4 16 -3 16 -0.6 M10.6 1 C14 4 16 3 16 0.6"
          fill="none"
          stroke={ink.line}
          strokeWidth={1.3}
        />
      </G>
    );
  if (of.pattern === 'shine')
    return (
      <G>
        <Path d="M9 0 C9 -5 2 -5 -1 -3 C-5 -2 -10 -1 -12 0 C-10 1 -5 2 -1 3 C2 5 9 5 9 0Z" fill={fill} {...line} />
        <Path d="M0 -2 C3 -3.4 6 -3 7 -1" fill="none" stroke={accent} strokeWidth={1.4} />
      </G>
    );
  return (
    <G>
      <Path
        d="M8 -8 C-2 -13 -13 -7 -12 2 C-11 10 -2 13 7 9"
        fill="none"
        stroke={ink.line}
        strokeWidth={8.6}
        strokeLinecap="round"
      />
      <Path
        d="M8 -8 C-2 -13 -13 -7 -12 2 C-11 10 -2 13 7 9"
        fill="none"
        stroke={fill}
        strokeWidth={7}
        strokeLinecap="round"
      />
      <Path
        d="M0 -13 L1 -6.6 M-7 -10.6 L-3.6 -5 M-13 -5 L-7.4 -2 M-14.6 3 L-8.4 2.6 M-10 9.6 L-6 5.4 M-2 13 L-1 7"
        stroke="#B9AE92"
        strokeWidth={0.8}
      />
      <Circle cx={9.6} cy={-7.6} r={3.8} fill={head} {...line} />
      {(of.legs ?? 0) > 0 && (
        <Path d="M5 -4.6 l3.4 3.4 M1.6 -5.6 l2.6 4.6 M-2 -5.6 l1.4 5" stroke={ink.line} strokeWidth={1.1} />
      )}
    </G>
  );
}

export function Creatures({ mark, base }: { mark: MarkOf<'creature'>; base: PlateBase }): ReactElement {
  const { of, count = 1, size = 2, at = count > 1 ? 'strewn' : 'middle' } = mark;
  const field = fieldOf(base);
  if (at === 'middle' && count === 1)
    return (
      <G transform={`translate(${field.x} ${base === 'insect' ? 46 : field.y}) rotate(-10) scale(${size})`}>
        <Creature of={of} />
      </G>
    );
  const area =
    at === 'low'
      ? { ...field, y: field.y + field.ry * 0.4, ry: field.ry * 0.5 }
      : base === 'pot'
        ? { x: 50, y: 66, rx: 40, ry: 26 }
        : base === 'stem'
          ? { x: 50, y: 52, rx: 8, ry: 40 }
          : field;
  return (
    <G>
      {strewn(count, 3 + count, area).map(({ x, y, turn }, index) => (
        <G key={index} transform={`translate(${x} ${y}) rotate(${turn * 1.6}) scale(${size})`}>
          <Creature of={of} />
        </G>
      ))}
    </G>
  );
}

export function Eggs({ mark, base }: { mark: MarkOf<'eggs'>; base: PlateBase }): ReactElement {
  const fill = toneColours[mark.tone];
  const field = fieldOf(base);
  switch (mark.kind) {
    case 'upright':
      return (
        <G>
          {range(14).map((at) => (
            <Ellipse
              key={at}
              cx={36 + (at % 5) * 6 + (Math.floor(at / 5) % 2) * 3}
              cy={44 + Math.floor(at / 5) * 8}
              rx={2.2}
              ry={4.4}
              fill={fill}
              {...line}
            />
          ))}
        </G>
      );
    case 'cocoons':
      return (
        <G>
          {range(11).map((at) => (
            <Ellipse
              key={at}
              transform={`translate(${36 + (at % 6) * 5.4} ${at < 6 ? 40 : 34}) rotate(${at * 17 - 40})`}
              rx={2}
              ry={4.6}
              fill={fill}
              {...line}
            />
          ))}
        </G>
      );
    case 'stalked':
      return (
        <G>
          {range(6).map((at) => (
            <G key={at}>
              <Path d={`M${30 + at * 8} 70 V48`} stroke={ink.line} strokeWidth={0.7} />
              <Ellipse cx={30 + at * 8} cy={45} rx={2} ry={3.4} fill={fill} {...line} />
            </G>
          ))}
        </G>
      );
    case 'round':
    case 'barrels':
    case 'raft':
      return (
        <G>
          {range(13).map((at) => (
            <Ellipse
              key={at}
              cx={field.x - 13 + (at % 5) * 6.4 + (Math.floor(at / 5) % 2) * 3.2}
              cy={field.y - 8 + Math.floor(at / 5) * 6}
              rx={2.9}
              ry={mark.kind === 'round' ? 2.3 : 3.6}
              fill={fill}
              {...line}
            />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}
