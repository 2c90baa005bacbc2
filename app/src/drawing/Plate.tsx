import type { Mark, PlateBase, PlateSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import Svg, { G, Path, Rect } from 'react-native-svg';
import { bases } from './bases';
import { Creatures, Eggs } from './Creature';
import { ink } from './ink';
import { Fungus, Ground, PlateIcon, Turf } from './marks-ground';
import { Form, Fruits, Gnaw, Roots, Wood } from './marks-growth';
import { insectMarks } from './marks-insects';
import { placeMarks } from './marks-place';
import { plantMarks } from './marks-plant';
import {
  BetweenVeins,
  Bumps,
  Dust,
  Edge,
  Fur,
  Holes,
  Lines,
  Mosaic,
  Ooze,
  Pustules,
  Spots,
  Trail,
  Veins,
  Wool,
  type DrawnMark,
} from './marks-surface';
import { Weed } from './Weed';

/** Marks that are drawings of their own, by name. */
export const namedMarks: Readonly<Record<string, () => ReactElement>> = {
  ...insectMarks,
  ...plantMarks,
  ...placeMarks,
};

/** A drawn card of one sign: base, tint and marks come from the knowledge table, never from a picture file. */
export function Plate({ spec, size = 92 }: { spec: PlateSpec; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="-3 -3 106 106" aria-hidden>
      <Rect x={-3} y={-3} width={106} height={106} rx={5} fill={ink.card} />
      {bases[spec.base](spec.tint ?? 'healthy')}
      {spec.weed && <Weed drawing={spec.weed} />}
      {spec.marks.map((mark, index) => (
        <G key={index}>
          <DrawMark mark={mark} base={spec.base} />
        </G>
      ))}
      {spec.which && <WhichLeaves which={spec.which} />}
    </Svg>
  );
}

function DrawMark({ mark, base }: { mark: Mark; base: PlateBase }): ReactElement | null {
  return typeof mark === 'string' ? (namedMarks[mark]?.() ?? null) : drawnMark(mark, base);
}

function drawnMark(mark: DrawnMark, base: PlateBase): ReactElement {
  switch (mark.draw) {
    case 'spots':
      return <Spots mark={mark} base={base} />;
    case 'edge':
      return <Edge mark={mark} base={base} />;
    case 'between-veins':
      return <BetweenVeins mark={mark} base={base} />;
    case 'veins':
      return <Veins mark={mark} />;
    case 'mosaic':
      return <Mosaic mark={mark} />;
    case 'lines':
      return <Lines mark={mark} base={base} />;
    case 'holes':
      return <Holes mark={mark} base={base} />;
    case 'trail':
      return <Trail mark={mark} />;
    case 'fur':
      return <Fur mark={mark} base={base} />;
    case 'pustules':
      return <Pustules mark={mark} base={base} />;
    case 'wool':
      return <Wool mark={mark} />;
    case 'bumps':
      return <Bumps mark={mark} base={base} />;
    case 'ooze':
      return <Ooze mark={mark} />;
    case 'dust':
      return <Dust mark={mark} base={base} />;
    case 'creature':
      return <Creatures mark={mark} base={base} />;
    case 'eggs':
      return <Eggs mark={mark} base={base} />;
    case 'fungus':
      return <Fungus mark={mark} />;
    case 'form':
      return <Form mark={mark} />;
    case 'gnaw':
      return <Gnaw mark={mark} />;
    case 'wood':
      return <Wood mark={mark} />;
    case 'roots':
      return <Roots mark={mark} />;
    case 'turf':
      return <Turf mark={mark} />;
    case 'ground':
      return <Ground mark={mark} />;
    case 'fruit':
      return <Fruits mark={mark} base={base} />;
    case 'icon':
      return <PlateIcon mark={mark} isCorner={base !== 'care' && base !== 'soil'} />;
    default:
      return mark satisfies never;
  }
}

/** A small plant in the corner whose lit leaves say which ones are meant. */
function WhichLeaves({ which }: { which: NonNullable<PlateSpec['which']> }) {
  const lit = (row: NonNullable<PlateSpec['which']>) => (row === which ? ink.orange : '#D9DBC4');
  const pair = (y: number, row: NonNullable<PlateSpec['which']>) => (
    <Path
      d={`M13 ${y} C6 ${y - 1} 2 ${y - 4} 1 ${y - 8} C8 ${y - 8} 12 ${y - 5} 13 ${y} C14 ${y - 5} 18 ${y - 8} 25 ${y - 8} C24 ${y - 4} 20 ${y - 1} 13 ${y}Z`}
      fill={lit(row)}
      stroke={ink.line}
      strokeWidth={0.9}
    />
  );
  return (
    <G transform="translate(-1 66)">
      <Path d="M13 34 V4" stroke={ink.line} strokeWidth={1.4} />
      {pair(30, 'old')}
      {pair(20, 'middle')}
      {pair(10, 'new')}
    </G>
  );
}
