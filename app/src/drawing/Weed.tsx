import type { WeedDrawing } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink, toneColours } from './ink';

const line = { stroke: ink.line, strokeWidth: 1, strokeLinejoin: 'round' } as const;
const leafTones: Record<NonNullable<WeedDrawing['leafTone']>, string> = {
  green: '#6B9150',
  dark: '#3F6238',
  pale: '#A9C06A',
  grey: '#9AAE95',
  red: '#9C6A55',
};

/** A weed from its habit, leaf and flower. */
export function Weed({ drawing }: { drawing: WeedDrawing }): ReactElement {
  const { habit, leaf, flower, tone, leafTone = 'green' } = drawing;
  const fill = leafTones[leafTone];
  const bloom = toneColours[tone];
  const stem = {
    stroke: leafTone === 'red' ? '#8C4A3A' : ink.rib,
    strokeWidth: 2,
    fill: 'none',
    strokeLinecap: 'round',
  } as const;
  const leafAt = (x: number, y: number, turn: number, size: number) => (
    <G key={`${x} ${y} ${turn}`} transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
      {leafShape(leaf, fill)}
    </G>
  );
  const flowerAt = (x: number, y: number, size: number, turn = 0) => (
    <G key={`f${x} ${y}`} transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
      {flowerShape(flower, bloom)}
    </G>
  );
  switch (habit) {
    case 'rosette':
      return (
        <G>
          <Path d="M50 80 C50 60 51 40 50 22 M50 80 C58 64 64 50 66 38" {...stem} />
          {[-86, -62, -38, 38, 62, 86].map((turn) => leafAt(50, 82, turn, 1.1))}
          {[-20, 20].map((turn) => leafAt(50, 84, turn, 0.8))}
          {flowerAt(50, 20, 1)}
          {flowerAt(67, 36, 0.75)}
        </G>
      );
    case 'upright':
      return (
        <G>
          <Path d="M50 86 C50 60 50 40 50 20 M50 62 C42 54 38 48 34 38 M50 54 C58 46 62 42 66 34" {...stem} />
          {[
            [50, 82, -70, 0.9],
            [50, 82, 70, 0.9],
            [50, 68, -64, 0.85],
            [50, 66, 64, 0.85],
            [50, 48, -56, 0.65],
            [50, 44, 56, 0.65],
          ].map(([x = 0, y = 0, turn = 0, size = 1]) => leafAt(x, y, turn, size))}
          {flowerAt(50, 18, 1)}
          {flowerAt(33, 36, 0.7, -16)}
          {flowerAt(67, 32, 0.7, 16)}
        </G>
      );
    case 'creeping':
    case 'runner':
      return (
        <G>
          <Path d="M6 80 C24 66 34 84 50 74 C66 64 78 84 96 70" {...stem} />
          {[
            [16, 74],
            [50, 74],
            [84, 74],
          ].map(([x = 0, y = 0]) => (
            <G key={x}>
              {leafAt(x, y, -46, 0.8)}
              {leafAt(x, y, 46, 0.8)}
              {leafAt(x, y, 0, 0.9)}
              <Path d={`M${x} ${y + 3} l-3 9 M${x} ${y + 3} l2 10`} stroke="#A98559" strokeWidth={1.2} />
            </G>
          ))}
          <Path d="M50 70 C50 54 51 44 50 32 M84 70 C84 58 83 50 82 44" {...stem} strokeWidth={1.5} />
          {flowerAt(50, 28, 0.95)}
          {flowerAt(82, 40, 0.7)}
        </G>
      );
    case 'climbing':
      return (
        <G>
          <Path d="M72 96 V8" stroke="#B9A684" strokeWidth={3} />
          <Path d="M64 96 C84 84 58 74 78 62 C90 52 58 44 76 30 C84 22 66 16 72 8" {...stem} />
          {[
            [66, 80, -70, 0.9],
            [80, 66, 70, 0.8],
            [64, 50, -76, 0.9],
            [80, 38, 66, 0.8],
            [68, 22, -60, 0.8],
          ].map(([x = 0, y = 0, turn = 0, size = 1]) => leafAt(x, y, turn, size))}
          <Path d="M66 60 C56 58 52 52 56 48 C60 46 60 52 56 52" {...stem} strokeWidth={1.1} />
          {flowerAt(40, 34, 0.95)}
          {flowerAt(38, 68, 0.75)}
          <Path d="M62 40 L44 36 M66 70 L44 69" {...stem} strokeWidth={1.3} />
        </G>
      );
    case 'tuft':
      return (
        <G>
          {[-48, -32, -18, -6, 6, 18, 32, 48].map((turn) => leafAt(50, 86, turn, 1.35))}
          <Path d="M50 84 C48 60 44 40 40 24 M50 84 C54 60 60 44 64 30" {...stem} strokeWidth={1.4} />
          {flowerAt(40, 22, 0.85)}
          {flowerAt(64, 28, 0.75)}
        </G>
      );
    case 'mat':
      return (
        <G>
          <Path
            d="M50 82 C34 78 18 82 6 72 M50 82 C66 78 82 82 94 72 M50 82 C42 70 30 66 20 56 M50 82 C58 70 70 66 80 56 M50 82 C50 70 50 62 50 52"
            {...stem}
            strokeWidth={1.6}
          />
          {[
            [10, 73],
            [22, 77],
            [34, 78],
            [66, 78],
            [78, 77],
            [90, 73],
            [24, 59],
            [34, 66],
            [76, 59],
            [66, 66],
            [50, 60],
            [50, 70],
          ].map(([x = 0, y = 0], at) => leafAt(x, y, at % 2 ? 35 : -35, 0.5))}
          {flowerAt(22, 52, 0.55)}
          {flowerAt(50, 48, 0.65)}
          {flowerAt(78, 52, 0.55)}
        </G>
      );
    default:
      return habit satisfies never;
  }
}

function leafShape(leaf: WeedDrawing['leaf'], fill: string): ReactElement {
  switch (leaf) {
    case 'round':
      return <Path d="M0 0 V-8 C-12 -8 -12 -26 0 -27 C12 -26 12 -8 0 -8" fill={fill} {...line} />;
    case 'oval':
      return (
        <Path
          d="M0 0 C-10 -6 -10 -26 0 -32 C10 -26 10 -6 0 0Z M0 -2 V-28 M-4 -8 C-5 -16 -4 -22 -2 -27 M4 -8 C5 -16 4 -22 2 -27"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'lance':
      return (
        <Path d="M0 0 C-5 -10 -5 -26 0 -36 C5 -26 5 -10 0 0Z M0 -2 V-32" fill={fill} {...line} strokeWidth={0.8} />
      );
    case 'toothed':
      return (
        <Path
          d="M0 0 L-6 -5 L-4 -8 L-9 -12 L-6 -15 L-9 -20 L-5 -22 L-5 -27 L0 -32 L5 -27 L5 -22 L9 -20 L6 -15 L9 -12 L4 -8 L6 -5Z M0 -2 V-28"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'lobed':
      return (
        <Path
          d="M0 0 L-2 -7 L-9 -6 L-4 -12 L-11 -14 L-4 -19 L-10 -24 L-3 -25 L0 -36 L3 -25 L10 -24 L4 -19 L11 -14 L4 -12 L9 -6 L2 -7Z"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'feather':
      return (
        <G>
          <Path d="M0 0 V-34" stroke={ink.rib} strokeWidth={1.2} />
          {[6, 12, 18, 24, 30].map((y) => (
            <Path
              key={y}
              d={`M0 ${-y} C-4 ${-y - 5} -9 ${-y - 5} -10 ${-y - 1} C-7 ${-y + 2} -3 ${-y + 2} 0 ${-y} C4 ${-y - 5} 9 ${-y - 5} 10 ${-y - 1} C7 ${-y + 2} 3 ${-y + 2} 0 ${-y}`}
              fill={fill}
              {...line}
              strokeWidth={0.6}
            />
          ))}
        </G>
      );
    case 'three':
      return (
        <G>
          <Path d="M0 0 V-14" stroke={ink.rib} strokeWidth={1.2} />
          {[-80, 0, 80].map((turn) => (
            <Path
              key={turn}
              transform={`translate(0 -14) rotate(${turn})`}
              d="M0 0 C-9 -4 -8 -15 0 -14 C8 -15 9 -4 0 0Z"
              fill={fill}
              {...line}
              strokeWidth={0.8}
            />
          ))}
        </G>
      );
    case 'grass':
      return <Path d="M-2 0 C-3 -18 -1 -30 3 -42 C2 -28 3 -14 2 0Z" fill={fill} {...line} strokeWidth={0.8} />;
    case 'arrow':
      return (
        <Path
          d="M0 0 L0 -6 L-11 -1 C-8 -14 -5 -24 0 -33 C5 -24 8 -14 11 -1 L0 -6Z"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'heart':
      return (
        <Path
          d="M0 0 V-6 C-6 -2 -14 -6 -13 -14 C-12 -22 -4 -28 0 -36 C4 -28 12 -22 13 -14 C14 -6 6 -2 0 -6Z"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'spiny':
      return (
        <Path
          d="M0 0 L-3 -6 L-11 -8 L-5 -12 L-12 -18 L-4 -20 L-8 -28 L0 -36 L8 -28 L4 -20 L12 -18 L5 -12 L11 -8 L3 -6Z M0 -2 V-32 M-11 -8 l-3 0 M-12 -18 l-3 -1 M-8 -28 l-2 -3 M11 -8 l3 0 M12 -18 l3 -1 M8 -28 l2 -3"
          fill={fill}
          {...line}
          strokeWidth={0.8}
        />
      );
    case 'needle':
      return (
        <G>
          <Path d="M0 0 V-30" stroke={ink.rib} strokeWidth={2} />
          <Path
            d="M0 -6 L-9 -12 M0 -6 L9 -12 M0 -13 L-9 -19 M0 -13 L9 -19 M0 -20 L-8 -26 M0 -20 L8 -26 M0 -27 L-5 -33 M0 -27 L5 -33"
            stroke={fill}
            strokeWidth={1.7}
          />
        </G>
      );
    case 'fan':
      return (
        <Path
          d="M0 0 C-14 -2 -18 -12 -14 -18 C-10 -14 -8 -16 -9 -22 C-4 -18 -2 -20 0 -26 C2 -20 4 -18 9 -22 C8 -16 10 -14 14 -18 C18 -12 14 -2 0 0Z M0 -2 V-16"
          fill={fill}
          {...line}
          strokeWidth={0.9}
        />
      );
    case 'scale':
      return (
        <G>
          {[0, 6, 12, 18].map((y, at) => (
            <Ellipse key={y} cx={at % 2 ? 2 : -2} cy={-y - 3} rx={5} ry={4} fill={fill} {...line} strokeWidth={0.6} />
          ))}
        </G>
      );
    default:
      return leaf satisfies never;
  }
}

function flowerShape(flower: WeedDrawing['flower'], bloom: string): ReactElement | null {
  const petals = (count: number, path: string) =>
    Array.from({ length: count }, (_, at) => (
      <Path key={at} transform={`rotate(${(at * 360) / count})`} d={path} fill={bloom} {...line} strokeWidth={0.7} />
    ));
  switch (flower) {
    case 'daisy':
      return (
        <G>
          {petals(12, 'M0 0 C-2.6 -4 -2.4 -10 0 -13 C2.4 -10 2.6 -4 0 0Z')}
          <Circle r={4} fill={ink.yellow} {...line} strokeWidth={0.8} />
        </G>
      );
    case 'button':
      return (
        <G>
          <Circle r={7} fill={bloom} {...line} />
          <Path d="M-4 -3 L4 3 M-4 3 L4 -3 M0 -5 V5" stroke={ink.line} strokeWidth={0.6} />
        </G>
      );
    case 'umbel':
      return (
        <G>
          {[-14, -8, -2, 4, 10, 15].map((x, at) => (
            <G key={x}>
              <Path d={`M0 12 L${x} ${at % 2 ? -1 : 1}`} stroke={ink.rib} strokeWidth={0.9} />
              <Circle cx={x} cy={at % 2 ? -2 : 0} r={3.4} fill={bloom} {...line} strokeWidth={0.6} />
            </G>
          ))}
        </G>
      );
    case 'spike':
      return (
        <G>
          {[-12, -7, -2, 3, 8].map((y, at) => (
            <Ellipse
              key={y}
              cx={at % 2 ? 1.6 : -1.6}
              cy={y}
              rx={3.6}
              ry={3.4}
              fill={bloom}
              {...line}
              strokeWidth={0.6}
            />
          ))}
        </G>
      );
    case 'pea':
      return (
        <Path
          d="M0 4 C-9 4 -12 -4 -8 -9 C-3 -12 3 -12 8 -9 C12 -4 9 4 0 4Z M0 4 C-4 0 -4 -5 0 -8 C4 -5 4 0 0 4Z"
          fill={bloom}
          {...line}
        />
      );
    case 'cross':
      return (
        <G>
          {petals(4, 'M0 0 C-5 -3 -5 -9 0 -11 C5 -9 5 -3 0 0Z')}
          <Circle r={2} fill={ink.white} {...line} strokeWidth={0.6} />
        </G>
      );
    case 'bell':
      return (
        <Path
          d="M-3 6 C-9 0 -10 -8 -12 -12 C-6 -9 -4 -11 0 -13 C4 -11 6 -9 12 -12 C10 -8 9 0 3 6Z"
          fill={bloom}
          {...line}
        />
      );
    case 'star':
      return (
        <G>
          {petals(5, 'M0 0 C-3.4 -4 -3 -9 0 -12 C3 -9 3.4 -4 0 0Z')}
          <Circle r={2.2} fill={ink.yellow} {...line} strokeWidth={0.6} />
        </G>
      );
    case 'thistle':
      return (
        <G>
          <Path d="M-6 10 C-9 2 -6 -2 0 -2 C6 -2 9 2 6 10Z" fill={ink.healthy} {...line} />
          <Path
            d="M-8 -12 L-3 -1 M-4 -14 L-1 -2 M0 -15 V-2 M4 -14 L1 -2 M8 -12 L3 -1"
            stroke={bloom}
            strokeWidth={2.6}
            strokeLinecap="round"
          />
        </G>
      );
    case 'plume':
      return (
        <G>
          {[-14, -9, -4, 1, 6].map((y, at) => (
            <Path
              key={y}
              d={`M0 ${y + 6} L${at % 2 ? 8 : -8} ${y}`}
              stroke={bloom}
              strokeWidth={3.4}
              strokeLinecap="round"
            />
          ))}
          <Path d="M0 12 V-18" stroke={ink.line} strokeWidth={0.9} />
        </G>
      );
    case 'none':
      return null;
    default:
      return flower satisfies never;
  }
}
