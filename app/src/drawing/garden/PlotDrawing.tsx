import type { LaidPlace, Plot } from '@trowel/core/plot';
import type { Setting } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Polygon, Rect } from 'react-native-svg';
import { ink } from '../ink';

/** How metres become pixels on one drawing. */
export interface Scale {
  readonly perMetre: number;
  readonly width: number;
  readonly height: number;
  readonly x: (metre: number) => number;
  readonly y: (metre: number) => number;
}

/** Ground left free round the outermost places, m. */
const margin = 0.6;

/** The whole garden in a width, never higher than `highest`, px. */
export function scaleOf({ from, to }: Plot, width: number, highest: number, free = margin): Scale {
  const [along, across] = [to.x - from.x + 2 * free, to.y - from.y + 2 * free];
  const perMetre = Math.min(width / along, highest / across);
  const spare = (width - along * perMetre) / 2;
  return {
    perMetre,
    width,
    height: across * perMetre,
    x: (metre) => spare + (metre - from.x + free) * perMetre,
    y: (metre) => (metre - from.y + free) * perMetre,
  };
}

/** The garden from above, each kind of place in its own hatching: told apart without colour. */
export function PlotDrawing({
  plot,
  scale,
  chosen,
  route = [],
  grid,
}: {
  plot: Plot;
  scale: Scale;
  chosen?: string | undefined;
  /** Middles of the places on the round, in walking order. */
  route?: readonly { readonly x: number; readonly y: number }[];
  /** A line at each of these, m; none without. */
  grid?: number;
}) {
  const { width, height } = scale;
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden style={{ position: 'absolute' }}>
      <Rect
        x={0.75}
        y={0.75}
        width={width - 1.5}
        height={height - 1.5}
        rx={6}
        fill={ink.card}
        stroke={ink.straw64}
        strokeWidth={1.5}
      />
      {grid !== undefined && <Grid plot={plot} scale={scale} every={grid} />}
      {onTop(plot.places, chosen).map((place) => (
        <PlaceShape key={place.id} place={place} scale={scale} chosen={place.id === chosen} />
      ))}
      {route.length > 1 && (
        <Path
          d={route.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${scale.x(x)} ${scale.y(y)}`).join(' ')}
          stroke={ink.line}
          strokeWidth={2}
          strokeDasharray="2 6"
          strokeLinecap="round"
          fill="none"
        />
      )}
    </Svg>
  );
}

/** The chosen one last, so that it lies on top of what it is moved over. */
const onTop = <Place extends { readonly id: string }>(
  places: readonly Place[],
  chosen: string | undefined,
): Place[] => [...places.filter(({ id }) => id !== chosen), ...places.filter(({ id }) => id === chosen)];

function Grid({ plot, scale, every }: { plot: Plot; scale: Scale; every: number }) {
  const lines = (from: number, to: number) =>
    Array.from({ length: Math.ceil((to - from) / every) + 3 }, (_, at) => (Math.floor(from / every) - 1 + at) * every);
  const look = { stroke: ink.straw80, strokeWidth: 1 };
  return (
    <G>
      {lines(plot.from.x, plot.to.x).map((metre) => (
        <Line key={`x${metre}`} x1={scale.x(metre)} x2={scale.x(metre)} y1={1} y2={scale.height - 1} {...look} />
      ))}
      {lines(plot.from.y, plot.to.y).map((metre) => (
        <Line key={`y${metre}`} y1={scale.y(metre)} y2={scale.y(metre)} x1={1} x2={scale.width - 1} {...look} />
      ))}
    </G>
  );
}

const grounds: Readonly<Record<Setting, string>> = {
  bed: ink.straw72,
  pot: ink.straw88,
  indoors: ink.straw96,
  greenhouse: ink.stone88,
  lawn: ink.moss88,
  tree: ink.leaf72,
};

function PlaceShape({ place, scale, chosen }: { place: LaidPlace; scale: Scale; chosen: boolean }) {
  const left = scale.x(place.at.x);
  const top = scale.y(place.at.y);
  const [width, height] = [place.span[0] * scale.perMetre, place.span[1] * scale.perMetre];
  const id = `place-${place.id}`;
  const look = {
    stroke: ink.line,
    strokeWidth: chosen ? 3.5 : 1.6,
    strokeLinejoin: 'round',
    // Nobody has measured it: a broken line.
    ...(place.isMeasured ? {} : { strokeDasharray: '6 4' }),
  } as const;
  const shape = (given: object) =>
    place.isRound ? (
      <Circle cx={left + width / 2} cy={top + height / 2} r={width / 2} {...given} />
    ) : (
      <Polygon points={place.corners.map(([x, y]) => `${scale.x(x)},${scale.y(y)}`).join(' ')} {...given} />
    );
  return (
    <G>
      <Defs>
        <ClipPath id={id}>{shape({})}</ClipPath>
      </Defs>
      {shape({ fill: grounds[place.setting] })}
      <G clipPath={`url(#${id})`}>
        <G transform={`translate(${left} ${top})`}>{hatchings[place.setting](width, height)}</G>
      </G>
      {shape({ fill: 'none', ...look })}
    </G>
  );
}

const steps = (over: number, every: number): number[] =>
  Array.from({ length: Math.ceil(over / every) }, (_, at) => every * (at + 0.5));

/** The middles of as many as fit whole, one at least. */
function evenly(over: number, each: number): number[] {
  const count = Math.max(1, Math.floor(over / each));
  return Array.from({ length: count }, (_, at) => (over / count) * (at + 0.5));
}

/** What lies in a place, from its left and upper edge, px. */
const hatchings: Readonly<Record<Setting, (width: number, height: number) => ReactElement>> = {
  bed: (width, height) => (
    <Path
      d={steps(height, 11)
        .map((y) => `M4 ${y} H${width - 4}`)
        .join(' ')}
      stroke={ink.earth56}
      strokeWidth={2}
      strokeDasharray="9 3"
    />
  ),
  pot: (width, height) => (
    <G>
      {evenly(height, 18).flatMap((y) =>
        evenly(width, 18).map((x) => (
          <Circle key={`${x} ${y}`} cx={x} cy={y} r={7} fill={ink.rust72} stroke={ink.rust32} strokeWidth={1.2} />
        )),
      )}
    </G>
  ),
  indoors: (width, height) => (
    <Path
      d={`M3 3 H${width - 3} V${height - 3} H3Z M${width / 2} 3 V${height - 3}`}
      stroke={ink.straw48}
      strokeWidth={2.5}
      fill="none"
    />
  ),
  greenhouse: (width, height) => (
    <Path
      d={[...steps(width, 17).map((x) => `M${x} 0 V${height}`), `M0 ${height / 2} H${width}`].join(' ')}
      stroke={ink.slate64}
      strokeWidth={1.4}
    />
  ),
  lawn: (width, height) => (
    <Path
      d={steps(height, 15)
        .flatMap((y, row) => steps(width, 18).map((x) => `M${x + (row % 2) * 9 - 5} ${y + 3} l2 -6 l2 6`))
        .join(' ')}
      stroke={ink.leaf64}
      strokeWidth={1.4}
      fill="none"
      strokeLinecap="round"
    />
  ),
  tree: (width, height) => (
    <G>
      <Circle cx={width / 2} cy={height / 2} r={4} fill={ink.earth40} />
      {[0, 1, 2, 3, 4, 5, 6, 7].map((at) => {
        const turn = (at * Math.PI) / 4;
        const [x, y] = [Math.cos(turn), Math.sin(turn)];
        const reach = Math.min(width, height) / 2;
        return (
          <Path
            key={at}
            d={`M${width / 2 + 6 * x} ${height / 2 + 6 * y} L${width / 2 + 0.72 * reach * x} ${height / 2 + 0.72 * reach * y}`}
            stroke={ink.leaf48}
            strokeWidth={1.6}
          />
        );
      })}
    </G>
  ),
};
