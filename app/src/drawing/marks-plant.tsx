import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path, Rect } from 'react-native-svg';
import { Bug, leafPath } from './bases';
import { ink, strewn } from './ink';

const thin = { stroke: ink.line, strokeWidth: 0.8 } as const;
const green = { stroke: ink.rib, strokeWidth: 3, fill: 'none', strokeLinecap: 'round' } as const;

const wiltedPlant = (
  <G>
    <Path d="M50 46 C50 30 48 22 40 18 C30 14 24 22 24 32 M50 40 C54 26 62 22 70 26 C76 30 76 36 74 42" {...green} />
    <Path
      d="M24 32 C14 36 14 50 22 56 C30 50 32 40 24 32Z M74 42 C66 46 66 58 74 64 C82 58 82 48 74 42Z M40 18 C34 22 32 30 38 36 C46 32 46 24 40 18Z"
      fill={ink.dull}
      {...thin}
    />
  </G>
);

const pair = (x: number, y: number, size: number, fill: string, key = 0) => (
  <G key={key} transform={`translate(${x} ${y}) scale(${size})`}>
    <Path
      d="M0 0 C-6 -14 -24 -16 -32 -8 C-24 4 -8 4 0 0Z M0 0 C6 -14 24 -16 32 -8 C24 4 8 4 0 0Z"
      fill={fill}
      stroke={ink.line}
      strokeWidth={1.4}
    />
  </G>
);

/** Colours, spots and growth on the plant itself. */
export const plantMarks: Record<string, () => ReactElement> = {
  curled: () => (
    <G>
      <Path
        d="M50 34 C36 34 24 26 26 12 C40 10 48 18 50 30 C52 16 62 8 76 14 C76 28 64 36 50 34Z"
        fill={ink.healthy}
        stroke={ink.line}
        strokeWidth={1.6}
      />
      <Path
        d="M30 16 C38 16 42 22 38 27 C34 29 31 25 34 22 M70 17 C62 17 58 23 62 28 C66 30 69 26 66 23"
        fill="none"
        stroke={ink.line}
        strokeWidth={1.8}
      />
    </G>
  ),
  cupped: () => (
    <G>
      <Path
        d="M22 46 C26 60 40 66 50 62 C60 66 74 60 78 46"
        fill="none"
        stroke={ink.line}
        strokeWidth={1.4}
        strokeDasharray="3 2"
      />
      <Path d="M20 60 C10 54 10 40 18 34 M80 60 C90 54 90 40 82 34" fill="none" stroke={ink.line} strokeWidth={1.8} />
      <Path d="M20 60 l-2 -7 M20 60 l6 -3 M80 60 l2 -7 M80 60 l-6 -3" stroke={ink.line} strokeWidth={1.4} />
    </G>
  ),
  'half-pale': () => (
    <G>
      <Path d="M50 93 C80 78 88 44 50 8Z" fill="#D9CF84" {...thin} />
      <Path d="M66 30 C78 46 78 62 70 76 C84 60 84 44 66 30Z" fill={ink.burnt} />
      <Path d="M50 74 L70 60 M50 56 L72 42" stroke={ink.rib} strokeWidth={1.2} />
    </G>
  ),
  powder: () => (
    <G>
      {[
        [38, 40, 11],
        [60, 52, 13],
        [44, 68, 9],
        [60, 30, 7],
      ].map(([x = 0, y = 0, r = 0]) => (
        <G key={`${x} ${y}`}>
          <Circle cx={x} cy={y} r={r} fill={ink.white} fillOpacity={0.92} />
          {strewn(10, r, { x, y, rx: r + 2, ry: r + 2 }).map((dot, at) => (
            <Circle key={at} cx={dot.x} cy={dot.y} r={1} fill="#C9CCC2" />
          ))}
        </G>
      ))}
    </G>
  ),
  'white-marks': () => (
    <G>
      <Path
        d="M30 46 C34 38 44 40 44 48 C42 56 30 56 30 46Z M56 60 C60 52 72 54 70 64 C66 72 54 70 56 60Z M52 26 C58 22 64 28 60 34 C54 36 50 32 52 26Z"
        fill="#EEF0EA"
        stroke="#A9AFA2"
        strokeWidth={1}
      />
      <Path d="M34 47 h6 M60 62 h6 M55 29 h4" stroke="#A9AFA2" strokeWidth={1} />
    </G>
  ),
  angular: () => (
    <Path
      d="M51 73 L69 60 L66 46 L51 55Z M49 55 L30 42 L32 56 L42 62Z M51 37 L64 28 L70 38 L58 44Z"
      fill={ink.yellow}
      stroke="#9C7A16"
      strokeWidth={1}
    />
  ),
  fuzz: () => (
    <G>
      {strewn(60, 3, { x: 46, y: 54, rx: 20, ry: 24 }).map(({ x, y, turn }, at) => (
        <Path key={at} d={`M${x} ${y} l${turn / 15} -4`} stroke="#6F6478" strokeWidth={1.3} />
      ))}
    </G>
  ),
  'sunken-end': () => (
    <G>
      <Path d="M28 80 C34 68 66 68 72 80 C66 92 34 92 28 80Z" fill="#33241A" stroke={ink.line} strokeWidth={1.2} />
      <Path d="M34 80 C40 74 60 74 66 80 M38 85 C46 81 56 81 62 85" stroke="#7A5C45" strokeWidth={1.2} fill="none" />
    </G>
  ),
  split: () => (
    <Path
      d="M46 22 C42 40 56 52 46 72 C44 80 48 86 52 90 C52 82 60 74 56 58 C52 44 56 34 52 22Z"
      fill="#F2A07E"
      stroke={ink.line}
      strokeWidth={1.4}
    />
  ),
  'sun-patch': () => (
    <G>
      <Path
        d="M66 36 C80 40 84 56 76 68 C64 70 58 58 60 48 C61 42 63 38 66 36Z"
        fill="#F1E4C6"
        stroke="#A5895A"
        strokeWidth={1.2}
      />
      <Circle cx={92} cy={14} r={7} fill="#F0B93A" stroke={ink.line} strokeWidth={1} />
      <Path d="M84 22 L76 32 M92 24 L90 34 M82 14 H74" stroke="#B67C10" strokeWidth={1.8} />
    </G>
  ),
  'brown-spots': () => (
    <G>
      {strewn(9, 5).map(({ x, y }, at) => (
        <G key={at}>
          <Circle cx={x} cy={y} r={5.2} fill="#D8C06A" />
          <Circle cx={x} cy={y} r={3.4} fill={ink.burnt} />
        </G>
      ))}
    </G>
  ),
  'veins-green': () => (
    <Path
      d="M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26"
      stroke="#2F5A33"
      strokeWidth={4}
      fill="none"
      strokeLinecap="round"
    />
  ),
  'old-leaf': () => (
    <G transform="translate(14 80)">
      <Path d="M0 16 V-14" stroke={ink.line} strokeWidth={1.6} />
      <Path
        d="M0 10 C-8 12 -12 8 -13 3 C-6 1 -1 4 0 10Z M0 10 C8 12 12 8 13 3 C6 1 1 4 0 10Z"
        fill={ink.orange}
        {...thin}
      />
      <Path d="M0 0 C-6 1 -9 -2 -9 -6 M0 -6 C5 -6 8 -9 8 -12" stroke={ink.rib} strokeWidth={1.2} fill="none" />
    </G>
  ),
  'new-leaf': () => (
    <G transform="translate(14 80)">
      <Path d="M0 16 V-14" stroke={ink.line} strokeWidth={1.6} />
      <Path d="M0 10 C-8 12 -12 8 -13 3 M0 10 C8 12 12 8 13 3" stroke={ink.rib} strokeWidth={1.2} fill="none" />
      <Path
        d="M0 -6 C-9 -5 -11 -11 -10 -17 C-3 -17 0 -12 0 -6Z M0 -6 C9 -5 11 -11 10 -17 C3 -17 0 -12 0 -6Z"
        fill={ink.orange}
        {...thin}
      />
    </G>
  ),
  'pale-plant': () => (
    <G>
      <Path d="M50 82 V34" {...green} stroke="#A3B26A" />
      {pair(50, 66, 0.9, ink.pale, 1)}
      {pair(50, 50, 0.75, ink.pale, 2)}
      {pair(50, 35, 0.5, ink.pale, 3)}
    </G>
  ),
  'lowest-yellow': () => (
    <G>
      <Path d="M50 80 C34 84 20 78 14 66 C30 62 44 68 50 80Z" fill={ink.yellow} stroke={ink.line} strokeWidth={1.6} />
      <Path d="M50 92 C64 96 76 92 82 82 C68 78 56 82 50 92Z" fill={ink.yellow} stroke={ink.line} strokeWidth={1.6} />
    </G>
  ),
  'small-plant': () => (
    <G>
      <Path d="M30 82 V68" {...green} />
      {pair(30, 68, 0.45, ink.healthy)}
      <Path d="M72 82 V30" {...green} strokeDasharray="2 5" />
      <Path
        d="M72 34 C64 22 56 22 50 28 C58 36 66 38 72 34Z M72 34 C80 22 88 22 94 28 C86 36 78 38 72 34Z M72 56 C64 46 56 46 50 52 C58 60 66 60 72 56Z"
        fill="none"
        stroke={ink.line}
        strokeWidth={1.2}
        strokeDasharray="3 3"
      />
    </G>
  ),
  lush: () => (
    <Path
      d="M50 84 C28 92 6 82 2 60 C26 52 46 62 50 84Z M50 70 C72 80 94 70 98 46 C74 40 54 50 50 70Z M50 48 C34 50 18 40 14 22 C34 16 48 28 50 48Z M50 42 C64 46 82 36 86 18 C66 12 52 24 50 42Z"
      fill={ink.dark}
      stroke={ink.line}
      strokeWidth={1.6}
    />
  ),
  'crisp-edge': () => (
    <G>
      <Path d={leafPath} fill="none" stroke={ink.burnt} strokeWidth={9} strokeDasharray="9 2 5 1" />
      <Path d={leafPath} fill="none" stroke={ink.line} strokeWidth={1.6} />
    </G>
  ),
  'wedge-burn': () => (
    <Path
      d="M50 8 C72 28 84 50 78 70 C70 52 58 38 50 34 C44 30 44 16 50 8Z"
      fill={ink.burnt}
      stroke={ink.line}
      strokeWidth={1}
    />
  ),
  crust: () => (
    <G>
      <Path
        d="M22 45 C30 40 36 47 44 42 C52 47 60 40 68 45 C74 42 78 45 78 45 C70 51 30 51 22 45Z"
        fill={ink.white}
        {...thin}
      />
      {strewn(12, 2, { x: 50, y: 50, rx: 30, ry: 4 }).map(({ x, y }, at) => (
        <Rect key={at} x={x - 1.4} y={y - 1.4} width={2.8} height={2.8} fill={ink.white} {...thin} strokeWidth={0.5} />
      ))}
      <Path d="M50 42 V20" {...green} />
      {pair(50, 22, 0.5, ink.healthy)}
    </G>
  ),
  'spent-seed-leaves': () => (
    <G>
      <Path d="M50 82 V30" {...green} />
      <Path
        d="M50 62 C42 60 30 62 24 72 C34 74 44 72 50 62Z M50 62 C58 60 70 62 76 72 C66 74 56 72 50 62Z"
        fill={ink.yellow}
        stroke={ink.brown}
        strokeWidth={1.6}
        strokeDasharray="3 1.5"
      />
      {pair(50, 34, 0.7, ink.pale)}
    </G>
  ),
  wilted: () => wiltedPlant,
  'wet-soil': () => (
    <G>
      <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.wetSoil} />
      {[34, 50, 66].map((x) => (
        <Path
          key={x}
          d={`M${x} 62 C${x + 6} 70 ${x + 5} 78 ${x} 78 C${x - 5} 78 ${x - 6} 70 ${x} 62Z`}
          fill={ink.water}
          {...thin}
        />
      ))}
    </G>
  ),
  'dry-soil': () => (
    <G>
      <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.drySoil} />
      <Path d="M34 46 L42 44 L48 48 L56 44 L66 47" stroke={ink.line} strokeWidth={1.2} fill="none" />
      <Path d="M50 60 C57 69 56 80 50 80 C44 80 43 69 50 60Z" fill="none" stroke={ink.line} strokeWidth={1.4} />
      <Path d="M38 84 L62 58" stroke={ink.fruit} strokeWidth={3} />
    </G>
  ),
  sun: () => (
    <G>
      <Circle cx={78} cy={22} r={11} fill="#F0B93A" stroke={ink.line} strokeWidth={1.4} />
      <Path
        d="M78 4 V0 M78 44 V38 M60 22 H54 M96 22 H100 M66 10 L62 6 M90 34 L94 38 M66 34 L62 38 M90 10 L94 6"
        stroke="#B67C10"
        strokeWidth={2.4}
        strokeLinecap="round"
      />
    </G>
  ),
  rotten: () => (
    <G>
      <Path
        d="M50 22 C48 40 40 52 26 66 C22 72 18 84 16 92 M50 22 C52 42 48 60 50 92 M50 34 C60 48 72 54 80 70 C84 78 84 86 86 94 M44 50 C36 54 26 54 20 56"
        stroke="#6B4428"
        strokeWidth={6}
        fill="none"
        strokeLinecap="round"
      />
      <Path d="M66 58 C72 60 78 66 82 74" stroke={ink.card} strokeWidth={2} fill="none" />
      <Path d="M82 62 C90 64 92 72 90 80" stroke="#6B4428" strokeWidth={3} fill="none" />
    </G>
  ),
  sideways: () => (
    <G>
      <Rect x={2} y={58} width={96} height={40} fill="#7B5B3C" {...thin} />
      <Path
        d="M50 22 C50 36 50 48 46 54 C36 58 20 54 8 56 M48 50 C58 57 74 53 92 56 M50 34 C42 46 34 52 24 53"
        stroke="#E6D3AF"
        strokeWidth={5}
        fill="none"
        strokeLinecap="round"
      />
      <Path d="M10 70 H90 M14 82 H86" stroke={ink.line} strokeWidth={1.6} strokeDasharray="6 5" />
    </G>
  ),
  gnats: () => (
    <G>
      <Path d="M50 44 V22" {...green} />
      {pair(50, 24, 0.5, ink.healthy)}
      {[
        [24, 38, -30],
        [76, 34, 40],
        [66, 16, 20],
        [30, 14, -60],
        [84, 54, 10],
        [40, 40, 80],
      ].map(([x = 0, y = 0, turn = 0]) => (
        <G key={x}>
          <Bug x={x} y={y} size={0.75} fill={ink.soot} turn={turn} />
          <Path d={`M${x} ${y} l-5 4 M${x} ${y} l5 4`} stroke="#8C979C" strokeWidth={1.8} />
        </G>
      ))}
    </G>
  ),
  'potato-slice': () => (
    <G>
      <Path
        d="M26 34 C30 22 68 20 76 32 C80 42 66 48 50 48 C34 48 22 44 26 34Z"
        fill="#F3E3AE"
        stroke={ink.brown}
        strokeWidth={3}
      />
      {[34, 46, 58, 66].map((x, at) => (
        <G key={x}>
          <Path
            d={`M${x} ${54 + at} c4 -3 6 5 11 2`}
            stroke={ink.white}
            strokeWidth={3}
            fill="none"
            strokeLinecap="round"
          />
          <Circle cx={x} cy={54 + at} r={1.8} fill={ink.soot} />
        </G>
      ))}
    </G>
  ),
  algae: () => (
    <G>
      <Path d="M22 46 C30 38 40 44 50 40 C60 44 70 38 78 46 C70 51 30 51 22 46Z" fill="#5FA046" {...thin} />
      {strewn(9, 4, { x: 50, y: 44, rx: 24, ry: 4 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={2.2} fill={at % 2 ? ink.white : '#8CC26E'} />
      ))}
    </G>
  ),
  smell: () => (
    <Path
      d="M34 40 C28 32 40 26 34 16 M50 38 C44 30 56 22 50 10 M66 40 C60 32 72 26 66 16"
      stroke="#7B6F2C"
      strokeWidth={3}
      fill="none"
      strokeLinecap="round"
    />
  ),
  keeled: () => (
    <G>
      <Path d="M22 82 V50" {...green} />
      {pair(22, 50, 0.5, ink.healthy)}
      <Path d="M52 82 C53 78 56 76 62 76 L86 74" {...green} strokeWidth={2} />
      <Path
        d="M86 74 C92 66 98 68 98 74 C96 80 90 80 86 74Z M84 74 C78 66 72 68 72 72 C76 78 80 78 84 74Z"
        fill={ink.dull}
        {...thin}
      />
      <Circle cx={52} cy={81} r={5} fill="none" stroke={ink.fruit} strokeWidth={1.6} />
    </G>
  ),
};
