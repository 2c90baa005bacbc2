import type { PlateBase, PlateSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import { ink } from './ink';

type Tint = NonNullable<PlateSpec['tint']>;

export const leafPath = 'M50 93 C20 78 12 44 50 8 C88 44 80 78 50 93Z';
const lobedPath =
  'M50 94 C44 84 22 88 20 72 C6 68 10 52 18 46 C8 36 20 22 32 26 C34 10 66 10 68 26 C80 22 92 36 82 46 C90 52 94 68 80 72 C78 88 56 84 50 94Z';
const veins = 'M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26';

const stroke = { stroke: ink.line, strokeWidth: 1.6, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;

/** What lies under the marks of a plate. Coordinates are on a card of 100 by 100. */
export const bases: Record<PlateBase, (tint: Tint) => ReactElement> = {
  leaf: (tint) => (
    <G>
      <Path d={leafPath} fill={ink[tint]} {...stroke} />
      <Path d={veins} fill="none" stroke={ink.rib} strokeWidth={1.4} />
      <Path d="M50 93 V99" {...stroke} />
    </G>
  ),
  'leaf-under': () => (
    <G>
      <Path d={leafPath} fill="#A9BC8A" {...stroke} />
      <Path d={veins} fill="none" stroke="#6F8557" strokeWidth={3.2} />
      <Path d="M50 93 V99" {...stroke} />
      <Path d="M66 14 C78 10 88 16 90 26 L80 24 M90 26 L94 17" fill="none" {...stroke} strokeWidth={1.2} />
    </G>
  ),
  'lobed-leaf': (tint) => (
    <G>
      <Path d={lobedPath} fill={ink[tint]} {...stroke} />
      <Path d={veins} fill="none" stroke={ink.rib} strokeWidth={1.6} />
    </G>
  ),
  shoot: (tint) => (
    <G>
      <Path d="M50 98 C50 70 49 40 50 22" fill="none" stroke={ink.rib} strokeWidth={3.2} />
      <Path
        d="M50 80 C34 84 20 78 14 66 C30 62 44 68 50 80Z M50 66 C66 72 80 66 86 54 C70 50 56 54 50 66Z M50 50 C38 50 26 44 22 34 C36 32 46 38 50 50Z M50 40 C60 42 72 36 76 26 C64 22 52 28 50 40Z M50 26 C44 20 44 12 50 6 C56 12 56 20 50 26Z"
        fill={ink[tint]}
        {...stroke}
      />
    </G>
  ),
  stem: () => (
    <G>
      <Path d="M44 98 C46 60 44 30 46 4 L56 4 C55 30 57 60 56 98Z" fill="#8C9A5B" {...stroke} />
      <Path
        d="M46 60 C30 58 20 48 16 36 C32 36 42 46 46 60Z M56 36 C70 34 80 26 84 14 C70 14 60 22 56 36Z"
        fill={ink.healthy}
        {...stroke}
      />
    </G>
  ),
  fruit: () => (
    <G>
      <Path
        d="M50 18 C24 14 10 36 14 58 C18 82 36 92 50 92 C64 92 82 82 86 58 C90 36 76 14 50 18Z"
        fill={ink.fruit}
        {...stroke}
      />
      <Path d="M50 20 L38 12 L48 16 L50 4 L53 16 L63 11Z" fill={ink.dark} {...stroke} />
      <Path d="M26 40 C28 32 34 28 40 27" fill="none" stroke={ink.card} strokeWidth={3} />
    </G>
  ),
  seedling: () => <Rect x={2} y={80} width={96} height={18} fill={ink.soil} {...stroke} />,
  pot: () => (
    <G>
      <Path d="M22 52 H78 L72 96 H28Z" fill={ink.pot} {...stroke} />
      <Rect x={18} y={44} width={64} height={11} rx={2} fill={ink.pot} {...stroke} />
      <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.soil} {...stroke} strokeWidth={1} />
    </G>
  ),
  soil: () => (
    <G>
      <Path d="M16 58 C20 44 80 44 84 58 L76 88 H24Z" fill={ink.white} {...stroke} />
      <Path d="M18 60 C30 50 70 50 82 60 C70 68 30 68 18 60Z" fill={ink.soil} {...stroke} />
    </G>
  ),
  root: () => (
    <G>
      <Path d="M2 22 H98" {...stroke} />
      <Path
        d="M50 22 C46 14 48 8 50 2 M50 10 C42 8 38 4 36 2 M50 12 C58 10 62 6 64 3"
        fill="none"
        stroke={ink.rib}
        strokeWidth={3}
      />
    </G>
  ),
  insect: () => (
    <Path d="M6 84 C30 74 70 74 94 84" fill="none" stroke={ink.healthy} strokeWidth={6} strokeLinecap="round" />
  ),
  weed: () => <Path d="M4 84 C30 80 70 80 96 84" fill="none" stroke={ink.soil} strokeWidth={5} strokeLinecap="round" />,
  bed: () => <Rect x={2} y={40} width={96} height={58} fill={ink.soil} {...stroke} />,
  care: () => (
    <Circle cx={50} cy={50} r={45} fill="#EFE7D2" stroke={ink.line} strokeWidth={1.2} strokeDasharray="3 4" />
  ),
};

/** A six-legged body, for the marks that need one. */
export function Bug({
  x,
  y,
  size,
  fill,
  turn = 0,
}: {
  x: number;
  y: number;
  size: number;
  fill: string;
  turn?: number;
}) {
  return (
    <G transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
      <Path
        d="M-3 -2 L-6 -4 M-3 0 L-7 0 M-3 2 L-6 4 M3 -2 L6 -4 M3 0 L7 0 M3 2 L6 4"
        stroke={ink.line}
        strokeWidth={0.7}
      />
      <Ellipse rx={3.2} ry={4.6} fill={fill} stroke={ink.line} strokeWidth={0.8} />
      <Line x1={-1} y1={-4.4} x2={-3} y2={-8} stroke={ink.line} strokeWidth={0.6} />
      <Line x1={1} y1={-4.4} x2={3} y2={-8} stroke={ink.line} strokeWidth={0.6} />
    </G>
  );
}
