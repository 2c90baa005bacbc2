import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Line, Path } from 'react-native-svg';
import { Bug } from './bases';
import { ink, strewn } from './ink';

const thin = { stroke: ink.line, strokeWidth: 0.8 } as const;

/** Insects and what they leave behind. */
export const insectMarks: Record<string, () => ReactElement> = {
  'beads-tip': () => (
    <G>
      {strewn(22, 3, { x: 50, y: 22, rx: 11, ry: 20 }).map(({ x, y }, at) => (
        <Ellipse key={at} cx={x} cy={y} rx={2.7} ry={3.3} fill={at % 4 === 0 ? ink.soot : '#B9D04B'} {...thin} />
      ))}
    </G>
  ),
  husks: () => (
    <G>
      {strewn(9, 5).map(({ x, y, turn }, at) => (
        <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
          <Ellipse rx={2.2} ry={4.4} fill={ink.white} {...thin} />
          <Path d="M0 -4 V3 M-2 -1 L-5 -3 M2 -1 L5 -3 M-2 1 L-5 3 M2 1 L5 3" {...thin} strokeWidth={0.6} />
        </G>
      ))}
    </G>
  ),
  drips: () => (
    <G>
      {strewn(9, 2).map(({ x, y }, at) => (
        <G key={at}>
          <Circle cx={x} cy={y} r={3.8} fill="#F5D77A" fillOpacity={0.85} stroke="#A87412" strokeWidth={0.9} />
          <Circle cx={x - 1.2} cy={y - 1.2} r={1.1} fill={ink.white} />
        </G>
      ))}
      <Path d="M70 72 C70 80 66 86 68 94" stroke="#C89526" strokeWidth={2.4} fill="none" />
      <Circle cx={68} cy={95} r={2.6} fill="#F5D77A" stroke="#A87412" strokeWidth={0.8} />
    </G>
  ),
  'ant-line': () => (
    <G>
      {[12, 28, 44, 60, 76, 90].map((y, at) => (
        <Bug key={y} x={at % 2 ? 54 : 48} y={y} size={0.85} fill={ink.soot} turn={at % 2 ? 180 : 6} />
      ))}
    </G>
  ),
  soot: () => (
    <G>
      <Path d="M30 44 C34 30 48 24 60 30 C72 36 72 52 64 62 C52 72 36 70 30 58Z" fill={ink.soot} fillOpacity={0.86} />
      <Path d="M40 70 C46 66 52 64 60 66" stroke={ink.healthy} strokeWidth={6} strokeLinecap="round" fill="none" />
      {strewn(14, 8).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={2.2} fill={ink.soot} fillOpacity={0.8} />
      ))}
    </G>
  ),
  mummies: () => (
    <G>
      {strewn(7, 4).map(({ x, y }, at) => (
        <G key={at}>
          <Circle cx={x} cy={y} r={5} fill="#C99A55" {...thin} />
          <Circle cx={x + 1.4} cy={y + 1} r={1.5} fill={ink.line} />
        </G>
      ))}
    </G>
  ),
  'ladybird-larva': () => (
    <G transform="translate(50 50) rotate(-14)">
      <Path
        d="M-8 -18 L-22 -26 M-10 -4 L-26 -6 M-10 10 L-24 16 M8 -18 L22 -26 M10 -4 L26 -6 M10 10 L24 16"
        stroke={ink.line}
        strokeWidth={2}
      />
      <Path
        d="M0 -32 C10 -32 13 -18 12 0 C11 18 6 34 0 36 C-6 34 -11 18 -12 0 C-13 -18 -10 -32 0 -32Z"
        fill="#4B545A"
        stroke={ink.line}
        strokeWidth={1.4}
      />
      {[-18, -6, 6, 18].map((y) => (
        <Path
          key={y}
          d={`M-11 ${y} L-15 ${y - 3} M11 ${y} L15 ${y - 3} M-4 ${y} l-2 -4 M4 ${y} l2 -4`}
          stroke={ink.line}
          strokeWidth={1.1}
        />
      ))}
      <Circle cx={-6} cy={-14} r={3.4} fill={ink.orange} />
      <Circle cx={6} cy={-14} r={3.4} fill={ink.orange} />
      <Circle cx={-6} cy={8} r={2.8} fill={ink.orange} />
      <Circle cx={6} cy={8} r={2.8} fill={ink.orange} />
    </G>
  ),
  'white-cloud': () => (
    <G>
      {strewn(15, 6, { x: 52, y: 42, rx: 40, ry: 36 }).map(({ x, y, turn }, at) => (
        <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
          <Path
            d="M0 4 L-6 -3 C-4 -6 -1 -4 0 0 C1 -4 4 -6 6 -3Z"
            fill={ink.white}
            stroke={ink.line}
            strokeWidth={0.9}
          />
        </G>
      ))}
    </G>
  ),
  stipple: () => (
    <G>
      {strewn(110, 1, { x: 50, y: 52, rx: 25, ry: 35 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={0.95} fill="#F6F0C8" />
      ))}
    </G>
  ),
  web: () => (
    <G>
      <Path
        d="M14 66 L50 26 L86 54 M22 34 L50 80 L76 26 M30 54 L66 44 M36 70 L64 60 M34 40 L70 34"
        stroke="#E9EEF0"
        strokeWidth={2.4}
        fill="none"
      />
      <Path
        d="M14 66 L50 26 L86 54 M22 34 L50 80 L76 26 M30 54 L66 44 M36 70 L64 60 M34 40 L70 34"
        stroke="#7C868B"
        strokeWidth={0.9}
        fill="none"
      />
      {strewn(12, 9, { x: 50, y: 48, rx: 22, ry: 20 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={1.3} fill="#A33D22" />
      ))}
    </G>
  ),
  'walking-dots': () => (
    <G>
      {strewn(10, 3).map(({ x, y, turn }, at) => (
        <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
          <Path d="M-4 -2 L4 2 M-4 2 L4 -2 M-4 0 H4" {...thin} strokeWidth={0.7} />
          <Ellipse rx={1.9} ry={2.5} fill="#A33D22" {...thin} strokeWidth={0.5} />
          <Path d="M0 4 v3 m0 1.5 v2" stroke={ink.line} strokeWidth={0.5} strokeDasharray="1 1" />
        </G>
      ))}
    </G>
  ),
  'silver-streaks': () => (
    <G>
      {strewn(9, 2).map(({ x, y }, at) => (
        <Path
          key={at}
          d={`M${x - 7} ${y + 5} C${x - 3} ${y - 3} ${x + 2} ${y + 1} ${x + 7} ${y - 5}`}
          stroke="#E4E6E2"
          strokeWidth={3.6}
          strokeLinecap="round"
          fill="none"
        />
      ))}
      {strewn(16, 7).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={1.1} fill={ink.soot} />
      ))}
    </G>
  ),
  hopper: () => (
    <G>
      <Path d="M22 74 C34 40 52 36 60 44" stroke={ink.line} strokeWidth={1} strokeDasharray="2 3" fill="none" />
      <G transform="translate(62 48) rotate(-24)">
        <Path d="M-24 4 C-14 -10 14 -12 26 0 C18 8 -8 12 -24 4Z" fill="#B7CF6A" stroke={ink.line} strokeWidth={1.5} />
        <Path d="M-18 2 C-6 -2 10 -3 22 0" stroke={ink.rib} strokeWidth={1.2} fill="none" />
        <Path d="M6 7 L-2 20 L-14 22 M14 5 L14 16" stroke={ink.line} strokeWidth={1.5} fill="none" />
        <Circle cx={21} cy={-2} r={1.8} fill={ink.line} />
      </G>
    </G>
  ),
  holes: () => (
    <G>
      <Path
        d="M30 40 C34 32 42 36 44 42 C46 50 38 56 32 52 C27 49 27 45 30 40Z M58 58 C64 52 74 58 72 66 C70 73 60 72 57 67Z M60 28 C66 25 72 32 68 38 C63 41 57 36 60 28Z M84 46 C78 48 76 54 82 58 L92 54Z"
        fill={ink.card}
        {...thin}
      />
    </G>
  ),
  'pin-holes': () => (
    <G>
      {strewn(46, 2, { x: 50, y: 50, rx: 30, ry: 34 }).map(({ x, y }, at) => (
        <Circle key={at} cx={x} cy={y} r={1.7} fill={ink.card} stroke={ink.line} strokeWidth={0.4} />
      ))}
    </G>
  ),
  'flea-beetle': () => (
    <G>
      <Path
        d="M16 76 C22 40 40 30 50 46 M50 78 C56 52 70 40 80 56"
        stroke={ink.line}
        strokeWidth={1}
        strokeDasharray="2 3"
        fill="none"
      />
      {[
        [50, 46],
        [80, 56],
        [28, 60],
      ].map(([x = 0, y = 0]) => (
        <G key={x} transform={`translate(${x} ${y}) rotate(-30)`}>
          <Ellipse rx={9} ry={6} fill={ink.soot} />
          <Path d="M-2 4 L4 13 L12 12" stroke={ink.line} strokeWidth={2} fill="none" />
          <Path d="M-4 -3 C0 -5 4 -4 6 -2" stroke="#8F9AA0" strokeWidth={1.4} fill="none" />
        </G>
      ))}
    </G>
  ),
  frass: () => (
    <G>
      {strewn(17, 4, { x: 50, y: 62, rx: 17, ry: 20 }).map(({ x, y, turn }, at) => (
        <G key={at} transform={`translate(${x} ${y}) rotate(${turn})`}>
          <Ellipse rx={3.3} ry={2.5} fill="#26401F" stroke={ink.card} strokeWidth={0.5} />
        </G>
      ))}
    </G>
  ),
  caterpillar: () => (
    <G>
      {[16, 27, 38, 49, 60, 71].map((x, at) => (
        <Circle
          key={x}
          cx={x}
          cy={62 - Math.sin((at / 5) * Math.PI) * 22}
          r={9}
          fill={ink.green}
          stroke={ink.line}
          strokeWidth={1.2}
        />
      ))}
      <Circle cx={82} cy={66} r={9} fill="#8FB44A" stroke={ink.line} strokeWidth={1.2} />
      <Circle cx={85} cy={63} r={1.5} fill={ink.line} />
      <Path d="M16 71 v5 M27 58 v0 M60 60 v6 M71 70 v6" stroke={ink.line} strokeWidth={1.6} />
      <Path d="M12 55 C30 40 56 34 76 52" stroke="#DCE48E" strokeWidth={1.6} fill="none" />
    </G>
  ),
  eggs: () => (
    <G>
      {strewn(13, 1, { x: 46, y: 52, rx: 13, ry: 13 }).map(({ x, y }, at) => (
        <Path
          key={at}
          d={`M${x} ${y - 5} C${x + 3} ${y - 2} ${x + 3} ${y + 4} ${x} ${y + 5} C${x - 3} ${y + 4} ${x - 3} ${y - 2} ${x} ${y - 5}Z`}
          fill="#EFC93C"
          {...thin}
        />
      ))}
    </G>
  ),
  butterfly: () => (
    <G transform="translate(50 46)">
      <Path
        d="M0 -4 C-14 -34 -44 -28 -36 -6 C-32 4 -12 6 0 2 C-14 4 -30 14 -20 26 C-12 32 -2 18 0 8 C2 18 12 32 20 26 C30 14 14 4 0 2 C12 6 32 4 36 -6 C44 -28 14 -34 0 -4Z"
        fill={ink.white}
        stroke={ink.line}
        strokeWidth={1.6}
      />
      <Path
        d="M-34 -20 C-30 -26 -22 -26 -18 -22 M34 -20 C30 -26 22 -26 18 -22"
        stroke={ink.soot}
        strokeWidth={5}
        strokeLinecap="round"
      />
      <Circle cx={-16} cy={-6} r={2.6} fill={ink.soot} />
      <Circle cx={16} cy={-6} r={2.6} fill={ink.soot} />
      <Line x1={0} y1={-8} x2={0} y2={16} stroke={ink.line} strokeWidth={3.4} strokeLinecap="round" />
      <Path d="M0 -8 L-7 -20 M0 -8 L7 -20" stroke={ink.line} strokeWidth={1} />
    </G>
  ),
  slime: () => (
    <G>
      <Path
        d="M26 88 C40 70 22 58 42 46 C58 36 46 26 66 14"
        stroke="#DDE5E8"
        strokeWidth={8}
        strokeLinecap="round"
        fill="none"
      />
      <Path
        d="M26 88 C40 70 22 58 42 46 C58 36 46 26 66 14"
        stroke="#8FA0A8"
        strokeWidth={0.9}
        strokeDasharray="4 3"
        fill="none"
      />
      <Path d="M60 60 C66 54 76 58 74 66 C71 72 62 70 60 60Z" fill={ink.card} {...thin} />
    </G>
  ),
};
