/** Pens, and pieces that several drawings share. */
import type { ReactElement } from 'react';
import { Ellipse, G, Line, Path, Rect, Text } from 'react-native-svg';
import { ink, type Field } from './ink';
import type { MarkOf } from './marks/mark';

export const thin = { stroke: ink.line, strokeWidth: 0.8 } as const;

export const range = (count: number) => Array.from({ length: count }, (_, at) => at);

/** The part of a base where a mark gathers. */
export function narrowed(field: Field, at: MarkOf<'spots'>['at']): Field {
  switch (at) {
    case 'low':
      return { ...field, y: field.y + field.ry * 0.55, ry: field.ry * 0.42 };
    case 'half':
      return { ...field, x: field.x - field.rx * 0.5, rx: field.rx * 0.42 };
    case 'tip':
      return { ...field, y: field.y - field.ry * 0.6, ry: field.ry * 0.36, rx: field.rx * 0.7 };
    default:
      return field;
  }
}

export const gaps =
  'M51 73 L70 60 L68 44 L52 55Z M49 73 L30 60 L32 44 L48 55Z M51 54 L70 40 L64 29 L52 37Z M49 54 L30 40 L36 29 L48 37Z M51 36 L62 26 L50 13Z M49 36 L38 26 L50 13Z M51 88 L66 73 L52 75Z M49 88 L34 73 L48 75Z';

export const line = { stroke: ink.line, strokeWidth: 1.4, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;

export const card = { fill: ink.card } as const;

export const green = { stroke: ink.rib, strokeWidth: 2.6, fill: 'none', strokeLinecap: 'round' } as const;

export const leafAt = (x: number, y: number, turn: number, size: number, fill: string) => (
  <Path
    key={`${x} ${y} ${turn}`}
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d="M0 0 C-9 -8 -9 -22 0 -30 C9 -22 9 -8 0 0Z"
    fill={fill}
    stroke={ink.line}
    strokeWidth={1.3}
  />
);

export const drop = (x: number, y: number, size = 1, filled = true) => (
  <Path
    key={`${x}-${y}`}
    d={`M${x} ${y - 11 * size} C${x + 9 * size} ${y} ${x + 7 * size} ${y + 10 * size} ${x} ${y + 10 * size} C${x - 7 * size} ${y + 10 * size} ${x - 9 * size} ${y} ${x} ${y - 11 * size}Z`}
    fill={filled ? ink.water : 'none'}
    {...line}
    strokeDasharray={filled ? undefined : '3 3'}
  />
);

export const words = {
  fill: ink.line,
  fontFamily: 'Atkinson, sans-serif',
  fontWeight: '700',
  textAnchor: 'middle',
} as const;

/** A pH strip with its number, dipped in the dish. */
export function strip(reading: string, colour: string): ReactElement {
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

export const stalk = { stroke: ink.rib, strokeWidth: 3, fill: 'none', strokeLinecap: 'round' } as const;

export const pair = (x: number, y: number, size: number, fill: string, key = 0) => (
  <G key={key} transform={`translate(${x} ${y}) scale(${size})`}>
    <Path
      d="M0 0 C-6 -14 -24 -16 -32 -8 C-24 4 -8 4 0 0Z M0 0 C6 -14 24 -16 32 -8 C24 4 8 4 0 0Z"
      fill={fill}
      stroke={ink.line}
      strokeWidth={1.4}
    />
  </G>
);

export const leafPath = 'M50 93 C20 78 12 44 50 8 C88 44 80 78 50 93Z';

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

export const fine = { stroke: ink.line, strokeWidth: 0.7, strokeLinejoin: 'round' } as const;

export const soft = { stroke: ink.line, strokeWidth: 1, strokeLinejoin: 'round' } as const;
