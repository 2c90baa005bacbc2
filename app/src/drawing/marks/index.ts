import type { Mark, PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { BetweenVeins } from './between-veins';
import { bumps } from './bumps';
import { creature } from './creature';
import { Dust } from './dust';
import { Edge } from './edge';
import { eggs } from './eggs';
import { form } from './form';
import { fruit } from './fruit';
import { fungus } from './fungus';
import { Fur } from './fur';
import { gnaw } from './gnaw';
import { ground } from './ground';
import { holes } from './holes';
import { icon } from './icon/drawn';
import { lines } from './lines';
import type { Draw, DrawnMark } from './mark';
import { Mosaic } from './mosaic';
import { namedMarks } from './named';
import { ooze } from './ooze';
import { Pustules } from './pustules';
import { roots } from './roots';
import { Spots } from './spots';
import { Trail } from './trail';
import { turf } from './turf';
import { Veins } from './veins';
import { wood } from './wood';
import { Wool } from './wool';

/** Marks with parameters, one file each; those of many kinds have a folder with one file for each kind. */
const drawnMarks: { readonly [Kind in DrawnMark['draw']]: Draw<Kind> } = {
  spots: Spots,
  edge: Edge,
  'between-veins': BetweenVeins,
  veins: Veins,
  mosaic: Mosaic,
  lines,
  holes,
  trail: Trail,
  fur: Fur,
  pustules: Pustules,
  wool: Wool,
  bumps,
  ooze,
  dust: Dust,
  creature,
  eggs,
  fungus,
  form,
  gnaw,
  wood,
  roots,
  turf,
  ground,
  fruit,
  icon,
};

/** Draws a mark; nothing for a name that no drawing has, which a test forbids in the tables. */
export function drawMark(mark: Mark, base: PlateBase): ReactElement | null {
  if (typeof mark === 'string') return namedMarks[mark]?.() ?? null;
  // Each kind is drawn by the function of its own name, which the type of the record holds.
  const draw = drawnMarks[mark.draw] as (drawn: { mark: DrawnMark; base: PlateBase }) => ReactElement;
  return draw({ mark, base });
}
