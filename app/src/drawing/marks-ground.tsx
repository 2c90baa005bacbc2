import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { ink, strewn, toneColours } from './ink';
import type { MarkOf } from './marks-surface';

const line = { stroke: ink.line, strokeWidth: 1.4, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;
const straw = '#CDB97A';
const card = { fill: ink.card } as const;

export function Turf({ mark }: { mark: MarkOf<'turf'> }): ReactElement {
  switch (mark.kind) {
    case 'patch':
      return (
        <Path
          d="M22 62 C26 48 48 46 58 54 C74 52 82 66 72 78 C60 90 36 88 28 80 C18 78 18 68 22 62Z"
          fill={straw}
          stroke="#9C8A4E"
          strokeWidth={1.2}
        />
      );
    case 'lift':
      return (
        <G>
          <Rect x={0} y={36} width={62} height={28} {...card} />
          <Path
            d="M2 62 H60 C60 50 50 42 38 42 C30 42 26 50 34 54 C40 56 44 52 42 48"
            fill="none"
            stroke={straw}
            strokeWidth={8}
          />
          <Path d="M2 62 H60" stroke="#5B4634" strokeWidth={2} />
          <Path d="M60 62 C60 50 50 40 38 40" fill="none" stroke={ink.line} strokeWidth={1} />
          {[12, 24, 36, 48].map((x) => (
            <Path key={x} d={`M${x} 68 q3 4 0 8`} stroke="#8A6B4B" strokeWidth={1.4} fill="none" />
          ))}
        </G>
      );
    case 'ring':
      return (
        <G>
          <Ellipse cx={50} cy={66} rx={30} ry={20} fill="#B99E62" />
          <Ellipse cx={50} cy={66} rx={30} ry={20} fill="none" stroke="#3F4A3A" strokeWidth={4} strokeDasharray="7 2" />
          <Ellipse cx={50} cy={66} rx={14} ry={9} fill="#8CA55C" />
        </G>
      );
    case 'coins':
      return (
        <G>
          {strewn(11, 3, { x: 50, y: 66, rx: 38, ry: 22 }).map(({ x, y }, at) => (
            <Ellipse key={at} cx={x} cy={y} rx={5} ry={4} fill="#EADFA9" stroke="#A8935A" strokeWidth={1} />
          ))}
        </G>
      );
    case 'threads':
      return (
        <G>
          <Path d="M20 66 C28 50 66 48 80 64 C78 82 34 86 20 66Z" fill="#DDB6A6" />
          {strewn(26, 4, { x: 50, y: 66, rx: 30, ry: 14 }).map(({ x, y, turn }, at) => (
            <Path key={at} d={`M${x} ${y} l${turn / 14} -8`} stroke="#C43D4E" strokeWidth={1.8} />
          ))}
        </G>
      );
    case 'frayed':
      return (
        <G>
          <Rect x={0} y={0} width={100} height={100} {...card} />
          {[18, 34, 50, 66, 82].map((x, at) => (
            <G key={x}>
              <Path
                d={`M${x - 5} 98 C${x - 4} 70 ${x - 3} 50 ${x - 4} 34 H${x + 4} C${x + 3} 50 ${x + 4} 70 ${x + 5} 98Z`}
                fill="#7C9F57"
                {...line}
                strokeWidth={1}
              />
              <Path
                d={`M${x - 4} 36 L${x - 5} 20 L${x - 2} 30 L${x} ${at % 2 ? 14 : 18} L${x + 2} 30 L${x + 5} 22 L${x + 4} 36Z`}
                fill="#EDE6CB"
                stroke="#A89C6E"
                strokeWidth={0.9}
              />
            </G>
          ))}
        </G>
      );
    case 'moss':
      return (
        <G>
          {strewn(11, 3, { x: 50, y: 68, rx: 38, ry: 20 }).map(({ x, y }, at) => (
            <G key={at} transform={`translate(${x} ${y})`}>
              <Ellipse rx={9} ry={6} fill="#A6B53E" stroke="#6B7A1E" strokeWidth={0.9} />
              <Path d="M-5 -2 v-3 M-2 -3 v-4 M2 -3 v-4 M5 -2 v-3" stroke="#6B7A1E" strokeWidth={1} />
            </G>
          ))}
        </G>
      );
    case 'casts':
      return (
        <G>
          {strewn(6, 3, { x: 50, y: 68, rx: 34, ry: 18 }).map(({ x, y }, at) => (
            <G key={at} transform={`translate(${x} ${y})`}>
              <Path
                d="M-8 4 C-8 0 8 0 8 4 M-6 0 C-6 -4 6 -4 6 0 M-3.6 -4 C-3.6 -7 3.6 -7 3.6 -4"
                fill="none"
                stroke="#6B4F35"
                strokeWidth={3.6}
                strokeLinecap="round"
              />
            </G>
          ))}
        </G>
      );
    case 'pecked':
      return (
        <G>
          {strewn(7, 3, { x: 46, y: 72, rx: 34, ry: 16 }).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn})`}
              d="M-6 2 L-2 -4 L3 -2 L7 3 L0 5Z"
              fill={ink.soil}
              {...line}
              strokeWidth={0.9}
            />
          ))}
          <G transform="translate(66 30) scale(1.2)">
            <Path
              d="M-14 4 C-12 -8 4 -10 9 -3 L18 4 L8 3 C4 10 -8 11 -14 4Z"
              fill="#3C4148"
              {...line}
              strokeWidth={1}
            />
            <Path d="M-4 9 V18 M1 9 V18" {...line} strokeWidth={1.2} />
            <Circle cx={6} cy={-2} r={1.2} fill={ink.card} />
          </G>
        </G>
      );
    case 'thatch':
      return (
        <G>
          <Rect x={2} y={54} width={96} height={16} fill="#B08A52" {...line} />
          <Path
            d="M4 58 h14 l-6 4 h16 l-4 4 h20 l-6 -6 h18 l-4 6 h18 l-6 -4 h16 M8 66 h12 M40 68 h14 M70 66 h18"
            fill="none"
            stroke="#6E5228"
            strokeWidth={1.2}
          />
          <Path d="M90 52 V72 M86 54 l4 -4 l4 4 M86 70 l4 4 l4 -4" {...line} fill="none" />
        </G>
      );
    case 'hill':
      return (
        <G>
          {[
            [30, 62, 20],
            [70, 80, 17],
          ].map(([x = 0, y = 0, r = 0]) => (
            <G key={x}>
              <Path
                d={`M${x - r} ${y} C${x - r * 0.5} ${y - r * 1.1} ${x + r * 0.5} ${y - r * 1.1} ${x + r} ${y}Z`}
                fill={ink.soil}
                {...line}
              />
              {strewn(12, 2, { x, y: y - r * 0.35, rx: r * 0.6, ry: r * 0.3 }).map((dot, at) => (
                <Circle key={at} cx={dot.x} cy={dot.y} r={1.6} fill="#5B4634" />
              ))}
            </G>
          ))}
        </G>
      );
    case 'dog':
      return (
        <G>
          <Ellipse cx={50} cy={66} rx={28} ry={19} fill="#3F6B2E" />
          <Ellipse cx={50} cy={66} rx={19} ry={12} fill={straw} stroke="#9C8A4E" strokeWidth={1} />
          <G transform="translate(80 22) scale(0.8)">
            <Ellipse cx={0} cy={4} rx={6} ry={5} fill={ink.line} />
            {[
              [-8, -3],
              [-3, -7],
              [3, -7],
              [8, -3],
            ].map(([x, y]) => (
              <Ellipse key={x} cx={x} cy={y} rx={2.4} ry={3.2} fill={ink.line} />
            ))}
          </G>
        </G>
      );
    case 'even':
      return (
        <G>
          {[
            [24, 52],
            [70, 58],
            [48, 78],
          ].map(([x = 0, y = 0]) => (
            <G key={x} transform={`translate(${x} ${y})`}>
              {[0, 120, 240].map((turn) => (
                <Ellipse
                  key={turn}
                  transform={`rotate(${turn})`}
                  cx={0}
                  cy={-5}
                  rx={3.4}
                  ry={4.6}
                  fill="#3F7A35"
                  stroke={ink.line}
                  strokeWidth={0.6}
                />
              ))}
            </G>
          ))}
        </G>
      );
    case 'fairy':
      return (
        <G>
          <Path d="M14 84 C14 44 86 44 86 84" fill="none" stroke="#2F5A24" strokeWidth={9} />
          <Path d="M14 84 C14 44 86 44 86 84" fill="none" stroke="#4B7F3A" strokeWidth={3} strokeDasharray="2 3" />
        </G>
      );
    case 'mat':
      return (
        <G>
          <Path d="M16 64 C24 46 70 44 84 62 C86 84 26 90 16 64Z" fill="#DDD3B2" stroke="#A89C6E" strokeWidth={1} />
          <Path
            d="M22 62 C40 58 60 66 78 60 M24 70 C44 66 60 76 76 70 M34 80 C46 76 56 82 66 78"
            fill="none"
            stroke="#A89C6E"
            strokeWidth={1.4}
          />
          <Path d="M16 64 C24 46 70 44 84 62" fill="none" stroke="#FFFFFF" strokeWidth={4} strokeDasharray="2 3" />
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

export function Ground({ mark }: { mark: MarkOf<'ground'> }): ReactElement {
  const drops = (colour: string) => (
    <Path
      d="M40 30 q-4 7 0 10 q4 -3 0 -10Z M56 24 q-4 7 0 10 q4 -3 0 -10Z"
      fill={colour}
      stroke={ink.line}
      strokeWidth={0.8}
    />
  );
  switch (mark.kind) {
    case 'grains':
      return (
        <G>
          {strewn(90, 3, { x: 50, y: 54, rx: 30, ry: 12 }).map(({ x, y }, at) => (
            <Circle
              key={at}
              cx={x}
              cy={y}
              r={2 + (at % 3) * 0.4}
              fill={at % 2 ? '#3B2A1C' : '#5A412B'}
              stroke="#231811"
              strokeWidth={0.4}
            />
          ))}
        </G>
      );
    case 'crumbs':
      return (
        <G>
          {strewn(20, 3, { x: 50, y: 54, rx: 28, ry: 10 }).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn})`}
              d="M-5 1 C-6 -4 -1 -5 1 -4 C5 -5 6 0 4 3 C1 5 -4 5 -5 1Z"
              fill="#4B3423"
              stroke="#2B1D13"
              strokeWidth={0.7}
            />
          ))}
          <Path d="M66 46 c4 -8 10 -8 12 -14" stroke={ink.healthy} strokeWidth={2} fill="none" />
        </G>
      );
    case 'mottles':
      return (
        <G>
          {strewn(12, 5, { x: 50, y: 76, rx: 40, ry: 18 }).map(({ x, y, turn }, at) => (
            <Path
              key={at}
              transform={`translate(${x} ${y}) rotate(${turn})`}
              d="M-7 0 C-6 -5 4 -6 7 -1 C5 5 -5 5 -7 0Z"
              fill={at % 2 ? '#8FA0A6' : '#B4622F'}
            />
          ))}
        </G>
      );
    case 'hole':
      return (
        <G>
          <Path d="M30 29 H70 V86 H30Z" fill="#3E2E20" {...line} />
          <Path d="M30 50 H70 V86 H30Z" fill={ink.water} {...line} strokeWidth={1} />
          <Path d="M78 40 V80 M74 40 h8 M74 60 h5 M74 80 h8" {...line} fill="none" />
        </G>
      );
    case 'ring':
      return (
        <G>
          <Path d="M30 10 H70 V46 H30Z" fill="#A9B4B8" fillOpacity={0.6} {...line} />
          <Path d="M30 20 H70 V30 H30Z" fill={ink.water} fillOpacity={0.8} />
          <Ellipse cx={50} cy={10} rx={20} ry={4} fill="#D5DDE0" {...line} strokeWidth={1} />
          <Path d="M40 56 v6 M50 56 v5 M60 56 v6" stroke={ink.water} strokeWidth={2} strokeDasharray="3 3" />
        </G>
      );
    case 'ribbon':
      return (
        <G>
          <Path
            d="M30 58 C40 66 64 62 70 44 C72 34 68 26 74 18 L82 20 C78 30 82 38 80 48 C74 74 40 78 26 66Z"
            fill="#8A6247"
            {...line}
          />
          <Path d="M34 60 C46 66 64 60 70 46" fill="none" stroke="#C39A7A" strokeWidth={2.4} />
        </G>
      );
    case 'falls-apart':
      return (
        <G>
          {strewn(60, 4, { x: 50, y: 46, rx: 30, ry: 22 }).map(({ x, y }, at) => (
            <Circle
              key={at}
              cx={x}
              cy={y}
              r={1.5}
              fill={at % 3 ? '#D3B883' : '#B99558'}
              stroke="#7A5A2E"
              strokeWidth={0.3}
            />
          ))}
        </G>
      );
    case 'jar-sand':
      return (
        <Jar
          layers={[
            ['#C9A468', 44],
            ['#9A7B52', 10],
            ['#6B4F35', 6],
          ]}
        />
      );
    case 'jar-clay':
      return (
        <Jar
          layers={[
            ['#C9A468', 14],
            ['#9A7B52', 16],
            ['#6B4F35', 30],
          ]}
        />
      );
    case 'gaps':
      return (
        <G>
          {[
            [14, 56],
            [26, 56],
            [74, 56],
            [20, 80],
            [58, 80],
            [84, 80],
          ].map(([x = 0, y = 0]) => (
            <Path
              key={`${x} ${y}`}
              d={`M${x} ${y} v-8 M${x} ${y - 8} c-6 -2 -8 -6 -7 -9 c5 0 7 4 7 9 c0 -5 2 -9 7 -9 c1 3 -1 7 -7 9`}
              fill={ink.healthy}
              stroke={ink.rib}
              strokeWidth={1.3}
            />
          ))}
          {[
            [42, 54],
            [56, 54],
            [38, 78],
          ].map(([x = 0, y = 0]) => (
            <Circle
              key={`${x} ${y}`}
              cx={x}
              cy={y - 4}
              r={5}
              fill="none"
              stroke="#F3E9D2"
              strokeWidth={1.3}
              strokeDasharray="2 2"
            />
          ))}
        </G>
      );
    case 'runs':
      return (
        <G>
          <Path
            d="M2 44 C20 38 30 46 44 40 C60 34 70 44 98 38"
            fill="none"
            stroke="#3E2E20"
            strokeWidth={9}
            strokeLinecap="round"
          />
          <Circle cx={30} cy={72} r={7} fill="#2B1F15" />
          <Circle cx={70} cy={80} r={6} fill="#2B1F15" />
          <Path d="M30 72 C40 60 46 52 46 42" fill="none" stroke="#3E2E20" strokeWidth={6} />
        </G>
      );
    case 'scrape':
      return (
        <G>
          <Path d="M20 62 C30 48 60 46 74 58 C66 76 34 78 20 62Z" fill="#6B5138" {...line} />
          <Path d="M28 56 L44 70 M36 52 L52 68 M44 50 L60 66" stroke="#C7A77E" strokeWidth={1.8} />
          <Path
            d="M58 62 c6 -4 12 0 12 4 c6 0 6 7 0 8 h-14 c-6 -2 -4 -8 2 -12Z"
            fill="#4A3524"
            {...line}
            strokeWidth={1}
          />
        </G>
      );
    case 'worms':
      return (
        <G>
          <Path d="M20 44 H80 V94 H20Z" fill="#5B4634" {...line} />
          {[
            [30, 56],
            [50, 52],
            [66, 62],
            [38, 74],
            [58, 80],
            [28, 86],
            [72, 84],
          ].map(([x = 0, y = 0], at) => (
            <Path
              key={at}
              d={`M${x} ${y} q6 -6 10 0 q4 5 8 0`}
              fill="none"
              stroke="#D98C93"
              strokeWidth={3}
              strokeLinecap="round"
            />
          ))}
        </G>
      );
    case 'no-worms':
      return (
        <G>
          <Path d="M20 44 H80 V94 H20Z" fill="#9A7B57" {...line} />
          <Path d="M44 68 q6 -6 10 0 q4 5 8 0" fill="none" stroke="#D98C93" strokeWidth={3} strokeLinecap="round" />
          {drops('none')}
        </G>
      );
    case 'froth':
      return (
        <G>
          {strewn(24, 3, { x: 50, y: 58, rx: 28, ry: 12 }).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={5 + (at % 3)} fill="#EBD257" stroke="#A8892A" strokeWidth={0.8} />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

/** Layers from the bottom up: colour and height. */
function Jar({ layers }: { layers: readonly (readonly [string, number])[] }): ReactElement {
  const floor = 92;
  const below = (count: number) => layers.slice(0, count).reduce((sum, [, height]) => sum + height, 0);
  const waterLine = floor - below(layers.length);
  return (
    <G>
      <Rect x={0} y={0} width={100} height={100} {...card} />
      <Path d="M34 8 H66 V14 C74 18 76 22 76 30 V92 H24 V30 C24 22 26 18 34 14Z" fill="#E3ECEE" {...line} />
      {layers.map(([colour, height], index) => (
        <Rect
          key={colour}
          x={25}
          y={floor - below(index + 1)}
          width={50}
          height={height}
          fill={colour}
          stroke="#4A3524"
          strokeWidth={0.8}
        />
      ))}
      <Rect x={25} y={22} width={50} height={waterLine - 22} fill={ink.water} fillOpacity={0.35} />
    </G>
  );
}

export function Fungus({ mark }: { mark: MarkOf<'fungus'> }): ReactElement {
  const fill = toneColours[mark.tone];
  const toadstool = (x: number, y: number, size: number) => (
    <G key={x} transform={`translate(${x} ${y}) scale(${size})`}>
      <Path d="M-3 0 C-3 -10 -2 -14 -2 -18 H2 C2 -14 3 -10 3 0Z" fill="#EFE6D2" {...line} strokeWidth={1} />
      <Path d="M-12 -16 C-10 -28 10 -28 12 -16 C4 -13 -4 -13 -12 -16Z" fill={fill} {...line} strokeWidth={1.1} />
    </G>
  );
  switch (mark.kind) {
    case 'bracket':
      return (
        <G>
          {[
            [62, 34, 1],
            [60, 56, 1.25],
          ].map(([x = 0, y = 0, size = 1]) => (
            <G key={y} transform={`translate(${x} ${y}) scale(${size})`}>
              <Path d="M-4 -8 C14 -14 30 -6 30 4 C20 10 6 10 -4 8Z" fill={fill} {...line} />
              <Path d="M-2 -3 C12 -8 22 -3 28 3 M-2 3 C10 0 18 2 24 6" fill="none" stroke="#D9B27C" strokeWidth={1.8} />
            </G>
          ))}
        </G>
      );
    case 'toadstools':
      return <G>{[toadstool(30, 88, 1), toadstool(48, 92, 1.2), toadstool(66, 88, 0.9)]}</G>;
    case 'threads':
      return (
        <G>
          <Path
            d="M22 60 C34 50 44 62 54 54 C64 48 72 58 80 56 M50 56 C46 48 40 46 34 48 M54 54 C60 46 68 46 74 48 M44 60 C48 64 58 64 64 60"
            fill="none"
            stroke="#FFFFFF"
            strokeWidth={2.6}
          />
          {strewn(26, 3, { x: 50, y: 56, rx: 26, ry: 7 }).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={1.8} fill="#FFFFFF" stroke="#A8ADA4" strokeWidth={0.4} />
          ))}
        </G>
      );
    case 'pimples':
      return (
        <G>
          <Path d="M44 98 C46 60 44 30 46 4 L56 4 C55 30 57 60 56 98Z" fill="#7A5A3C" {...line} />
          {[14, 24, 33, 44, 53, 62, 72, 82, 90].map((y, at) => (
            <Circle key={y} cx={at % 2 ? 54 : 48} cy={y} r={3} fill="#E8826A" {...line} strokeWidth={0.8} />
          ))}
        </G>
      );
    default:
      return mark.kind satisfies never;
  }
}

/** Small pictures for what was done or what the weather did; on other bases they stand in the corner. */
export function PlateIcon({ mark, isCorner }: { mark: MarkOf<'icon'>; isCorner: boolean }): ReactElement {
  return (
    <G transform={isCorner ? 'translate(82 18) scale(0.42)' : 'translate(50 48)'}>
      {isCorner && <Circle r={38} fill={ink.card} stroke={ink.line} strokeWidth={2.4} />}
      <G transform={mark.word && !isCorner ? 'translate(0 -10) scale(0.86)' : ''}>{iconShape(mark.of)}</G>
      {mark.word && (
        <SvgText
          x={0}
          y={isCorner ? 10 : 38}
          textAnchor="middle"
          fontSize={isCorner ? 26 : 15}
          fontWeight="700"
          fontFamily="Atkinson, Verdana, sans-serif"
          fill={ink.line}
        >
          {mark.word}
        </SvgText>
      )}
    </G>
  );
}

function iconShape(of: MarkOf<'icon'>['of']): ReactElement {
  switch (of) {
    case 'sun':
      return (
        <G>
          <Circle r={14} fill={ink.yellow} {...line} />
          <Path
            d="M0 -20 V-30 M0 20 V30 M-20 0 H-30 M20 0 H30 M-14 -14 L-21 -21 M14 14 L21 21 M14 -14 L21 -21 M-14 14 L-21 21"
            {...line}
            strokeWidth={2.6}
          />
        </G>
      );
    case 'moon':
      return <Path d="M8 -22 A22 22 0 1 0 20 12 A18 18 0 0 1 8 -22Z" fill="#D9D3B0" {...line} />;
    case 'drops':
      return (
        <Path
          d="M-14 -12 q-10 16 0 22 q10 -6 0 -22Z M12 -22 q-12 20 0 28 q12 -8 0 -28Z M6 14 q-6 10 0 14 q6 -4 0 -14Z"
          fill={ink.water}
          {...line}
        />
      );
    case 'wind':
      return (
        <Path
          d="M-30 -10 H8 C20 -10 20 -26 8 -24 M-30 2 H20 C34 2 34 20 20 18 M-30 14 H2 C12 14 12 28 2 27"
          fill="none"
          {...line}
          strokeWidth={3.4}
        />
      );
    case 'snow':
      return (
        <Path
          d="M0 -28 V28 M-24 -14 L24 14 M-24 14 L24 -14 M-5 -24 L0 -18 L5 -24 M-5 24 L0 18 L5 24 M-23 -6 L-16 -9 L-19 -17 M23 6 L16 9 L19 17"
          fill="none"
          stroke="#4E7C98"
          strokeWidth={3.4}
          strokeLinecap="round"
        />
      );
    case 'lamp':
      return (
        <G>
          <Path d="M0 -34 V-20 M-18 -4 C-16 -20 16 -20 18 -4Z" fill="#7B8A90" {...line} strokeWidth={2.4} />
          <Path d="M-14 2 L-22 24 M0 2 V26 M14 2 L22 24" stroke="#C99A1F" strokeWidth={3} strokeDasharray="5 3" />
        </G>
      );
    case 'dark':
      return (
        <G>
          <Rect x={-24} y={-26} width={48} height={48} fill="#4B5560" {...line} strokeWidth={2.4} />
          <Path d="M0 -26 V22 M-24 -2 H24" stroke="#8FA0A6" strokeWidth={2.4} />
        </G>
      );
    case 'box':
      return (
        <G>
          <Path
            d="M-26 -4 L0 -14 L26 -4 V22 L0 32 L-26 22Z M-26 -4 L0 6 L26 -4 M0 6 V32"
            fill="#C9A468"
            {...line}
            strokeWidth={2}
          />
          <Path
            d="M0 -8 V-24 M0 -20 C-8 -20 -12 -26 -11 -31 C-4 -31 0 -26 0 -20 C0 -26 4 -31 11 -31 C12 -26 8 -20 0 -20"
            fill={ink.healthy}
            stroke={ink.rib}
            strokeWidth={2}
          />
        </G>
      );
    case 'spray':
      return (
        <G>
          <Path
            d="M-14 30 V-2 H10 V30Z M-8 -2 V-12 H4 V-2 M-8 -12 L-22 -16 V-22 H6 L4 -12"
            fill="#8FA0A6"
            {...line}
            strokeWidth={2}
          />
          <Path
            d="M12 -18 L26 -26 M12 -14 L28 -14 M12 -10 L26 -2"
            stroke={ink.water}
            strokeWidth={2.8}
            strokeDasharray="3 3"
          />
        </G>
      );
    case 'bale':
      return (
        <G>
          <Rect x={-30} y={-14} width={60} height={36} rx={4} fill="#D8BE6C" {...line} strokeWidth={2} />
          <Path d="M-12 -14 V22 M12 -14 V22" stroke="#7A5A2E" strokeWidth={3} />
          <Path
            d="M-28 -6 h12 M-26 4 h10 M-6 -8 h10 M-4 6 h10 M16 -4 h12 M18 10 h9"
            stroke="#8A6B2B"
            strokeWidth={1.6}
          />
        </G>
      );
    case 'turn':
      return (
        <G>
          <Path d="M-22 4 A22 22 0 1 1 0 24" fill="none" {...line} strokeWidth={4} />
          <Path d="M-30 -4 L-22 8 L-12 -2" fill="none" {...line} strokeWidth={4} />
          <Path
            d="M0 10 V-8 M0 -4 C-8 -4 -10 -10 -9 -14 C-3 -14 0 -10 0 -4 C0 -10 3 -14 9 -14 C10 -10 8 -4 0 -4"
            fill={ink.healthy}
            stroke={ink.rib}
            strokeWidth={1.8}
          />
        </G>
      );
    case 'can':
      return (
        <G>
          <Path
            d="M-18 -8 H12 V24 H-18Z M12 10 L28 -14 L33 -10 L14 20 M-14 -8 C-14 -26 10 -26 10 -8"
            fill="#7B9A8A"
            {...line}
            strokeWidth={2.4}
          />
          <Path d="M30 -4 q-2 6 0 8 q2 -2 0 -8Z M36 2 q-2 6 0 8 q2 -2 0 -8Z" fill={ink.water} />
        </G>
      );
    case 'dust':
      return (
        <G>
          {strewn(46, 4, { x: 0, y: 0, rx: 30, ry: 22 }).map(({ x, y }, at) => (
            <Circle key={at} cx={x} cy={y} r={1.8} fill="#A8947A" />
          ))}
          <Path d="M-30 26 H30 M-20 20 h8 M0 20 h8 M18 20 h8" stroke={ink.line} strokeWidth={2.6} />
        </G>
      );
    case 'tree':
      return (
        <G>
          <Path d="M-4 30 V4 H4 V30Z" fill={ink.brown} {...line} />
          <Path
            d="M0 -32 C-26 -30 -30 -4 -14 6 C-6 12 6 12 14 6 C30 -4 26 -30 0 -32Z"
            fill={ink.dark}
            {...line}
            strokeWidth={2}
          />
          <Circle cx={-8} cy={-10} r={4} fill="#A9BE5C" {...line} strokeWidth={1} />
          <Circle cx={9} cy={-16} r={4} fill="#A9BE5C" {...line} strokeWidth={1} />
        </G>
      );
    case 'tap':
      return (
        <G>
          <Path
            d="M-26 -14 H6 C16 -14 18 -8 18 2 H8 C8 -4 6 -6 2 -6 H-26Z M-10 -14 V-24 M-18 -26 H-2"
            fill="#7B8A90"
            {...line}
            strokeWidth={2.4}
          />
          <Path d="M13 8 q-6 10 0 14 q6 -4 0 -14Z" fill={ink.water} {...line} strokeWidth={1.4} />
        </G>
      );
    case 'bag':
      return (
        <Path
          d="M-20 -20 C-10 -26 10 -26 20 -20 C16 -8 26 4 22 28 H-22 C-26 4 -16 -8 -20 -20Z M-16 -14 H16"
          fill="#D5C39A"
          {...line}
          strokeWidth={2}
        />
      );
    case 'spade':
      return (
        <Path
          d="M0 -32 V4 M-10 -32 H10 M-12 4 H12 V16 C12 24 6 30 0 33 C-6 30 -12 24 -12 16Z"
          fill="#7B8A90"
          {...line}
          strokeWidth={3}
        />
      );
    case 'mower':
      return (
        <G>
          <Path d="M-24 8 H16 L20 -4 H-14Z M16 2 L32 -24" fill="#B0603E" {...line} strokeWidth={2.6} />
          <Circle cx={-16} cy={14} r={8} fill="#5B6166" {...line} strokeWidth={2} />
          <Circle cx={12} cy={14} r={8} fill="#5B6166" {...line} strokeWidth={2} />
          <Path d="M-32 28 H32 M-26 28 v-4 M-22 28 v-5 M24 28 v-5 M28 28 v-4" stroke="#4F7336" strokeWidth={2.4} />
        </G>
      );
    case 'clock':
      return (
        <G>
          <Circle r={26} fill="#FFFFFF" {...line} strokeWidth={2.6} />
          <Path d="M0 0 V-18 M0 0 L12 8" {...line} strokeWidth={3.4} />
        </G>
      );
    case 'hail':
      return (
        <G>
          <Path
            d="M-24 -8 C-30 -24 -8 -30 -4 -22 C4 -34 26 -26 22 -12 C32 -8 28 4 18 2 H-20 C-28 2 -30 -4 -24 -8Z"
            fill="#8FA0A6"
            {...line}
            strokeWidth={2}
          />
          {[
            [-16, 14],
            [0, 20],
            [14, 12],
            [-6, 30],
            [20, 26],
          ].map(([x, y]) => (
            <Circle key={x} cx={x} cy={y} r={4.6} fill="#FFFFFF" {...line} strokeWidth={1.4} />
          ))}
        </G>
      );
    case 'bottle':
      return (
        <Path
          d="M-8 -32 H8 V-18 C18 -14 20 -6 20 4 V32 H-20 V4 C-20 -6 -18 -14 -8 -18Z M-20 8 H20"
          fill="#B7C9A8"
          {...line}
          strokeWidth={2}
        />
      );
    case 'lab':
      return (
        <G>
          <Path
            d="M-8 -32 H8 M-5 -32 V-14 L-24 18 C-26 24 -24 28 -18 28 H18 C24 28 26 24 24 18 L5 -14 V-32"
            fill="#DCE7EA"
            {...line}
            strokeWidth={2.4}
          />
          <Path d="M-17 8 H17 L24 20 C25 25 22 27 18 27 H-18 C-22 27 -25 25 -24 20Z" fill="#C9A468" />
        </G>
      );
    case 'window':
      return (
        <G>
          <Path d="M-26 -26 H26 V26 H-26Z" fill="none" {...line} strokeWidth={2.6} strokeDasharray="6 4" />
          <Path
            d="M-26 -10 H26 M-26 8 H26 M-10 -26 V26 M10 -26 V26"
            stroke="#A8ADA4"
            strokeWidth={1.4}
            strokeDasharray="2 5"
          />
        </G>
      );
    case 'cut-short':
      return <Path d="M-26 20 V10 M-14 20 V8 M-2 20 V10 M10 20 V8 M22 20 V10 M-30 20 H30" {...line} strokeWidth={3} />;
    case 'paw':
      return (
        <G>
          <Path d="M0 2 C12 2 18 14 12 22 C8 28 -8 28 -12 22 C-18 14 -12 2 0 2Z" fill={ink.line} />
          {[
            [-20, -2],
            [-8, -14],
            [8, -14],
            [20, -2],
          ].map(([x, y]) => (
            <Ellipse key={x} cx={x} cy={y} rx={6} ry={8} fill={ink.line} />
          ))}
        </G>
      );
    case 'trowel':
      return (
        <G>
          <Path d="M0 -34 V-16 M-6 -34 H6" {...line} strokeWidth={5} />
          <Path d="M-11 -14 H11 C14 6 8 22 0 30 C-8 22 -14 6 -11 -14Z" fill="#8FA0A6" {...line} strokeWidth={2} />
        </G>
      );
    default:
      return of satisfies never;
  }
}
