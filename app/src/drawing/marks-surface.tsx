import type { Mark, PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { fieldOf, ink, strewn, toneColours, type Field } from './ink';

export type DrawnMark = Exclude<Mark, string>;
export type MarkOf<Kind extends DrawnMark['draw']> = Extract<DrawnMark, { draw: Kind }>;

const thin = { stroke: ink.line, strokeWidth: 0.8 } as const;
const range = (count: number) => Array.from({ length: count }, (_, at) => at);

/** The part of a base where a mark gathers. */
function narrowed(field: Field, at: MarkOf<'spots'>['at']): Field {
  switch (at) {
    case 'low':
      return { ...field, y: field.y + field.ry * 0.55, ry: field.ry * 0.42 };
    case 'tip':
      return { ...field, y: field.y - field.ry * 0.6, ry: field.ry * 0.36, rx: field.rx * 0.7 };
    default:
      return field;
  }
}

/** Spots: colour, halo, shape, number and size tell one leaf spot from another. */
export function Spots({ mark, base }: { mark: MarkOf<'spots'>; base: PlateBase }): ReactElement {
  const { tone, halo, centre, count = 6, size = 5, shape = 'round', at } = mark;
  const field = narrowed(fieldOf(base), at);
  const fill = toneColours[tone];
  const points =
    at === 'edge'
      ? range(count).map((index) => {
          const angle = (index / count) * 2 * Math.PI;
          return {
            x: field.x + field.rx * 1.05 * Math.cos(angle),
            y: field.y + field.ry * Math.sin(angle),
            turn: index * 40,
          };
        })
      : at === 'vein'
        ? range(count).map((index) => ({
            x: field.x + (index % 2 ? 9 : -9),
            y: field.y - field.ry + 8 + index * ((2 * field.ry - 14) / count),
            turn: index % 2 ? 30 : -30,
          }))
        : strewn(count, Math.round(size) + count, field);
  return (
    <G>
      {points.map(({ x, y, turn }, index) => {
        const r = size * (0.8 + ((index * 7) % 5) / 10);
        return (
          <G
            key={index}
            transform={`translate(${x} ${y}) rotate(${shape === 'long' || shape === 'angular' ? turn : 0})`}
          >
            {halo && (
              <Ellipse
                rx={r * 1.6}
                ry={r * 1.5}
                fill={toneColours[halo]}
                stroke={halo === 'white' ? '#8D9189' : 'none'}
                strokeWidth={0.6}
              />
            )}
            <SpotShape shape={shape} r={r} fill={fill} />
            {centre && <Circle r={r * 0.5} fill={toneColours[centre]} />}
          </G>
        );
      })}
    </G>
  );
}

function SpotShape({ shape, r, fill }: { shape: NonNullable<MarkOf<'spots'>['shape']>; r: number; fill: string }) {
  switch (shape) {
    case 'rings':
      return (
        <G>
          <Circle r={r} fill={fill} />
          <Circle r={r * 0.68} fill="none" stroke="#D9B27C" strokeWidth={1.3} />
          <Circle r={r * 0.34} fill="none" stroke="#D9B27C" strokeWidth={1.2} />
        </G>
      );
    case 'angular':
      return (
        <Path
          d={`M${-r} ${-r * 0.4} L${r * 0.3} ${-r} L${r} ${r * 0.3} L${-r * 0.2} ${r}Z`}
          fill={fill}
          {...thin}
          strokeWidth={0.5}
        />
      );
    case 'blotch':
      return (
        <Path
          d={`M${-r} 0 C${-r} ${-r * 1.1} ${-r * 0.1} ${-r * 0.7} ${r * 0.3} ${-r} C${r * 1.2} ${-r * 0.6} ${r} ${r * 0.2} ${r * 0.7} ${r * 0.8} C0 ${r * 1.2} ${-r * 0.9} ${r} ${-r} 0Z`}
          fill={fill}
          {...thin}
          strokeWidth={0.5}
        />
      );
    case 'long':
      return <Ellipse rx={r * 0.45} ry={r * 1.3} fill={fill} />;
    case 'feathered':
      return (
        <G>
          <Circle r={r * 0.8} fill={fill} />
          {range(12).map((at) => (
            <Path
              key={at}
              transform={`rotate(${at * 30})`}
              d={`M0 ${-r * 0.6} L0 ${-r * 1.25}`}
              stroke={fill}
              strokeWidth={1.4}
            />
          ))}
        </G>
      );
    case 'raised':
      return (
        <G>
          <Path
            d={`M${-r} 0 L${-r * 0.4} ${-r} L${r * 0.5} ${-r * 0.8} L${r} ${r * 0.2} L${r * 0.3} ${r} L${-r * 0.7} ${r * 0.7}Z`}
            fill={fill}
            {...thin}
          />
          <Path
            d={`M${-r * 0.5} ${-r * 0.2} L${r * 0.4} ${r * 0.3} M${-r * 0.1} ${r * 0.5} L${r * 0.2} ${-r * 0.5}`}
            stroke="#C9B08A"
            strokeWidth={0.9}
          />
        </G>
      );
    case 'round':
      return <Circle r={r} fill={fill} />;
    default:
      return shape satisfies never;
  }
}

export function Edge({ mark, base }: { mark: MarkOf<'edge'>; base: PlateBase }): ReactElement {
  const { tone, from = 'all', wide } = mark;
  const colour = toneColours[tone];
  const width = wide ? 9 : 5;
  if (base === 'long-leaf')
    return <Path d="M50 4 C45 16 44 24 44 32 C48 30 52 30 56 32 C56 24 55 16 50 4Z" fill={colour} {...thin} />;
  if (base === 'shoot')
    return (
      <G>
        <Path
          d="M50 26 C44 20 44 12 50 6 C56 12 56 20 50 26Z M22 34 l6 2 l-3 6Z M76 26 l-7 1 l4 6Z"
          fill={colour}
          {...thin}
        />
        <Path d="M50 7 C54 4 58 6 57 11" fill="none" stroke={colour} strokeWidth={2.4} />
      </G>
    );
  if (from === 'tip')
    return <Path d="M50 8 C40 18 34 27 30 36 C42 32 58 32 70 36 C66 27 60 18 50 8Z" fill={colour} {...thin} />;
  if (from === 'side')
    return (
      <Path
        d="M74 34 C83 52 82 66 70 80 L52 62Z M27 34 C18 48 18 58 24 70 L46 52Z"
        fill={colour}
        {...thin}
        strokeWidth={0.6}
      />
    );
  return (
    <Path
      d="M50 91 C22 77 15 45 50 11 C85 45 78 77 50 91Z"
      fill="none"
      stroke={colour}
      strokeWidth={width}
      strokeLinejoin="round"
    />
  );
}

const gaps =
  'M51 73 L70 60 L68 44 L52 55Z M49 73 L30 60 L32 44 L48 55Z M51 54 L70 40 L64 29 L52 37Z M49 54 L30 40 L36 29 L48 37Z M51 36 L62 26 L50 13Z M49 36 L38 26 L50 13Z M51 88 L66 73 L52 75Z M49 88 L34 73 L48 75Z';

export function BetweenVeins({ mark, base }: { mark: MarkOf<'between-veins'>; base: PlateBase }): ReactElement {
  const specks = strewn(26, 3, fieldOf(base));
  return (
    <G>
      <Path d={gaps} fill={toneColours[mark.tone]} />
      {mark.specks &&
        specks.map(({ x, y }, at) => (
          <Circle
            key={at}
            cx={x}
            cy={y}
            r={1.3}
            fill={toneColours[mark.specks ?? 'tan']}
            stroke={ink.line}
            strokeWidth={0.3}
          />
        ))}
    </G>
  );
}

export const Veins = ({ mark }: { mark: MarkOf<'veins'> }): ReactElement => (
  <Path
    d="M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26"
    fill="none"
    stroke={toneColours[mark.tone]}
    strokeWidth={3.6}
    strokeLinecap="round"
  />
);

export const Mosaic = ({ mark }: { mark: MarkOf<'mosaic'> }): ReactElement => (
  <G>
    {strewn(15, 5, { x: 50, y: 52, rx: 24, ry: 33 }).map(({ x, y, turn }, at) => (
      <Path
        key={at}
        transform={`translate(${x} ${y}) rotate(${turn})`}
        d="M-6 -3 L1 -7 L6 -2 L5 5 L-3 6Z"
        fill={at % 3 === 0 ? '#476B34' : toneColours[mark.tone]}
      />
    ))}
  </G>
);

export function Lines({ mark, base }: { mark: MarkOf<'lines'>; base: PlateBase }): ReactElement {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  switch (mark.kind) {
    case 'rings':
      return (
        <G>
          {strewn(7, 3, field).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={4 + (at % 3)} fill="none" stroke={colour} strokeWidth={1.5} />
          ))}
        </G>
      );
    case 'oak':
      return (
        <G>
          <Path d="M34 70 C28 62 40 60 36 52 C32 46 44 44 40 36" fill="none" stroke={colour} strokeWidth={2.4} />
          <Path d="M66 74 C72 66 60 62 66 54 C72 48 58 44 62 34" fill="none" stroke={colour} strokeWidth={2.4} />
          <Circle cx={52} cy={62} r={7} fill="none" stroke={colour} strokeWidth={2.2} />
          <Circle cx={52} cy={62} r={3} fill="none" stroke={colour} strokeWidth={1.6} />
        </G>
      );
    case 'cracks':
      return (
        <Path
          d="M46 30 L50 42 L47 54 L52 66 M54 20 L51 32 M48 72 L53 84 M44 60 L40 66 M56 48 L60 44"
          fill="none"
          stroke={colour}
          strokeWidth={2.2}
        />
      );
    case 'streaks':
      return (
        <G>
          {strewn(8, 4, field).map(({ x, y }, at) => (
            <Path key={at} d={`M${x} ${y - 6} V${y + 6}`} stroke={colour} strokeWidth={2} />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

/** What is missing is drawn in the card's colour. */
export function Holes({ mark, base }: { mark: MarkOf<'holes'>; base: PlateBase }): ReactElement {
  const field = fieldOf(base);
  const gone = { fill: ink.card, stroke: ink.line, strokeWidth: 1 } as const;
  switch (mark.kind) {
    case 'ragged':
      return (
        <G>
          {strewn(5, 2, field).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn}) scale(${0.7 + (at % 3) * 0.3})`}
              d="M-7 -2 L-3 -7 L2 -4 L7 -5 L5 2 L6 7 L-1 5 L-6 6Z"
              {...gone}
            />
          ))}
        </G>
      );
    case 'round':
      return (
        <G>
          {strewn(9, 6, field).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={2.6 + (at % 3) * 0.6} {...gone} stroke={ink.brown} strokeWidth={1.4} />
          ))}
        </G>
      );
    case 'notches':
      return (
        <Path
          d="M78 30 a6 6 0 1 0 6 10 M82 46 a6 6 0 1 0 2 11 M80 62 a6 6 0 1 0 -3 11 M22 30 a6 6 0 1 1 -6 10 M18 46 a6 6 0 1 1 -2 11 M20 62 a6 6 0 1 1 3 11"
          {...gone}
          strokeWidth={1.3}
        />
      );
    case 'half-moons':
      return (
        <Path
          d="M72 26 A13 13 0 0 0 86 50 L92 36Z M16 46 A14 14 0 0 1 24 74 L10 66Z M70 82 A11 11 0 0 1 80 62 L90 74Z"
          {...gone}
          strokeWidth={1.4}
        />
      );
    case 'windows':
      return (
        <G>
          {strewn(8, 3, field).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn})`}
              d="M-5 -4 L4 -5 L6 3 L-3 5Z"
              fill="#E4ECC8"
              fillOpacity={0.92}
              stroke="#9FB07A"
              strokeWidth={0.9}
            />
          ))}
        </G>
      );
    case 'ribs':
      return (
        <G>
          <Path d="M0 0 H100 V97 H0Z" fill={ink.card} />
          <Path
            d="M50 94 V14 M50 74 L26 56 M50 74 L74 56 M50 56 L24 38 M50 56 L76 38 M50 38 L34 22 M50 38 L66 22"
            fill="none"
            stroke={ink.rib}
            strokeWidth={3}
            strokeLinecap="round"
          />
          <Path d="M26 56 l-4 3 l5 2Z M74 56 l5 1 l-4 4Z M34 22 l-5 0 l4 5Z" fill={ink.healthy} />
        </G>
      );
    case 'lace':
      return (
        <G>
          <Path d={gaps} fill={ink.card} stroke="#8B6B45" strokeWidth={1.2} />
          {strewn(20, 4, field).map(({ x, y }, at) => (
            <Path key={at} d={`M${x - 4} ${y} h8 M${x} ${y - 4} v8`} stroke="#8B6B45" strokeWidth={0.7} />
          ))}
        </G>
      );
    case 'torn':
      return (
        <Path
          d="M84 34 L66 42 L78 46 L60 56 L80 58 L62 68 L74 74 M22 44 L36 50 L24 56 L38 62 L28 70"
          fill="none"
          stroke={ink.card}
          strokeWidth={4.4}
        />
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Trail({ mark }: { mark: MarkOf<'trail'> }): ReactElement {
  const colour = toneColours[mark.tone];
  if (mark.kind === 'blotch')
    return (
      <G>
        <Path
          d="M34 36 C44 26 62 30 62 42 C66 54 52 58 42 54 C32 52 28 44 34 36Z M44 66 C56 62 66 68 62 78 C54 84 40 80 40 74 C40 70 40 68 44 66Z"
          fill={colour}
          stroke="#8B6B45"
          strokeWidth={1.2}
        />
        <Path d="M42 40 l3 3 M50 44 l3 2 M46 48 l2 2 M52 72 l3 2" stroke={ink.line} strokeWidth={1.2} />
      </G>
    );
  return (
    <G>
      <Path
        d="M40 22 C52 26 34 34 46 40 C60 46 62 36 66 46 C70 58 42 52 36 62 C32 72 56 66 60 76"
        fill="none"
        stroke={colour}
        strokeWidth={3.6}
        strokeLinecap="round"
      />
      <Path
        d="M40 22 C52 26 34 34 46 40 C60 46 62 36 66 46 C70 58 42 52 36 62 C32 72 56 66 60 76"
        fill="none"
        stroke="#7E8A63"
        strokeWidth={0.8}
        strokeDasharray="2 2.4"
      />
      <Ellipse cx={60} cy={77} rx={3.4} ry={2.2} fill="#E8D27B" {...thin} />
    </G>
  );
}

export function Fur({ mark, base }: { mark: MarkOf<'fur'>; base: PlateBase }): ReactElement {
  const field = narrowed(fieldOf(base), mark.at === 'low' ? 'low' : 'all');
  const colour = toneColours[mark.tone];
  return (
    <G>
      {strewn(mark.at === 'low' ? 46 : 76, 3, field).map(({ x, y, turn }, at) => (
        <Path key={at} d={`M${x} ${y} q${turn / 18} -3 ${turn / 9} -6`} stroke={colour} strokeWidth={1.7} fill="none" />
      ))}
      {strewn(20, 8, field).map(({ x, y }, at) => (
        <Circle
          key={at}
          cx={x}
          cy={y - 3}
          r={1.2}
          fill={mark.tone === 'white' ? '#FFFFFF' : '#5F635C'}
          stroke={ink.line}
          strokeWidth={0.2}
        />
      ))}
    </G>
  );
}

export function Pustules({ mark, base }: { mark: MarkOf<'pustules'>; base: PlateBase }): ReactElement {
  const colour = toneColours[mark.tone];
  return (
    <G>
      {strewn(20, 6, fieldOf(base)).map(({ x, y }, at) => (
        <G key={at}>
          <Circle
            cx={x}
            cy={y}
            r={3}
            fill={colour}
            stroke={mark.tone === 'white' ? '#8D9189' : '#6E2F10'}
            strokeWidth={0.8}
          />
          <Circle cx={x - 0.8} cy={y - 0.8} r={0.9} fill="#FFF6E0" />
        </G>
      ))}
      {mark.tone !== 'white' && (
        <G>
          <Path d="M70 84 C78 80 88 80 96 86 L96 98 H66Z" fill="#E7C3A0" {...thin} />
          <Path d="M72 86 q6 -3 12 1" stroke={colour} strokeWidth={3.4} strokeLinecap="round" fill="none" />
        </G>
      )}
    </G>
  );
}

export function Wool({ mark }: { mark: MarkOf<'wool'> }): ReactElement {
  const tuft = (x: number, y: number, size: number) => (
    <G key={`${x} ${y}`} transform={`translate(${x} ${y}) scale(${size})`}>
      {strewn(9, 2, { x: 0, y: 0, rx: 6, ry: 5 }).map((dot, at) => (
        <Circle key={at} cx={dot.x} cy={dot.y} r={3} fill="#FFFFFF" stroke="#9AA09A" strokeWidth={0.6} />
      ))}
      <Ellipse cx={0} cy={0} rx={3} ry={1.8} fill="#E7A9A4" {...thin} strokeWidth={0.5} />
    </G>
  );
  const spots: Record<MarkOf<'wool'>['at'], readonly (readonly [number, number, number])[]> = {
    joints: [
      [47, 60, 1.1],
      [56, 36, 1.1],
      [44, 64, 0.8],
    ],
    bark: [
      [42, 34, 1.3],
      [58, 52, 1.1],
      [46, 66, 1],
    ],
    roots: [
      [44, 50, 1],
      [58, 62, 1],
      [38, 70, 0.8],
    ],
    under: [
      [42, 40, 1],
      [58, 56, 1],
    ],
  };
  return <G>{spots[mark.at].map(([x, y, size]) => tuft(x, y, size))}</G>;
}

export function Bumps({ mark, base }: { mark: MarkOf<'bumps'>; base: PlateBase }): ReactElement {
  const colour = toneColours[mark.tone];
  const field = fieldOf(base);
  switch (mark.kind) {
    case 'scales':
      return (
        <G>
          {[18, 30, 44, 56, 70, 82].map((y, at) => (
            <G key={y} transform={`translate(${at % 2 ? 54 : 47} ${y})`}>
              <Ellipse rx={5} ry={3.6} fill={colour} {...thin} />
              <Ellipse cx={-1} cy={-0.8} rx={2.6} ry={1.5} fill="#B98A5B" />
            </G>
          ))}
          <G transform="translate(30 45)">
            <Ellipse rx={4.6} ry={3.2} fill={colour} {...thin} />
          </G>
        </G>
      );
    case 'warts':
      return (
        <G>
          {[24, 32, 40, 50, 58, 66, 76, 84].map((y, at) => (
            <Circle key={y} cx={at % 2 ? 56.5 : 45} cy={y} r={2.6} fill="#D6DFA9" {...thin} />
          ))}
        </G>
      );
    case 'blisters':
      return (
        <G>
          {strewn(11, 4, field).map(({ x, y }, at) => (
            <G key={at} transform={`translate(${x} ${y})`}>
              <Path d="M-6 2 C-6 -6 6 -6 6 2 C4 5 -4 5 -6 2Z" fill={colour} {...thin} />
              <Path d="M-3 -1 C-2 -3 1 -4 3 -2" fill="none" stroke="#FBF6E9" strokeWidth={1} />
            </G>
          ))}
        </G>
      );
    case 'nails':
      return (
        <G>
          {strewn(12, 5, field).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn / 3})`}
              d="M-2.4 2 C-2 -4 -1 -9 0 -11 C1 -9 2 -4 2.4 2Z"
              fill={colour}
              {...thin}
            />
          ))}
        </G>
      );
    case 'felt':
      return (
        <G>
          {strewn(4, 3, field).map(({ x, y }, at) => (
            <Ellipse
              key={at}
              cx={x}
              cy={y}
              rx={8}
              ry={6}
              fill={colour}
              stroke="#8D9189"
              strokeDasharray="1 1.4"
              strokeWidth={1.6}
            />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Ooze({ mark }: { mark: MarkOf<'ooze'> }): ReactElement {
  const colour = toneColours[mark.tone];
  switch (mark.kind) {
    case 'froth':
      return (
        <G>
          {strewn(22, 2, { x: 50, y: 56, rx: 15, ry: 13 }).map(({ x, y }, at) => (
            <Circle
              key={at}
              cx={x}
              cy={y}
              r={3.4 + (at % 3)}
              fill="#FFFFFF"
              fillOpacity={0.9}
              stroke="#93A0A4"
              strokeWidth={0.8}
            />
          ))}
          <Ellipse cx={51} cy={56} rx={4} ry={2.6} fill="#B7CF6A" {...thin} />
        </G>
      );
    case 'gum':
      return (
        <G>
          <Path
            d="M44 36 C52 32 60 40 56 50 C60 56 56 66 50 68 C46 76 40 70 42 62 C36 56 38 42 44 36Z"
            fill={colour}
            fillOpacity={0.9}
            {...thin}
          />
          <Path d="M45 42 C49 40 52 42 52 46" fill="none" stroke="#FFF1C9" strokeWidth={2} />
          <Path d="M49 68 C50 76 47 80 49 86" stroke={colour} strokeWidth={3} fill="none" />
        </G>
      );
    case 'thread':
      return (
        <G>
          <Path d="M40 40 H62 V62 H40Z" fill={ink.card} />
          <Path
            d="M44 40 C44 46 45 48 45 62 M48 40 C49 50 48 54 48 62 M52 40 C51 50 52 54 52 62 M56 40 C56 46 56 50 55 62"
            fill="none"
            stroke="#9AA86B"
            strokeWidth={1.1}
          />
          <Ellipse cx={51} cy={40} rx={6} ry={2.2} fill="#DCE3B8" {...thin} />
          <Ellipse cx={51} cy={62} rx={6} ry={2.2} fill="#DCE3B8" {...thin} />
        </G>
      );
    case 'drops':
      return (
        <G>
          {strewn(6, 3).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={3} fill={colour} {...thin} />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Dust({ mark, base }: { mark: MarkOf<'dust'>; base: PlateBase }): ReactElement {
  const isHeap = base === 'trunk' || (base === 'stem' && mark.tone === 'yellow');
  const field = isHeap
    ? { x: 56, y: 84, rx: 18, ry: 6 }
    : base === 'stem'
      ? { x: 50, y: 56, rx: 24, ry: 40 }
      : { ...fieldOf(base), rx: 34, ry: 40 };
  return (
    <G>
      {strewn(isHeap ? 46 : 90, 4, field).map(({ x, y }, at) => (
        <Circle
          key={at}
          cx={x}
          cy={y}
          r={isHeap ? 1.7 : 1.2}
          fill={toneColours[mark.tone]}
          stroke={isHeap ? '#7A5A2E' : 'none'}
          strokeWidth={0.3}
          fillOpacity={isHeap ? 1 : 0.85}
        />
      ))}
    </G>
  );
}
