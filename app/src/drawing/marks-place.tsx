import type { ReactElement } from 'react';
import { Circle, G, Line, Path, Rect, Text } from 'react-native-svg';
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
