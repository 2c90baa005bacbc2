import type { Portrait } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { bold } from './pieces';

/** What hangs from 0 0. */
export const fruits: Readonly<Record<NonNullable<Portrait['fruit']>['shape'], (fill: string) => ReactElement>> = {
  ball: (fill) => (
    <G>
      <Path d="M0 0 V6" stroke={ink.rib} strokeWidth={3} />
      <Circle cx={0} cy={18} r={14} fill={fill} {...bold} />
    </G>
  ),
  drop: (fill) => (
    <G>
      <Path d="M0 0 V5" stroke={ink.rib} strokeWidth={3} />
      <Path d="M0 4 C8 6 8 14 12 22 C16 34 8 42 0 42 C-8 42 -16 34 -12 22 C-8 14 -8 6 0 4Z" fill={fill} {...bold} />
    </G>
  ),
  long: (fill) => (
    <G>
      <Path d="M-4 2 C-12 18 -12 44 -4 58 C4 62 10 54 10 44 C12 28 10 10 4 2Z" fill={fill} {...bold} />
    </G>
  ),
  pod: (fill) => <Path d="M0 0 C-8 8 -10 38 0 52 C7 40 8 12 0 0Z" fill={fill} {...bold} />,
  berries: (fill) => (
    <G>
      <Path d="M0 0 L-8 12 M0 0 L9 14" stroke={ink.rib} strokeWidth={2} />
      <Circle cx={-8} cy={16} r={7} fill={fill} {...bold} />
      <Circle cx={9} cy={18} r={7} fill={fill} {...bold} />
    </G>
  ),
  cob: (fill) => (
    <G>
      <Path d="M0 0 C-14 -10 -14 -40 0 -52 C14 -40 14 -10 0 0Z" fill={fill} {...bold} />
      <Path
        d="M0 2 C-16 -4 -18 -24 -12 -34 M0 2 C16 -4 18 -24 12 -34"
        stroke={ink.healthy}
        strokeWidth={6}
        fill="none"
      />
    </G>
  ),
  clump: (fill) => (
    <G>
      <Path d="M0 0 V34" stroke={ink.rib} strokeWidth={2} />
      {[
        [-7, 10],
        [7, 10],
        [-8, 22],
        [8, 22],
        [0, 16],
        [-4, 33],
        [5, 32],
        [0, 43],
      ].map(([x, y]) => (
        <Circle key={`${x} ${y}`} cx={x} cy={y} r={6} fill={fill} {...bold} strokeWidth={1.5} />
      ))}
    </G>
  ),
};

const petals = (count: number, fill: string, d: string) =>
  Array.from({ length: count }, (_, at) => (
    <Path key={at} transform={`rotate(${(360 / count) * at})`} d={d} fill={fill} {...bold} strokeWidth={1.5} />
  ));

/** What blooms at 0 0. */
export const flowers: Readonly<Record<NonNullable<Portrait['flower']>['shape'], (fill: string) => ReactElement>> = {
  star: (fill) => (
    <G>
      {petals(5, fill, 'M0 0 C-6 -6 -5 -14 0 -19 C5 -14 6 -6 0 0Z')}
      <Circle r={3.5} fill={ink.yellow} />
    </G>
  ),
  cup: (fill) => (
    <Path d="M0 14 C-16 10 -18 -8 -14 -16 L-6 -8 L0 -18 L6 -8 L14 -16 C18 -8 16 10 0 14Z" fill={fill} {...bold} />
  ),
  bell: (fill) => (
    <Path d="M0 -14 C-10 -12 -9 4 -16 14 C-8 12 -5 18 0 12 C5 18 8 12 16 14 C9 4 10 -12 0 -14Z" fill={fill} {...bold} />
  ),
  ball: (fill) => (
    <G>
      <Circle r={17} fill={fill} {...bold} />
      <Path
        d="M-9 -2 C-8 -12 8 -12 9 -2 C9 8 -5 8 -4 0 C-3 -5 4 -4 3 1 M-14 6 C-6 14 6 14 14 6"
        stroke={ink.line}
        strokeWidth={1.5}
        fill="none"
      />
    </G>
  ),
  daisy: (fill) => (
    <G>
      {petals(11, fill, 'M0 -4 C-5 -9 -4 -18 0 -21 C4 -18 5 -9 0 -4Z')}
      <Circle r={6} fill={ink.gold72} {...bold} strokeWidth={1.5} />
    </G>
  ),
  spike: (fill) => (
    <G>
      {[0, -10, -20, -30, -39].map((y, at) => (
        <Ellipse
          key={y}
          cx={at % 2 === 0 ? -2 : 2}
          cy={y}
          rx={10 - at * 1.4}
          ry={6}
          fill={fill}
          {...bold}
          strokeWidth={1.2}
        />
      ))}
    </G>
  ),
  wing: (fill) => (
    <G>
      <Path
        d="M0 4 C-20 2 -22 -18 -8 -20 C-2 -20 0 -16 0 -14 C0 -16 2 -20 8 -20 C22 -18 20 2 0 4Z"
        fill={fill}
        {...bold}
      />
      <Path d="M-5 4 C-5 -6 5 -6 5 4 C4 10 -4 10 -5 4Z" fill={ink.card} {...bold} strokeWidth={1.5} />
    </G>
  ),
  lip: (fill) => (
    <G>
      {petals(3, fill, 'M0 0 C-10 -6 -10 -18 0 -22 C10 -18 10 -6 0 0Z')}
      <Path d="M0 0 C-18 -4 -20 -14 -12 -16 M0 0 C18 -4 20 -14 12 -16" fill={fill} {...bold} />
      <Path d="M-5 2 C-8 12 8 12 5 2Z" fill={ink.rose48} {...bold} strokeWidth={1.5} />
    </G>
  ),
};

/** What stands in the soil below 0 0; its shoulders show. */
export const roots: Readonly<Record<NonNullable<Portrait['root']>['shape'], (fill: string) => ReactElement>> = {
  taper: (fill) => <Path d="M-14 -6 C-14 8 -6 24 0 42 C6 24 14 8 14 -6 C6 -12 -6 -12 -14 -6Z" fill={fill} {...bold} />,
  ball: (fill) => (
    <G>
      <Path d="M0 26 V42" stroke={ink.line} strokeWidth={2} />
      <Circle cy={8} r={20} fill={fill} {...bold} />
    </G>
  ),
  bulb: (fill) => <Path d="M-5 -12 C-20 -2 -20 24 0 26 C20 24 20 -2 5 -12Z" fill={fill} {...bold} />,
  tubers: (fill) => (
    <G>
      {[
        [-34, 14, 14],
        [2, 24, 17],
        [36, 16, 13],
      ].map(([x, y, r]) => (
        <Ellipse key={x} cx={x} cy={y} rx={r} ry={10} fill={fill} {...bold} />
      ))}
    </G>
  ),
};
