import type { PlateBase, PlateSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import { ink, strewn } from './ink';

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
  'long-leaf': (tint) => (
    <G>
      <Path d="M50 98 C40 70 40 34 50 4 C60 34 60 70 50 98Z" fill={ink[tint]} {...stroke} />
      <Path
        d="M50 96 V10 M46 84 C44 60 45 40 48 24 M54 84 C56 60 55 40 52 24"
        fill="none"
        stroke={ink.rib}
        strokeWidth={1}
      />
      <Path
        d="M50 98 C30 76 20 54 18 30 C32 42 44 62 50 86 M50 98 C70 78 80 58 84 36 C68 46 56 64 50 86"
        fill={ink[tint]}
        fillOpacity={0.55}
        {...stroke}
        strokeWidth={1}
      />
    </G>
  ),
  'fern-frond': (tint) => (
    <G>
      <Path d="M50 98 C50 70 50 40 50 6" fill="none" stroke={ink.line} strokeWidth={2} />
      {[14, 26, 38, 50, 62, 74].map((y, at) => {
        const reach = 10 + at * 4.4;
        return (
          <Path
            key={y}
            d={`M50 ${y + 6} C${50 - reach * 0.5} ${y - 4} ${50 - reach} ${y - 2} ${50 - reach} ${y + 5} C${50 - reach * 0.6} ${y + 10} ${50 - 8} ${y + 10} 50 ${y + 6}Z M50 ${y + 6} C${50 + reach * 0.5} ${y - 4} ${50 + reach} ${y - 2} ${50 + reach} ${y + 5} C${50 + reach * 0.6} ${y + 10} ${50 + 8} ${y + 10} 50 ${y + 6}Z`}
            fill={ink[tint]}
            {...stroke}
            strokeWidth={1.1}
          />
        );
      })}
    </G>
  ),
  trunk: () => (
    <G>
      <Path d="M2 88 H98 V98 H2Z" fill={ink.soil} {...stroke} strokeWidth={1} />
      <Path
        d="M30 2 C34 30 32 60 16 90 C30 86 38 86 44 94 C50 88 58 88 66 93 C70 86 78 88 86 90 C70 60 68 30 70 2Z"
        fill="#9A7650"
        {...stroke}
      />
      <Path
        d="M40 4 C42 30 40 56 34 78 M58 4 C58 34 60 56 66 80 M50 20 C49 40 51 56 50 70"
        fill="none"
        stroke="#6E5236"
        strokeWidth={1.3}
      />
    </G>
  ),
  flower: () => (
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
          fill="#E7B7C4"
          {...stroke}
          strokeWidth={1.2}
        />
      ))}
      <Circle cx={50} cy={38} r={8} fill={ink.yellow} {...stroke} strokeWidth={1.2} />
    </G>
  ),
  apple: (tint) => (
    <G>
      <Path
        d="M50 30 C40 18 14 22 14 52 C14 78 34 94 50 88 C66 94 86 78 86 52 C86 22 60 18 50 30Z"
        fill={tint === 'brown' ? '#9C6B3B' : '#C9B94E'}
        {...stroke}
      />
      <Path
        d="M70 32 C84 44 84 70 70 82 C78 66 78 46 70 32Z"
        fill={tint === 'brown' ? '#8B5E34' : '#C4553A'}
        fillOpacity={0.7}
      />
      <Path d="M50 32 C50 20 54 12 60 6 M54 16 C62 8 74 8 80 12 C74 20 62 22 54 16Z" fill={ink.healthy} {...stroke} />
    </G>
  ),
  berry: () => (
    <G>
      <Path
        d="M50 26 C30 24 20 38 26 58 C32 78 42 92 50 94 C58 92 68 78 74 58 C80 38 70 24 50 26Z"
        fill="#BC3A46"
        {...stroke}
      />
      {strewn(22, 2, { x: 50, y: 56, rx: 20, ry: 28 }).map(({ x, y }, at) => (
        <Ellipse key={at} cx={x} cy={y} rx={1.5} ry={2.2} fill="#F0D58C" />
      ))}
      <Path d="M50 28 L34 16 L44 20 L46 8 L52 19 L62 10 L58 22 L68 20Z" fill={ink.dark} {...stroke} strokeWidth={1} />
    </G>
  ),
  pod: () => (
    <G>
      <Path d="M44 6 C30 34 34 74 58 96 C70 70 66 28 44 6Z" fill={ink.healthy} {...stroke} />
      <Path d="M46 12 C42 40 46 70 57 90" fill="none" stroke={ink.rib} strokeWidth={1.2} />
      {[30, 46, 62, 76].map((y, at) => (
        <Ellipse key={y} cx={46 + at * 2.6} cy={y} rx={6} ry={7} fill="#7FA362" stroke={ink.rib} strokeWidth={0.8} />
      ))}
    </G>
  ),
  cucumber: () => (
    <Path
      d="M36 14 C48 4 62 8 66 24 C70 50 68 74 58 90 C46 98 36 90 34 74 C32 54 32 30 36 14Z"
      fill="#4F7A3C"
      {...stroke}
    />
  ),
  carrot: () => (
    <G>
      <Path d="M2 28 H98" {...stroke} />
      <Path
        d="M50 26 C44 14 36 10 30 4 M50 26 C50 14 50 8 50 2 M50 26 C56 14 64 10 70 4"
        fill="none"
        stroke={ink.rib}
        strokeWidth={3}
      />
      <Path d="M34 30 C38 24 62 24 66 30 C64 60 56 84 50 97 C44 84 36 60 34 30Z" fill={ink.orange} {...stroke} />
      <Path d="M38 42 H46 M54 52 H61 M42 62 H48" stroke="#A85A18" strokeWidth={1.1} />
    </G>
  ),
  potato: () => (
    <G>
      <Path
        d="M14 58 C12 38 34 30 54 32 C76 32 90 44 88 60 C86 78 64 86 44 84 C26 84 16 74 14 58Z"
        fill="#D3B47C"
        {...stroke}
      />
      <Path d="M30 52 q4 -4 8 0 M62 46 q4 -4 8 0 M52 70 q4 -4 8 0" fill="none" stroke="#8F7446" strokeWidth={1.4} />
    </G>
  ),
  bulb: () => (
    <G>
      <Path
        d="M48 34 C46 20 40 10 34 4 M50 34 C50 20 50 10 52 2 M53 34 C56 20 62 12 68 6"
        fill="none"
        stroke={ink.healthy}
        strokeWidth={4}
      />
      <Path
        d="M50 32 C40 42 24 48 24 64 C24 80 38 86 50 86 C62 86 76 80 76 64 C76 48 60 42 50 32Z"
        fill="#D9A66B"
        {...stroke}
      />
      <Path d="M50 36 C44 50 42 70 46 85 M50 36 C58 50 60 70 55 85" fill="none" stroke="#9A6A35" strokeWidth={1.1} />
      <Path d="M42 86 L38 97 M48 87 L47 98 M54 87 L56 98 M60 86 L64 96" stroke="#B99B73" strokeWidth={1.6} />
    </G>
  ),
  cabbage: () => (
    <G>
      <Path
        d="M50 94 C20 96 4 74 8 52 C18 54 26 60 30 70 C24 46 30 24 50 12 C70 24 76 46 70 70 C74 60 82 54 92 52 C96 74 80 96 50 94Z"
        fill={ink.healthy}
        {...stroke}
      />
      <Path d="M50 90 C30 84 28 52 50 30 C72 52 70 84 50 90Z" fill="#A9C27E" {...stroke} />
      <Path d="M50 88 V40 M50 70 L40 58 M50 70 L60 58" fill="none" stroke="#6F8557" strokeWidth={1.6} />
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
  profile: () => (
    <G>
      <Path d="M2 30 C20 26 40 32 60 28 C76 26 90 30 98 28 V98 H2Z" fill={ink.soil} {...stroke} />
      <Path
        d="M2 56 C24 52 50 60 74 54 C86 52 94 56 98 54"
        fill="none"
        stroke="#6B5138"
        strokeWidth={1.2}
        strokeDasharray="4 3"
      />
      <Path d="M8 28 l3 -10 M14 28 l-1 -12 M84 28 l3 -10 M90 28 l-2 -12" stroke={ink.healthy} strokeWidth={2} />
    </G>
  ),
  lawn: (tint) => (
    <G>
      <Rect x={2} y={34} width={96} height={64} fill={tint === 'yellow' ? '#C3BE6B' : '#7C9F57'} {...stroke} />
      {strewn(46, 4, { x: 50, y: 64, rx: 46, ry: 28 }).map(({ x, y, turn }, at) => (
        <Path
          key={at}
          d={`M${x} ${y} l${turn / 22} -6`}
          stroke={tint === 'yellow' ? '#8E8B3F' : '#4F7336'}
          strokeWidth={1.2}
        />
      ))}
    </G>
  ),
  turf: () => (
    <G>
      <Rect x={2} y={62} width={96} height={36} fill={ink.soil} {...stroke} />
      <Rect x={2} y={50} width={96} height={14} fill="#7C9F57" {...stroke} />
      {[6, 14, 22, 30, 38, 46, 54, 62, 70, 78, 86, 93].map((x, at) => (
        <Path key={x} d={`M${x} 52 l${(at % 3) - 1} -9`} stroke="#4F7336" strokeWidth={1.6} />
      ))}
    </G>
  ),
  water: () => (
    <G>
      <Path d="M14 26 H86 L80 96 H20Z" fill="#B9CBD3" {...stroke} />
      <Path d="M16 40 C30 36 40 44 52 40 C64 36 74 44 84 40 L80 95 H20Z" fill={ink.water} fillOpacity={0.65} />
      <Path d="M16 40 C30 36 40 44 52 40 C64 36 74 44 84 40" fill="none" {...stroke} strokeWidth={1.2} />
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
