import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path, Rect } from 'react-native-svg';
import { fieldOf, ink, strewn, toneColours } from './ink';
import type { MarkOf } from './marks-surface';

const line = { stroke: ink.line, strokeWidth: 1.4, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;
const green = { stroke: ink.rib, strokeWidth: 2.6, fill: 'none', strokeLinecap: 'round' } as const;
const card = { fill: ink.card } as const;
const leafAt = (x: number, y: number, turn: number, size: number, fill: string) => (
  <Path
    key={`${x} ${y} ${turn}`}
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d="M0 0 C-9 -8 -9 -22 0 -30 C9 -22 9 -8 0 0Z"
    fill={fill}
    stroke={ink.line}
    strokeWidth={1.3}
  />
);

/** How a shoot or plant grows. Those that need a clean card cover the base first. */
export function Form({ mark }: { mark: MarkOf<'form'> }): ReactElement {
  const tone = mark.tone ? toneColours[mark.tone] : ink.healthy;
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  switch (mark.kind) {
    case 'roll-up':
      return (
        <G>
          <Rect x={4} y={2} width={92} height={97} {...card} />
          <Path d="M50 96 C38 76 34 40 44 10 C48 30 52 30 56 10 C66 40 62 76 50 96Z" fill={ink.healthy} {...line} />
          <Path d="M44 10 C46 36 46 66 50 94 M56 10 C54 36 54 66 50 94" {...line} fill="none" />
          <Path
            d="M24 44 C28 34 34 32 38 34 M76 44 C72 34 66 32 62 34 M36 30 l3 4 l-5 1 M64 30 l-3 4 l5 1"
            {...line}
            strokeWidth={1.2}
            fill="none"
          />
        </G>
      );
    case 'tube':
      return (
        <G>
          <Rect x={4} y={2} width={92} height={97} {...card} />
          <Path d="M50 98 V20" {...green} />
          {[
            [50, 74, -62],
            [50, 74, 62],
            [50, 50, -58],
            [50, 50, 58],
            [50, 26, 0],
          ].map(([x = 0, y = 0, turn = 0]) => (
            <G key={`${y} ${turn}`} transform={`translate(${x} ${y}) rotate(${turn})`}>
              <Path d="M-4 0 L-4 -28 C-4 -32 4 -32 4 -28 L4 0Z" fill={ink.healthy} {...line} strokeWidth={1.1} />
              <Path d="M-4 -6 L4 -12 M-4 -16 L4 -22" stroke={ink.rib} strokeWidth={1} />
            </G>
          ))}
        </G>
      );
    case 'straps':
      return (
        <G>
          {blank}
          <Path d="M50 98 C50 76 50 60 50 44" {...green} />
          {[-56, -34, -12, 12, 34, 56].map((turn, at) => (
            <Path
              key={turn}
              transform={`translate(50 48) rotate(${turn})`}
              d={
                at % 2
                  ? 'M0 0 C-5 -12 5 -20 -2 -30 C-6 -36 2 -40 4 -44 C6 -38 4 -32 5 -26 C7 -16 4 -8 0 0Z'
                  : 'M0 0 C5 -12 -5 -18 2 -28 C7 -36 -2 -38 -4 -42 C-7 -34 -4 -28 -5 -22 C-6 -12 -4 -6 0 0Z'
              }
              fill={ink.pale}
              {...line}
              strokeWidth={1}
            />
          ))}
          <Path d="M50 74 C40 76 34 72 30 66 M50 82 C60 84 66 80 70 74" {...green} strokeWidth={1.6} />
        </G>
      );
    case 'pucker':
      return mark.tone ? (
        <G>
          <Path
            d="M50 93 C20 78 8 60 18 44 C12 30 34 26 36 14 C44 24 54 2 58 16 C68 10 70 30 84 34 C80 44 94 56 80 66 C80 78 62 86 50 93Z"
            fill="#A9BE6C"
            {...line}
          />
          <Path
            d="M32 40 C38 30 48 34 46 44 C42 52 30 50 32 40Z M56 34 C64 28 74 34 70 44 C64 50 54 44 56 34Z M36 66 C42 58 54 62 50 72 C44 78 34 74 36 66Z M62 62 C68 56 76 62 72 70 C66 76 58 70 62 62Z"
            fill={tone}
            {...line}
            strokeWidth={0.9}
          />
        </G>
      ) : (
        <Path
          d="M40 24 q5 -5 10 0 q5 5 10 0 M36 36 q4 -4 8 0 M56 36 q4 -4 8 0"
          fill="none"
          stroke={ink.card}
          strokeWidth={1.6}
        />
      );
    case 'tiny-leaves':
      return (
        <G>
          {blank}
          <Path d="M50 98 V30" {...green} />
          {[-70, -40, -15, 15, 40, 70].map((turn) =>
            leafAt(50, 30, turn, mark.tone ? 0.42 : 0.5, mark.tone ? tone : ink.pale),
          )}
          {[-60, 60].map((turn) => leafAt(50, 38, turn, 0.45, mark.tone ? tone : ink.pale))}
          {leafAt(50, 80, -66, 1, ink.healthy)}
          {leafAt(50, 74, 66, 1, ink.healthy)}
          {mark.tone && <Path d="M42 18 C46 14 54 14 58 18" fill="none" stroke="#F4F7E0" strokeWidth={2.4} />}
        </G>
      );
    case 'lanky':
      return (
        <G>
          <Path
            d="M32 82 C30 60 38 36 34 12 M66 82 C70 56 60 38 68 18"
            fill="none"
            stroke="#B7C48A"
            strokeWidth={2.2}
          />
          {[
            leafAt(34, 14, -70, 0.4, ink.pale),
            leafAt(34, 14, 70, 0.4, ink.pale),
            leafAt(68, 20, -60, 0.4, ink.pale),
            leafAt(68, 20, 60, 0.4, ink.pale),
            leafAt(34, 46, -80, 0.3, ink.pale),
            leafAt(65, 52, 80, 0.3, ink.pale),
          ]}
          <Path d="M14 80 V14 M11 18 l3 -5 l3 5" {...line} strokeWidth={1.1} fill="none" />
        </G>
      );
    case 'lean':
      return (
        <G>
          <Path d="M50 44 C52 30 62 20 78 14" {...green} />
          {[
            leafAt(58, 28, -10, 0.6, ink.healthy),
            leafAt(64, 22, 110, 0.6, ink.healthy),
            leafAt(76, 15, 60, 0.7, ink.healthy),
          ]}
          <Rect x={88} y={2} width={10} height={40} fill="#F3E2A0" {...line} strokeWidth={1} />
          <Path d="M93 2 V42 M88 22 H98" {...line} strokeWidth={0.9} />
        </G>
      );
    case 'big-buds':
      return (
        <G>
          {blank}
          <Path d="M50 98 C49 70 51 40 50 22" fill="none" stroke="#7A5A3A" strokeWidth={4.5} strokeLinecap="round" />
          {[
            [50, 18, 12],
            [36, 44, 10],
            [64, 56, 11],
            [37, 74, 9],
          ].map(([x = 0, y = 0, size = 0]) => (
            <G key={`${x} ${y}`}>
              <Path d={`M50 ${y + 12} L${x} ${y}`} stroke="#7A5A3A" strokeWidth={2.6} />
              <Circle cx={x} cy={y} r={size} fill="#B79A63" {...line} />
              <Path
                d={`M${x - size * 0.7} ${y - size * 0.3} Q${x} ${y + size * 0.6} ${x + size * 0.7} ${y - size * 0.3} M${x} ${y - size} V${y + size * 0.2}`}
                fill="none"
                {...line}
                strokeWidth={1.1}
              />
            </G>
          ))}
          <Path d="M58 84 C62 78 68 78 70 82 C68 88 62 90 58 84Z" fill={ink.healthy} {...line} />
        </G>
      );
    case 'crook':
      return (
        <G>
          {blank}
          <Path
            d="M46 98 C46 70 44 50 46 36 C48 18 66 12 72 26 C74 34 68 40 64 36"
            fill="none"
            stroke="#4A3323"
            strokeWidth={4}
            strokeLinecap="round"
          />
          {[
            leafAt(46, 66, -100, 0.9, tone),
            leafAt(46, 52, 110, 0.8, tone),
            leafAt(52, 22, -30, 0.6, tone),
            leafAt(70, 24, 120, 0.7, tone),
          ]}
          {leafAt(46, 88, -60, 0.8, ink.healthy)}
        </G>
      );
    case 'broom':
      return (
        <G>
          {blank}
          <Path d="M10 96 C30 84 40 74 46 58" fill="none" stroke={ink.brown} strokeWidth={6} />
          {Array.from({ length: 17 }, (_, at) => (
            <Path
              key={at}
              transform={`translate(46 60) rotate(${at * 9 - 78})`}
              d="M0 0 C2 -16 -3 -28 1 -44"
              fill="none"
              stroke={ink.brown}
              strokeWidth={1.7}
            />
          ))}
        </G>
      );
    case 'dieback':
      return (
        <G>
          {blank}
          <Path
            d="M50 98 C50 70 50 40 52 8 M50 70 C36 60 28 48 22 30 M50 56 C64 48 72 38 80 26"
            fill="none"
            stroke={ink.brown}
            strokeWidth={4}
            strokeLinecap="round"
          />
          <Path
            d="M51 40 C51 28 52 18 52 8 M30 48 C27 42 24 36 22 30"
            fill="none"
            stroke="#4A3F36"
            strokeWidth={4.4}
            strokeLinecap="round"
          />
          {[
            leafAt(70, 40, 100, 0.7, ink.healthy),
            leafAt(78, 28, 20, 0.7, ink.healthy),
            leafAt(60, 50, -20, 0.6, ink.healthy),
            leafAt(50, 82, 70, 0.8, ink.healthy),
            leafAt(50, 84, -70, 0.8, ink.healthy),
          ]}
          {[leafAt(24, 34, -120, 0.6, tone), leafAt(52, 16, 130, 0.6, tone), leafAt(51, 24, -130, 0.5, tone)]}
        </G>
      );
    case 'fall':
      return (
        <G>
          {blank}
          <Path d="M50 98 C50 70 49 40 50 16" {...green} />
          {mark.tone === 'black'
            ? [
                leafAt(50, 70, -140, 1, tone),
                leafAt(50, 60, 140, 1, tone),
                leafAt(50, 42, -150, 0.9, tone),
                leafAt(50, 36, 145, 0.9, tone),
                leafAt(50, 18, 165, 0.7, tone),
              ]
            : [
                leafAt(50, 22, -30, 0.7, ink.healthy),
                leafAt(22, 66, 100, 0.8, tone),
                leafAt(80, 54, -120, 0.8, ink.healthy),
                leafAt(28, 92, 70, 0.8, tone),
                leafAt(84, 90, -80, 0.8, tone),
              ]}
          {mark.tone !== 'black' && (
            <Path d="M34 40 v10 M68 34 v10 M72 70 v8" stroke={ink.line} strokeWidth={1} strokeDasharray="2 2" />
          )}
        </G>
      );
    case 'one-side':
      return (
        <G>
          {blank}
          <Path d="M50 98 V14" {...green} />
          {[
            leafAt(50, 76, 66, 1, ink.healthy),
            leafAt(50, 52, 60, 1, ink.healthy),
            leafAt(50, 30, 46, 0.9, ink.healthy),
          ]}
          {[leafAt(50, 74, -138, 1, tone), leafAt(50, 50, -142, 1, tone), leafAt(50, 30, -146, 0.9, tone)]}
        </G>
      );
    case 'bolt':
      return (
        <G>
          <Path d="M50 66 C50 46 50 30 50 6" fill="none" stroke={ink.rib} strokeWidth={4} />
          {[10, 18, 26, 34].map((y, at) => (
            <G key={y}>
              <Path d={`M50 ${y + 6} L${at % 2 ? 62 : 38} ${y}`} stroke={ink.rib} strokeWidth={1.6} />
              <Circle cx={at % 2 ? 63 : 37} cy={y - 1} r={3.4} fill={ink.yellow} {...line} strokeWidth={0.8} />
            </G>
          ))}
          <Circle cx={50} cy={5} r={4} fill={ink.yellow} {...line} strokeWidth={0.8} />
        </G>
      );
    case 'many':
      return (
        <G>
          {[16, 50, 84].map((x, at) => (
            <G key={x} transform={`translate(${x} 42)`}>
              <Path d="M0 0 V-22" {...green} strokeWidth={2} />
              {at === 0 && (
                <Path
                  d="M0 -22 C-8 -22 -12 -30 -6 -34 C0 -30 8 -36 10 -28 C8 -22 4 -22 0 -22Z"
                  fill={ink.pale}
                  {...line}
                  strokeWidth={1}
                />
              )}
              {at === 1 && [
                leafAt(0, -18, -50, 0.5, ink.pale),
                leafAt(0, -18, 60, 0.4, ink.pale),
                leafAt(0, -22, 10, 0.4, ink.pale),
              ]}
              {at === 2 && (
                <Path
                  d="M0 -22 C-4 -30 4 -32 -2 -38 M0 -20 C8 -24 4 -30 10 -34 M0 -16 C-8 -18 -8 -24 -13 -24"
                  fill="none"
                  stroke="#93A84F"
                  strokeWidth={3}
                  strokeLinecap="round"
                />
              )}
            </G>
          ))}
        </G>
      );
    case 'blind':
      return mark.tone === 'red' || mark.tone === 'yellow' ? (
        <G>{[leafAt(50, 30, -34, 0.8, tone), leafAt(50, 30, 34, 0.8, tone), leafAt(50, 24, 0, 0.7, tone)]}</G>
      ) : (
        <G>
          <Circle cx={78} cy={20} r={11} fill="none" stroke={ink.line} strokeWidth={1.2} strokeDasharray="2 3" />
          <Path d="M70 12 L86 28" {...line} />
          {mark.tone && [leafAt(50, 70, -30, 0.9, tone), leafAt(50, 62, 30, 0.9, tone), leafAt(50, 44, -8, 0.8, tone)]}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Gnaw({ mark }: { mark: MarkOf<'gnaw'> }): ReactElement {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  switch (mark.kind) {
    case 'slant':
      return (
        <G>
          {blank}
          <Path d="M42 98 C44 76 43 60 42 44 L58 26 C58 50 58 76 56 98Z" fill="#8C9A5B" {...line} />
          <Path d="M42 44 L58 26 C60 30 46 46 42 44Z" fill="#E6EBC2" {...line} strokeWidth={1} />
          {leafAt(43, 80, -66, 0.9, ink.healthy)}
          <Path d="M66 44 L78 24" {...line} strokeDasharray="3 3" fill="none" />
        </G>
      );
    case 'torn':
      return (
        <G>
          {blank}
          <Path
            d="M42 98 C44 76 43 60 42 46 L45 30 L48 42 L51 24 L53 40 L57 30 C58 50 58 76 56 98Z"
            fill="#8C9A5B"
            {...line}
          />
          <Path d="M57 44 C62 52 62 60 66 68" fill="none" stroke="#C9D29B" strokeWidth={3} />
          {leafAt(43, 80, -66, 0.9, ink.healthy)}
        </G>
      );
    case 'ring':
      return (
        <G>
          <Path d="M22 74 C28 66 72 66 78 74 L82 86 C70 80 30 80 18 86Z" fill="#EBD9B0" {...line} />
          {[28, 38, 48, 58, 68].map((x) => (
            <Path key={x} d={`M${x} 72 l2 8 M${x + 4} 72 l1 8`} stroke="#A88A55" strokeWidth={1.2} />
          ))}
        </G>
      );
    case 'pecked':
      return (
        <G>
          <Path d="M30 40 L50 56 L34 62Z M66 34 L56 54 L74 52Z M48 66 L56 82 L40 80Z" fill={ink.card} {...line} />
          <G transform="translate(80 16)">
            <Path d="M-12 2 C-10 -8 4 -10 8 -2 L15 0 L8 3 C4 9 -8 9 -12 2Z" fill="#5B636B" {...line} strokeWidth={1} />
            <Circle cx={4} cy={-2} r={1.2} fill={ink.card} />
          </G>
        </G>
      );
    case 'gone':
      return <G>{blank}</G>;
    case 'dug':
      return (
        <G>
          <Path d="M30 82 C36 70 64 70 70 82Z" fill="#5B4634" {...line} />
          <Path d="M14 82 C18 74 28 74 30 82 M70 82 C74 74 86 74 88 82" fill={ink.soil} {...line} />
          <Ellipse cx={44} cy={70} rx={5} ry={3.6} fill="#D9C08A" {...line} strokeWidth={1} />
          <Path d="M56 68 C60 64 66 66 66 70 L58 72Z" fill="#E9DBB4" {...line} strokeWidth={1} />
        </G>
      );
    case 'fray':
      return (
        <G>
          <Path
            d="M36 30 C38 44 38 58 36 70 C46 72 56 72 64 70 C62 56 62 42 64 30 C56 34 44 34 36 30Z"
            fill="#E3CDA0"
            {...line}
          />
          <Path
            d="M36 34 C28 44 30 54 26 64 M40 32 C36 48 38 60 34 76 M62 34 C72 46 70 56 74 66 M58 32 C62 48 60 62 64 78"
            fill="none"
            stroke="#7A5A38"
            strokeWidth={2.4}
          />
        </G>
      );
    case 'cut-low':
      return (
        <G>
          <Path d="M30 80 V73 L34 70 V80Z M66 80 V74 L70 71 V80Z" fill="#A9B97C" {...line} strokeWidth={1} />
          <G transform="translate(36 74) rotate(80)">
            <Path d="M0 0 V-34" {...green} />
            {leafAt(0, -32, -60, 0.5, ink.healthy)}
            {leafAt(0, -32, 60, 0.5, ink.healthy)}
          </G>
        </G>
      );
    case 'hollow':
      return (
        <G>
          <Path d="M30 46 C40 34 66 36 70 52 C74 70 60 80 46 78 C30 76 22 60 30 46Z" fill="#5A3A22" {...line} />
          <Path d="M36 52 C44 44 60 46 62 56 C64 68 54 74 46 72 C36 70 30 60 36 52Z" fill="#2F1F14" />
          <G transform="translate(72 26) scale(0.9)">
            <Ellipse cx={-6} cy={0} rx={6} ry={3.6} fill={ink.yellow} {...line} strokeWidth={0.9} />
            <Path d="M-9 -3 V3 M-5 -3.6 V3.6" stroke={ink.line} strokeWidth={1.6} />
            <Circle cx={3} cy={0} r={3} fill="#3B3324" />
            <Path d="M-2 -2 C-6 -9 -12 -8 -10 -3Z" fill="#E8EEF0" {...line} strokeWidth={0.7} />
          </G>
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Wood({ mark }: { mark: MarkOf<'wood'> }): ReactElement {
  switch (mark.kind) {
    case 'canker':
      return (
        <G>
          <Path d="M38 30 C50 22 62 34 60 50 C60 66 48 72 40 62 C32 52 30 38 38 30Z" fill="#6B4A2C" {...line} />
          <Path
            d="M40 36 C48 30 56 38 55 50 C54 60 46 64 42 56 C37 48 35 42 40 36Z"
            fill="#4A3221"
            {...line}
            strokeWidth={1}
          />
          <Path d="M44 42 C49 38 52 44 51 50 C50 56 46 56 45 52Z" fill="#C79A66" />
        </G>
      );
    case 'holes':
      return (
        <G>
          {[
            [44, 34],
            [57, 48],
            [46, 62],
          ].map(([x, y]) => (
            <Circle key={y} cx={x} cy={y} r={4.4} fill="#241811" stroke="#5A3F28" strokeWidth={1.4} />
          ))}
        </G>
      );
    case 'd-holes':
      return (
        <G>
          {[
            [42, 24],
            [58, 40],
            [44, 58],
          ].map(([x, y]) => (
            <Path
              key={y}
              d={`M${x} ${(y ?? 0) - 5} H${(x ?? 0) + 1} C${(x ?? 0) + 8} ${(y ?? 0) - 4} ${(x ?? 0) + 8} ${(y ?? 0) + 4} ${(x ?? 0) + 1} ${(y ?? 0) + 5} H${x}Z`}
              fill="#241811"
              stroke="#5A3F28"
              strokeWidth={1.2}
            />
          ))}
          <Path d="M54 62 C60 66 48 70 56 74 C64 78 52 80 58 84" fill="none" stroke="#E3CDA0" strokeWidth={2.6} />
        </G>
      );
    case 'split':
      return <Path d="M48 8 C44 30 52 50 46 82 C52 84 56 82 56 78 C60 52 54 30 56 8Z" fill="#D8B684" {...line} />;
    case 'cone':
      return (
        <G>
          <Path d="M12 92 C26 60 38 46 50 44 C62 46 76 60 88 92Z" fill="#6B4F35" {...line} />
          {strewn(26, 4, { x: 50, y: 74, rx: 26, ry: 14 }).map(({ x, y, turn }, at) => (
            <Path key={at} d={`M${x} ${y} l${5 + turn / 30} ${turn / 30}`} stroke="#A98559" strokeWidth={2} />
          ))}
        </G>
      );
    case 'string':
      return (
        <Path d="M33 50 C44 56 58 56 68 50 M33 54 C44 60 58 60 68 54" fill="none" stroke="#D8D2BD" strokeWidth={2.4} />
      );
    case 'lichen':
      return (
        <G>
          {strewn(9, 3, { x: 50, y: 46, rx: 15, ry: 36 }).map(({ x, y }, at) => (
            <G key={at} transform={`translate(${x} ${y})`}>
              <Path
                d="M-6 0 C-7 -5 -2 -7 0 -5 C4 -8 8 -3 6 0 C8 4 2 7 0 5 C-4 7 -7 4 -6 0Z"
                fill={['#B7C3A6', '#D9C66A', '#9FB0A6'][at % 3]}
                stroke="#6F7B68"
                strokeWidth={0.8}
              />
            </G>
          ))}
        </G>
      );
    case 'cut-ring':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={100} {...card} />
          <Path d="M34 96 V60 H66 V96Z" fill="#8C9A5B" {...line} />
          <Ellipse cx={50} cy={54} rx={26} ry={22} fill="#DCE5B8" {...line} />
          <Ellipse cx={50} cy={54} rx={20} ry={16} fill="none" stroke="#7A4B24" strokeWidth={4} strokeDasharray="9 2" />
          <Ellipse cx={50} cy={54} rx={9} ry={7} fill="#EEF2D6" stroke="#A9B97C" strokeWidth={1} />
        </G>
      );
    case 'buried':
      return <Rect x={14} y={76} width={72} height={20} fill={ink.soil} {...line} />;
    default:
      return mark.kind satisfies never;
  }
}

const rootlets =
  'M50 22 C50 40 48 60 50 84 M50 32 C38 42 30 54 26 72 M50 34 C62 44 70 56 74 74 M49 50 C42 58 40 68 38 80 M50 52 C58 60 60 70 64 82';

export function Roots({ mark }: { mark: MarkOf<'roots'> }): ReactElement {
  switch (mark.kind) {
    case 'beads':
      return (
        <G>
          <Path d={rootlets} fill="none" stroke="#C9AE84" strokeWidth={3} />
          {[
            [50, 44, 6],
            [50, 60, 7],
            [49, 76, 5],
            [36, 50, 5],
            [29, 64, 6],
            [66, 50, 5],
            [72, 66, 6],
            [42, 66, 4.4],
            [60, 70, 5],
          ].map(([x, y, r]) => (
            <Circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill="#D9BF94" {...line} strokeWidth={1} />
          ))}
        </G>
      );
    case 'fingers':
      return (
        <Path
          d="M40 24 C30 34 20 46 22 66 C24 76 32 74 34 64 C34 78 34 92 42 92 C50 90 46 74 48 62 C50 78 52 94 60 92 C68 88 62 70 62 60 C66 72 76 78 80 68 C80 50 68 36 60 24Z"
          fill="#D3B98C"
          {...line}
        />
      );
    case 'nodules':
      return (
        <G>
          <Path d={rootlets} fill="none" stroke="#E9E0CB" strokeWidth={3.4} />
          <Path d={rootlets} fill="none" stroke="#B7A98A" strokeWidth={0.8} />
          {[
            [54, 46],
            [45, 62],
            [33, 58],
            [68, 58],
            [37, 72],
            [62, 74],
          ].map(([x, y]) => (
            <Circle key={`${x} ${y}`} cx={x} cy={y} r={3.6} fill="#E3A7A0" {...line} strokeWidth={0.9} />
          ))}
        </G>
      );
    case 'tunnels':
      return (
        <Path
          d="M40 38 C50 42 42 50 52 54 C62 58 48 64 54 72 C58 78 50 82 52 88 M60 36 C54 44 62 48 58 56"
          fill="none"
          stroke="#6E3515"
          strokeWidth={3.4}
          strokeLinecap="round"
        />
      );
    case 'heart':
      return (
        <G>
          <Rect x={14} y={26} width={72} height={70} {...card} />
          <Circle cx={50} cy={61} r={31} fill="#E9D9AE" {...line} />
          <Circle cx={50} cy={61} r={24} fill="none" stroke="#CDB680" strokeWidth={1.2} />
          <Path
            d="M50 43 C60 44 68 52 66 62 C66 72 56 78 49 77 C38 77 33 68 35 59 C36 50 42 44 50 43Z"
            fill="#7B4A22"
          />
          <Path d="M50 52 C56 53 59 58 57 64 C55 69 47 69 44 64 C42 58 45 53 50 52Z" fill="#2F1C10" />
        </G>
      );
    case 'fork':
      return (
        <G>
          <Rect x={20} y={29} width={62} height={70} {...card} />
          <Path
            d="M34 30 C38 24 62 24 66 30 C66 44 62 52 60 58 C68 68 70 82 68 96 C62 84 56 74 52 66 C48 76 42 88 32 95 C32 80 38 68 42 58 C38 52 34 44 34 30Z"
            fill={ink.orange}
            {...line}
          />
        </G>
      );
    case 'circling':
      return (
        <G>
          <Rect x={14} y={40} width={72} height={58} {...card} />
          <Path d="M22 46 H78 L72 94 H28Z" fill="#7A5C40" {...line} />
          {[54, 62, 70, 78, 86].map((y, at) => (
            <Path
              key={y}
              d={`M${24 + at} ${y} C40 ${y + 7} 60 ${y - 6} ${76 - at} ${y + 1}`}
              fill="none"
              stroke="#EADFC4"
              strokeWidth={3}
            />
          ))}
          <Path d="M50 46 C50 34 48 26 50 14" fill="none" stroke={ink.rib} strokeWidth={3} />
          {leafAt(50, 26, -56, 0.6, ink.pale)}
          {leafAt(50, 26, 56, 0.6, ink.pale)}
        </G>
      );
    case 'scabs':
      return (
        <G>
          {strewn(7, 3, { x: 50, y: 58, rx: 27, ry: 17 }).map(({ x, y }, at) => (
            <G key={at} transform={`translate(${x} ${y})`}>
              <Path d="M-6 -1 L-2 -6 L4 -5 L7 1 L2 6 L-5 4Z" fill="#8F6A3D" {...line} strokeWidth={0.9} />
              <Path d="M-3 0 L3 1 M0 -3 L1 4" stroke="#D9BF94" strokeWidth={0.9} />
            </G>
          ))}
        </G>
      );
    case 'rot':
      return <Path d={rootlets} fill="none" stroke="#4B3423" strokeWidth={4} />;
    case 'lice':
      return (
        <G>
          <Path d={rootlets} fill="none" stroke="#C9AE84" strokeWidth={3} />
          {strewn(16, 3, { x: 50, y: 58, rx: 22, ry: 24 }).map(({ x, y }, at) => (
            <G key={at}>
              <Circle cx={x} cy={y} r={3.6} fill="#FFFFFF" stroke="#A8ADA4" strokeWidth={0.8} />
              <Ellipse cx={x} cy={y} rx={1.7} ry={1.2} fill="#C9B98F" />
            </G>
          ))}
        </G>
      );
    case 'green':
      return (
        <Path
          d="M54 32 C76 32 90 44 88 60 C87 70 80 78 68 82 C72 66 66 46 54 32Z"
          fill="#8FB05B"
          {...line}
          strokeWidth={1}
        />
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Fruits({ mark, base }: { mark: MarkOf<'fruit'>; base: PlateBase }): ReactElement {
  const field = fieldOf(base);
  switch (mark.kind) {
    case 'maggot':
      return (
        <G>
          <Path d="M38 50 C46 44 60 48 60 58 C60 68 46 70 40 64Z" fill="#7C1F2B" {...line} strokeWidth={0.9} />
          <Path
            d="M44 56 C48 52 54 54 56 60 M42 62 C46 60 50 62 52 66"
            fill="none"
            stroke="#FFF7E4"
            strokeWidth={3}
            strokeLinecap="round"
          />
          <Path d="M60 78 C62 84 60 90 62 96" stroke="#BC3A46" strokeWidth={2.6} fill="none" />
        </G>
      );
    case 'eye-hole':
      return (
        <G>
          <Circle cx={60} cy={66} r={6} fill="#2F1B10" />
          {strewn(20, 4, { x: 63, y: 72, rx: 10, ry: 7 }).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={1.5} fill="#8C4A1F" stroke={ink.line} strokeWidth={0.3} />
          ))}
          <Path d="M58 62 C52 54 50 50 50 44" fill="none" stroke="#6B3A1C" strokeWidth={2.4} strokeDasharray="3 2" />
        </G>
      );
    case 'scars':
      return (
        <G>
          <Path
            d="M50 92 C40 90 30 84 24 76 C36 80 40 72 46 76 C54 66 60 78 68 72 C72 78 66 88 50 92Z"
            fill="#B98A4E"
            {...line}
          />
          <Path d="M36 84 L44 70 M52 90 L54 68 M62 84 L60 72" stroke="#6E4A22" strokeWidth={1.6} />
        </G>
      );
    case 'zip':
      return (
        <G>
          <Path d="M54 22 C60 44 60 68 52 90" fill="none" stroke="#8A5A2B" strokeWidth={2.6} />
          {[32, 42, 52, 62, 72, 82].map((y) => (
            <Path key={y} d={`M53 ${y} L63 ${y - 2}`} stroke="#8A5A2B" strokeWidth={1.6} />
          ))}
        </G>
      );
    case 'shoulders':
      return (
        <Path
          d="M50 20 C30 16 18 28 15 44 C24 38 34 50 44 40 C54 50 66 38 85 46 C82 28 70 16 50 20Z"
          fill="#D8C24E"
          {...line}
          strokeWidth={1}
        />
      );
    case 'pits':
      return (
        <G>
          {strewn(13, 5, { x: 50, y: 70, rx: 22, ry: 15 }).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={2.4} fill="#6B4526" stroke="#8C6B3A" strokeWidth={1} />
          ))}
        </G>
      );
    case 'rough':
      return (
        <G>
          <Path
            d="M18 50 C20 30 38 22 50 30 C62 22 80 30 82 50 C70 44 60 52 50 46 C40 52 30 44 18 50Z"
            fill="#B58B52"
            fillOpacity={0.9}
          />
          <Path
            d="M22 46 L34 34 M34 46 L46 32 M46 44 L58 32 M58 44 L70 32 M70 46 L78 38 M26 36 L36 46 M42 32 L52 44 M58 32 L68 44"
            stroke="#8A6636"
            strokeWidth={0.8}
          />
        </G>
      );
    case 'small-drop':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={100} {...card} />
          <Path d="M4 12 C30 18 60 14 96 8" fill="none" stroke={ink.brown} strokeWidth={5} />
          {leafAt(30, 15, -20, 0.7, ink.healthy)}
          {leafAt(66, 13, 20, 0.7, ink.healthy)}
          <Circle cx={48} cy={30} r={8} fill="#A9BE5C" {...line} strokeWidth={1.1} />
          {[
            [28, 86],
            [46, 92],
            [64, 86],
            [78, 92],
          ].map(([x, y]) => (
            <Circle key={x} cx={x} cy={y} r={6} fill="#B9B45A" {...line} strokeWidth={1} />
          ))}
          <Path d="M30 50 V70 M66 46 V68 M78 54 V74" stroke={ink.line} strokeWidth={1.1} strokeDasharray="3 3" />
        </G>
      );
    case 'odd':
      return (
        <Path
          d="M56 44 C66 40 76 46 72 58 C70 68 62 74 58 70 C60 62 54 52 56 44Z"
          fill="#C9B06A"
          {...line}
          strokeWidth={1}
        />
      );
    case 'rings':
      return (
        <G>
          {[8, 14, 20, 26].map((r) => (
            <G key={r}>
              {Array.from({ length: Math.round(r * 0.9) }, (_, at) => {
                const angle = (at / Math.round(r * 0.9)) * 2 * Math.PI;
                return (
                  <Circle
                    key={at}
                    cx={field.x + r * Math.cos(angle)}
                    cy={field.y + r * 0.92 * Math.sin(angle)}
                    r={1.8}
                    fill="#E4D3A8"
                    stroke="#8B6B45"
                    strokeWidth={0.4}
                  />
                );
              })}
            </G>
          ))}
        </G>
      );
    case 'few':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={100} {...card} />
          <Path d="M50 98 C50 78 50 66 50 52" {...green} strokeWidth={2} />
          <Path
            d="M50 52 C38 50 24 36 22 16 C34 20 40 24 50 34 C60 24 66 20 78 16 C76 36 62 50 50 52Z"
            fill={ink.yellow}
            {...line}
          />
          <Path d="M50 48 V30" stroke="#B5791B" strokeWidth={3} />
          <Path d="M58 66 h22 M58 72 h16" {...line} strokeWidth={1} strokeDasharray="2 3" />
        </G>
      );
    case 'hollow':
      return <Circle cx={field.x} cy={field.y} r={12} fill="#3B2416" />;
    case 'brown-buds':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={66} {...card} />
          <Path d="M50 70 C30 62 30 30 50 10 C70 30 70 62 50 70Z" fill="#A77B4E" {...line} />
          <Path
            d="M50 12 C44 30 44 52 50 68 M40 28 C44 40 44 54 46 66 M60 28 C56 40 56 54 54 66"
            fill="none"
            stroke="#6E4A2A"
            strokeWidth={1.4}
          />
          <Path
            d="M50 70 C40 68 34 60 32 52 C40 56 46 62 50 70 C54 62 60 56 68 52 C66 60 60 68 50 70Z"
            fill={ink.healthy}
            {...line}
          />
        </G>
      );
    case 'black-eye':
      return (
        <G>
          <Circle cx={50} cy={38} r={10} fill={ink.soot} {...line} />
          <Path d="M50 30 V18 M43 44 L34 52 M57 44 L66 52" stroke={ink.soot} strokeWidth={3} />
        </G>
      );
    case 'flower-drop':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={66} {...card} />
          <Path d="M50 66 C50 46 50 30 50 8 M50 24 L34 14 M50 38 L68 28" {...green} />
          <Circle cx={34} cy={14} r={1.8} fill={ink.brown} />
          <Circle cx={68} cy={28} r={1.8} fill={ink.brown} />
          <G transform="translate(24 66) rotate(40) scale(0.5)">
            {[0, 72, 144, 216, 288].map((turn) => (
              <Path
                key={turn}
                transform={`rotate(${turn})`}
                d="M0 0 C-10 -6 -10 -20 0 -26 C10 -20 10 -6 0 0Z"
                fill={ink.yellow}
                {...line}
              />
            ))}
          </G>
          <G transform="translate(78 78) rotate(-30) scale(0.5)">
            {[0, 72, 144, 216, 288].map((turn) => (
              <Path
                key={turn}
                transform={`rotate(${turn})`}
                d="M0 0 C-10 -6 -10 -20 0 -26 C10 -20 10 -6 0 0Z"
                fill={ink.yellow}
                {...line}
              />
            ))}
          </G>
          <Path d="M30 26 V48 M74 40 V60" stroke={ink.line} strokeWidth={1.1} strokeDasharray="3 3" />
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}
