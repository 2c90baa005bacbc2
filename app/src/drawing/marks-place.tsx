import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect, Text } from 'react-native-svg';
import { ink, strewn } from './ink';

const line = { stroke: ink.line, strokeWidth: 1.4, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
const drop = (x: number, y: number, size = 1, filled = true) => (
  <Path
    key={`${x}-${y}`}
    d={`M${x} ${y - 11 * size} C${x + 9 * size} ${y} ${x + 7 * size} ${y + 10 * size} ${x} ${y + 10 * size} C${x - 7 * size} ${y + 10 * size} ${x - 9 * size} ${y} ${x} ${y - 11 * size}Z`}
    fill={filled ? ink.water : 'none'}
    {...line}
    strokeDasharray={filled ? undefined : '3 3'}
  />
);
const words = { fill: ink.line, fontFamily: 'Atkinson, sans-serif', fontWeight: '700', textAnchor: 'middle' } as const;

/** Weeds, soil readings, care and weather. */
export const placeMarks: Record<string, () => ReactElement> = {
  'weed-plantain': () => (
    <G>
      <Path
        d="M50 84 C20 80 6 66 8 54 C28 54 44 66 50 84Z M50 84 C80 80 94 66 92 54 C72 54 56 66 50 84Z M50 84 C36 70 30 52 38 42 C50 50 54 68 50 84Z M50 84 C64 70 70 54 64 44 C52 50 46 68 50 84Z"
        fill={ink.healthy}
        {...line}
      />
      <Path
        d="M50 82 C40 70 26 62 14 57 M50 82 C60 70 74 62 86 57 M48 80 C42 66 38 54 38 46"
        stroke={ink.rib}
        strokeWidth={1}
        fill="none"
      />
      <Path d="M50 82 V14" {...line} />
      <Ellipse cx={50} cy={20} rx={4} ry={14} fill={ink.brown} {...line} />
    </G>
  ),
  'weed-knotgrass': () => (
    <G>
      <Path
        d="M50 80 C30 78 14 70 4 76 M50 80 C66 76 84 72 97 78 M50 80 C44 66 30 56 16 54 M50 80 C60 64 74 58 88 56"
        stroke="#7A4A3A"
        strokeWidth={2.2}
        fill="none"
      />
      {[
        [14, 73],
        [26, 74],
        [38, 77],
        [64, 77],
        [76, 74],
        [88, 75],
        [24, 57],
        [36, 64],
        [46, 72],
        [62, 66],
        [74, 60],
        [84, 57],
      ].map(([x = 0, y = 0], at) => (
        <G key={at}>
          <Ellipse cx={x} cy={y - 4} rx={2.4} ry={5} fill={ink.healthy} {...line} strokeWidth={0.8} />
          <Circle cx={x + 2.5} cy={y} r={1.6} fill="#E7B7C0" />
        </G>
      ))}
    </G>
  ),
  'weed-pineapple': () => (
    <G>
      <Path
        d="M50 84 V34 M50 66 C40 60 34 52 32 40 M50 70 C60 62 66 54 70 44"
        {...line}
        stroke={ink.rib}
        strokeWidth={2.4}
      />
      {[
        [50, 30],
        [32, 36],
        [70, 40],
      ].map(([x = 0, y = 0]) => (
        <Path
          key={x}
          d={`M${x - 8} ${y + 4} C${x - 8} ${y - 12} ${x + 8} ${y - 12} ${x + 8} ${y + 4} C${x + 4} ${y + 8} ${x - 4} ${y + 8} ${x - 8} ${y + 4}Z`}
          fill="#C7C84A"
          {...line}
        />
      ))}
      <Path
        d="M50 78 l-14 -4 m4 1 l-3 -5 m7 6 l-3 -6 M50 78 l14 -4 m-4 1 l3 -5 m-7 6 l3 -6 M50 60 l-10 -3 M50 56 l10 -3"
        stroke={ink.healthy}
        strokeWidth={1.8}
      />
    </G>
  ),
  'weed-taproot': () => (
    <G>
      <Path d="M46 62 C46 78 48 90 50 99 C52 90 54 78 54 62Z" fill="#D8BE8E" {...line} />
      <Path
        d="M50 62 C36 60 20 52 10 56 C16 48 30 48 36 44 C28 40 22 34 20 28 C34 32 46 46 50 62Z M50 62 C64 60 80 52 90 56 C84 48 70 48 64 44 C72 40 78 34 80 28 C66 32 54 46 50 62Z"
        fill={ink.healthy}
        {...line}
      />
      <Path d="M50 60 V20" {...line} />
      <Circle cx={50} cy={14} r={10} fill="#EBC22F" {...line} />
      <Path d="M42 14 H58 M50 6 V22 M44 8 L56 20 M56 8 L44 20" stroke="#B78A10" strokeWidth={1} />
    </G>
  ),
  'weed-chickweed': () => (
    <G>
      <Path d="M8 80 C24 70 40 76 52 66 C66 56 78 60 92 46" stroke={ink.healthy} strokeWidth={2.6} fill="none" />
      {[
        [22, 74],
        [40, 72],
        [56, 64],
        [72, 57],
        [86, 50],
      ].map(([x = 0, y = 0]) => (
        <Path
          key={x}
          d={`M${x} ${y} c-8 -3 -8 -11 -2 -13 c4 4 4 9 2 13 c4 -6 11 -6 13 -1 c-3 5 -9 5 -13 1Z`}
          fill="#8DBB5B"
          {...line}
          strokeWidth={1}
        />
      ))}
      {[
        [32, 48],
        [62, 36],
      ].map(([x = 0, y = 0]) => (
        <G key={x}>
          <Path d={`M${x} ${y + 18} V${y}`} stroke={ink.healthy} strokeWidth={1.6} />
          {[0, 72, 144, 216, 288].map((turn) => (
            <G key={turn} transform={`translate(${x} ${y}) rotate(${turn})`}>
              <Path d="M0 0 L-3 -9 L0 -6 L3 -9Z" fill={ink.white} {...line} strokeWidth={0.8} />
            </G>
          ))}
        </G>
      ))}
    </G>
  ),
  'weed-nettle': () => (
    <G>
      <Path d="M50 84 V12" {...line} stroke={ink.rib} strokeWidth={3} />
      {[70, 52, 34].map((y, at) => (
        <Path
          key={y}
          d={`M50 ${y} l-${12 - at} -4 l-4 -6 l-6 1 l-3 -7 l-7 -1 l8 -4 l9 1 l8 5 l5 7Z M50 ${y} l${12 - at} -4 l4 -6 l6 1 l3 -7 l7 -1 l-8 -4 l-9 1 l-8 5 l-5 7Z`}
          fill={ink.dark}
          {...line}
          strokeWidth={1}
        />
      ))}
      <Path
        d="M40 60 l-2 -4 M60 60 l2 -4 M42 42 l-2 -4 M58 42 l2 -4 M50 20 l3 -4"
        stroke={ink.line}
        strokeWidth={0.9}
      />
    </G>
  ),
  'weed-clover': () => (
    <G>
      <Path
        d="M50 84 C46 70 36 62 32 50 M50 84 C54 66 64 58 68 40"
        stroke={ink.healthy}
        strokeWidth={2.4}
        fill="none"
      />
      <G>
        {[-60, 60, 180].map((turn) => (
          <G key={turn} transform={`translate(32 46) rotate(${turn})`}>
            <Ellipse cx={0} cy={-11} rx={8.5} ry={11} fill={ink.healthy} {...line} />
            <Path d="M-5 -13 Q0 -8 5 -13" stroke={ink.pale} strokeWidth={1.6} fill="none" />
          </G>
        ))}
      </G>
      {strewn(18, 2, { x: 68, y: 32, rx: 11, ry: 10 }).map(({ x, y }, at) => (
        <Ellipse key={at} cx={x} cy={y} rx={2} ry={4} fill="#E9C6CE" {...line} strokeWidth={0.6} />
      ))}
    </G>
  ),
  'weed-sorrel': () => (
    <G>
      <Path d="M50 84 V12" {...line} stroke="#8B4334" strokeWidth={2} />
      {strewn(16, 5, { x: 50, y: 26, rx: 7, ry: 16 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={2.2} fill="#B5523F" />
      ))}
      <Path
        d="M50 80 C38 76 28 62 24 44 L18 50 L20 38 L28 36 L32 40 L28 42 C36 56 44 68 50 80Z M50 80 C62 76 72 64 76 50 L82 56 L82 44 L74 40 L69 44 L73 47 C66 60 58 70 50 80Z"
        fill={ink.healthy}
        {...line}
      />
    </G>
  ),
  'weed-moss': () => (
    <G>
      <Path d="M6 84 C8 64 26 60 34 68 C40 56 56 58 60 68 C62 72 62 80 62 84Z" fill="#5C8A3C" {...line} />
      {strewn(26, 3, { x: 34, y: 74, rx: 26, ry: 9 }).map(({ x, y }, at) => (
        <Path key={at} d={`M${x} ${y} v-4`} stroke="#9CC26B" strokeWidth={1.2} />
      ))}
      <Path d="M80 84 V16" stroke={ink.rib} strokeWidth={3} />
      {[74, 60, 46, 32].map((y) => (
        <Path
          key={y}
          d={`M80 ${y} l-12 -8 M80 ${y} l12 -8 M80 ${y} l-8 -10 M80 ${y} l8 -10`}
          stroke={ink.healthy}
          strokeWidth={1.4}
        />
      ))}
    </G>
  ),
  'weed-flush': () => (
    <G>
      {strewn(17, 7, { x: 50, y: 66, rx: 44, ry: 20 }).map(({ x, y }, at) => (
        <G key={at}>
          <Path d={`M${x} ${y + 8} V${y}`} stroke={ink.healthy} strokeWidth={1.4} />
          <Path
            d={`M${x} ${y} c-7 -6 -10 0 -10 2 c4 2 8 1 10 -2 c7 -6 10 0 10 2 c-4 2 -8 1 -10 -2Z`}
            fill="#8DBB5B"
            {...line}
            strokeWidth={0.7}
          />
        </G>
      ))}
    </G>
  ),
  'probe-stops': () => (
    <G>
      <Rect x={2} y={66} width={96} height={32} fill="#5F4630" />
      <Path d="M8 74 H92 M8 84 H92 M8 93 H92" stroke={ink.line} strokeWidth={1.4} strokeDasharray="8 4" />
      <Path d="M40 8 L50 64 C52 70 60 66 58 60" stroke={ink.steel} strokeWidth={4} fill="none" strokeLinecap="round" />
      <Circle cx={39} cy={6} r={5} fill={ink.fruit} {...line} />
      <Path d="M80 42 V64 M76 42 h8 M76 64 h8" stroke={ink.card} strokeWidth={1.8} />
    </G>
  ),
  puddle: () => (
    <G>
      <Path d="M14 42 C20 34 80 34 88 42 C84 54 20 54 14 42Z" fill={ink.water} {...line} />
      <Path d="M34 42 C40 39 50 39 56 42 M54 47 C60 45 68 45 72 47" stroke={ink.white} strokeWidth={1.6} fill="none" />
      <Path d="M26 8 l-4 12 M50 4 l-4 12 M74 8 l-4 12" stroke={ink.water} strokeWidth={3} strokeLinecap="round" />
    </G>
  ),
  cap: () => (
    <G>
      <Rect x={2} y={40} width={96} height={12} fill="#D9C29A" {...line} />
      <Path
        d="M16 40 L22 52 L34 46 L40 52 M50 40 L46 50 L58 52 M70 40 L76 52 L88 46 M22 52 L18 62 M58 52 L62 64 M76 52 L72 60"
        stroke={ink.line}
        strokeWidth={1.6}
        fill="none"
      />
    </G>
  ),
  'run-off': () => (
    <G>
      <Rect x={2} y={40} width={96} height={58} fill={ink.drySoil} {...line} />
      {drop(40, 22)}
      <Path d="M40 38 C60 34 78 36 94 44" stroke={ink.water} strokeWidth={4} fill="none" strokeLinecap="round" />
      <Circle cx={24} cy={36} r={4.5} fill={ink.water} {...line} />
      <Circle cx={62} cy={33} r={3.5} fill={ink.water} {...line} />
      {strewn(24, 3, { x: 50, y: 72, rx: 44, ry: 20 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={1.2} fill={ink.brown} />
      ))}
    </G>
  ),
  fizz: () => (
    <G>
      <Path d="M58 4 L76 10 L66 30 L56 26Z" fill="#DCE6EA" {...line} />
      {drop(54, 38, 0.5)}
      {strewn(16, 4, { x: 46, y: 50, rx: 18, ry: 9 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={1.6 + (at % 3)} fill={ink.white} {...line} strokeWidth={0.8} />
      ))}
    </G>
  ),
  'ph-high': () => strip('8', '#3E6E8E'),
  'ph-low': () => strip('5', '#D0782F'),
  ec: () => (
    <G>
      <Rect x={36} y={4} width={28} height={34} rx={4} fill={ink.steel} {...line} />
      <Rect x={40} y={9} width={20} height={13} fill={ink.card} {...line} />
      <Text x={50} y={19.5} fontSize={10} {...words}>
        3.1
      </Text>
      <Line x1={50} y1={38} x2={50} y2={48} stroke={ink.line} strokeWidth={4} />
    </G>
  ),
  'uneven-drops': () => (
    <G>
      {drop(28, 46, 0.7, false)}
      {drop(50, 46, 0.7, false)}
      {drop(74, 46, 1.5)}
      <Path d="M20 72 H60 M66 72 H84" stroke={ink.line} strokeWidth={2} />
      <Path d="M20 72 l2 -4 m6 4 l2 -4 m6 4 l2 -4 m6 4 l2 -4 m6 4 l2 -4" stroke={ink.line} strokeWidth={1.2} />
    </G>
  ),
  'many-drops': () => (
    <G>
      {[
        [28, 34],
        [50, 30],
        [72, 34],
        [36, 58],
        [64, 58],
        [50, 74],
      ].map(([x = 0, y = 0]) => drop(x, y, 0.9))}
    </G>
  ),
  'no-drops': () => (
    <G>
      {drop(50, 50, 2, false)}
      <Path d="M26 76 L74 26" stroke={ink.fruit} strokeWidth={4} strokeLinecap="round" />
    </G>
  ),
  'feed-bag': () => (
    <G>
      <Path d="M28 26 H72 L76 82 H24Z" fill="#DDCFA8" {...line} />
      <Path d="M28 26 L34 16 H66 L72 26Z" fill="#CDBB8B" {...line} />
      <Text x={50} y={64} fontSize={32} {...words}>
        N
      </Text>
    </G>
  ),
  'strong-feed': () => (
    <G>
      <Path
        d="M24 40 C24 24 46 24 46 40 C46 50 24 50 24 40Z M54 40 C54 24 76 24 76 40 C76 50 54 50 54 40Z"
        fill="#8DBB5B"
        {...line}
      />
      <Path d="M35 49 V82 M65 49 V82" stroke={ink.steel} strokeWidth={5} strokeLinecap="round" />
      <Text x={50} y={24} fontSize={18} {...words}>
        ++
      </Text>
    </G>
  ),
  'empty-spoon': () => (
    <G>
      <Path d="M36 36 C36 16 64 16 64 36 C64 50 36 50 36 36Z" fill={ink.card} {...line} />
      <Path d="M50 47 V86" stroke={ink.steel} strokeWidth={6} strokeLinecap="round" />
      <Text x={50} y={40} fontSize={18} {...words}>
        0
      </Text>
    </G>
  ),
  'hard-tap': () => (
    <G>
      <Path d="M18 30 H58 C70 30 72 40 72 50 H58 V44 H18Z M36 30 V20 H26 H48" fill={ink.steel} {...line} />
      {drop(65, 66, 0.8)}
      {strewn(11, 3, { x: 60, y: 50, rx: 14, ry: 5 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={2.4} fill={ink.white} {...line} strokeWidth={0.7} />
      ))}
    </G>
  ),
  'still-air': () => (
    <G>
      <Path d="M30 78 V44 M44 78 V36 M58 78 V42 M72 78 V46" stroke={ink.rib} strokeWidth={3} />
      {[
        [30, 44],
        [44, 36],
        [58, 42],
        [72, 46],
      ].map(([x = 0, y = 0]) => (
        <Path
          key={x}
          d={`M${x} ${y + 10} c-16 -2 -16 -16 -10 -20 c8 2 12 10 10 20 c2 -12 10 -18 16 -16 c4 8 -6 16 -16 16Z`}
          fill={ink.healthy}
          {...line}
        />
      ))}
      <Path
        d="M20 22 H80 M26 14 H74"
        stroke={ink.water}
        strokeWidth={2.4}
        strokeDasharray="2 5"
        strokeLinecap="round"
      />
    </G>
  ),
  'moon-cold': () => (
    <G>
      <Path
        d="M62 18 C40 20 28 38 34 58 C40 76 62 82 78 70 C58 70 48 56 48 44 C48 32 54 24 62 18Z"
        fill="#D6DEE6"
        {...line}
      />
      <Path
        d="M74 24 V44 M64 34 H84 M67 27 L81 41 M81 27 L67 41"
        stroke={ink.water}
        strokeWidth={2.2}
        strokeLinecap="round"
      />
    </G>
  ),
};

/** A pH strip with its number, dipped in the dish. */
function strip(reading: string, colour: string): ReactElement {
  return (
    <G>
      <Rect x={42} y={6} width={17} height={52} fill={ink.card} {...line} />
      <Rect x={43} y={36} width={15} height={20} fill={colour} />
      <Text x={50.5} y={27} fontSize={17} {...words}>
        {reading}
      </Text>
    </G>
  );
}
