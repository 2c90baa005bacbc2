import type { Grams, Millilitres } from './brands';
import { roundTo } from './show';
import { systems, type BulkUnit, type MeasureSystem } from './systems';

export const spoonTools = ['tsp', 'tbsp', 'cup', 'syringe', 'jug', 'drops'] as const;
export type SpoonTool = (typeof spoonTools)[number];

/** So many of one tool: 1½ tsp, 0.6 mL drawn into a syringe, 8 drops. */
export interface SpoonPiece {
  readonly tool: SpoonTool;
  /** Spoons, cups or drops; for the syringe and the jug, millilitres. */
  readonly count: number;
}

/** A surer way where no spoon comes near enough. */
export type Surer =
  /** So many times the batch makes it a measure that exists. */
  | { readonly kind: 'larger-batch'; readonly times: number }
  /** A spoon of it in `intoMl` of water in all, and `useMl` of that in place of it. */
  | { readonly kind: 'two-step'; readonly spoon: SpoonPiece; readonly intoMl: number; readonly useMl: number };

/** An amount as a person can really measure it. */
export interface Measured {
  readonly wantedMl: number;
  readonly measuredMl: number;
  readonly pieces: readonly SpoonPiece[];
  /** Signed: +4 means four per cent more than wanted. */
  readonly errorPercent: number;
  /** Given where the nearest measure is further off than it should be. */
  readonly surer?: Surer;
}

/** How far a measured amount may be off before something surer is looked for, %: what a level spoon itself is off. */
export const closeEnoughPercent = 5;
/** A drop of a kitchen dropper, mL. */
const dropMl = 0.05;
/** More drops than this nobody counts. */
const mostDrops = 30;
/** Half the smallest mark on a 1 mL syringe would be fussy; a tenth is what its scale shows. */
const syringeStepMl = 0.1;
/** What a kitchen syringe holds, mL. */
const syringeMl = 10;
/** From here on a jug with millilitre marks is quicker and surer than spoons, where kitchens have one. */
const jugFromMl = 60;
const jugStepMl = 5;
/** From here on a cup is quicker and no less exact than spoons. */
const cupsFrom = 0.5;

/**
 * A liquid in the tools of the house, the handiest that comes within five per cent: where kitchens measure
 * in millilitres a jug from 60 mL on; cups in quarters, tablespoons, teaspoons to the quarter, then to the
 * eighth; below that a syringe (or, where it has no millilitres, spoons and drops), then drops.
 */
export function measureWithSpoons(wanted: Millilitres, system: MeasureSystem): Measured {
  if (wanted === 0) return measured(0, [], system);
  const { tsp } = systems[system];
  const syringe: SpoonPiece[] | undefined =
    system !== 'us' && wanted >= syringeStepMl && wanted <= syringeMl
      ? [{ tool: 'syringe', count: roundTo(wanted, syringeStepMl) }]
      : undefined;
  const ways: (SpoonPiece[] | undefined)[] = [
    wanted < tsp / 4 ? syringe : undefined,
    system !== 'us' && wanted >= jugFromMl ? [{ tool: 'jug', count: roundTo(wanted, jugStepMl) }] : undefined,
    inSpoons(wanted, system, 4),
    inSpoons(wanted, system, 8),
    syringe,
    system === 'us' ? spoonsAndDrops(wanted, system) : undefined,
    wanted < tsp / 2 ? [{ tool: 'drops', count: Math.max(1, Math.round(wanted / dropMl)) }] : undefined,
  ];
  return nearestOf(wanted, ways, system, false);
}

/**
 * A powder in spoons, through its bulk density (g/mL). Approximate: a heaped or packed spoon can be
 * a fifth off, so screens offer the weight beside it. A powder is never drawn into a syringe or counted in drops.
 */
export function measurePowder(wanted: Grams, bulkDensity: number, system: MeasureSystem): Measured {
  const ml = wanted / bulkDensity;
  if (ml === 0) return measured(0, [], system);
  return nearestOf(
    ml,
    [
      system !== 'us' && ml >= jugFromMl ? [{ tool: 'jug', count: roundTo(ml, jugStepMl) }] : undefined,
      inSpoons(ml, system, 4),
      inSpoons(ml, system, 8),
    ],
    system,
    true,
  );
}

/** The first way that is close enough; else the closest, with something surer beside it. */
function nearestOf(
  wantedMl: number,
  ways: readonly (SpoonPiece[] | undefined)[],
  system: MeasureSystem,
  isPowder: boolean,
): Measured {
  const found = ways.flatMap((pieces) => (pieces && pieces.length > 0 ? [measured(wantedMl, pieces, system)] : []));
  const close = found.find(({ errorPercent }) => Math.abs(errorPercent) <= closeEnoughPercent + 1e-9);
  if (close) return close;
  const smallest = measured(wantedMl, [{ tool: 'tsp', count: 1 / 8 }], system);
  const nearest = [...found, ...(found.length === 0 ? [smallest] : [])].sort(
    (a, b) => Math.abs(a.errorPercent) - Math.abs(b.errorPercent),
  )[0]!;
  const surer = surerThan(wantedMl, system, isPowder);
  return surer ? { ...nearest, surer } : nearest;
}

function inSpoons(wanted: number, system: MeasureSystem, parts: 4 | 8): SpoonPiece[] {
  const { tsp, tbsp, cup } = systems[system];
  const cups = wanted >= cup * cupsFrom ? Math.floor(wanted / (cup / 4) + 1e-9) / 4 : 0;
  const pieces = Math.round((wanted - cups * cup) / (tsp / parts));
  return [...piece('cup', cups), ...spoonsFor(pieces / parts, tsp, tbsp)];
}

function spoonsFor(teaspoonsInAll: number, tsp: number, tbsp: number): SpoonPiece[] {
  const perTbsp = Math.round(tbsp / tsp);
  const tablespoons = Math.floor(teaspoonsInAll / perTbsp + 1e-9);
  return [...piece('tbsp', tablespoons), ...piece('tsp', teaspoonsInAll - tablespoons * perTbsp)];
}

function spoonsAndDrops(wanted: number, system: MeasureSystem): SpoonPiece[] | undefined {
  const { tsp, tbsp } = systems[system];
  const quarters = Math.floor(wanted / (tsp / 4) + 1e-9);
  const drops = Math.round((wanted - (quarters * tsp) / 4) / dropMl);
  if (quarters === 0 || drops > mostDrops) return undefined;
  return [...spoonsFor(quarters / 4, tsp, tbsp), ...piece('drops', drops)];
}

const piece = (tool: SpoonTool, count: number): SpoonPiece[] => (count > 1e-9 ? [{ tool, count }] : []);

/** A batch up to five times as large, or a first mix of which a part is used. */
function surerThan(wanted: number, system: MeasureSystem, isPowder: boolean): Surer | undefined {
  const { tsp, tbsp } = systems[system];
  const isClose = (ml: number, of: number) => Math.abs(ml / of - 1) * 100 <= closeEnoughPercent;
  const spoonsOf = (ml: number) => measured(ml, inSpoons(ml, system, 8), system).measuredMl;
  if (wanted > tsp / 10) {
    const times = [2, 3, 4, 5].find((many) => isClose(spoonsOf(wanted * many), wanted * many));
    if (isPowder && times !== undefined) return { kind: 'larger-batch', times };
  }
  // Fluid ounces stand on a US cup, ten millilitres on a jug.
  const marks = system === 'us' ? systems.us.cup / 8 : 10;
  for (const count of [0.25, 0.5, 1])
    for (const useMl of [tsp, tbsp, 2 * tbsp, 4 * tbsp]) {
      const intoMl = roundTo((count * tsp * useMl) / wanted, marks);
      if (intoMl >= 2 * useMl && intoMl <= 1000 && isClose((count * tsp * useMl) / intoMl, wanted))
        return { kind: 'two-step', spoon: { tool: 'tsp', count }, intoMl, useMl };
    }
  return undefined;
}

function measured(wantedMl: number, pieces: readonly SpoonPiece[], system: MeasureSystem): Measured {
  const measuredMl = pieces.reduce((sum, { tool, count }) => sum + count * spoonMl(tool, system), 0);
  const errorPercent = wantedMl === 0 ? 0 : (measuredMl / wantedMl - 1) * 100;
  return { wantedMl, measuredMl, pieces, errorPercent };
}

/** mL in one of a tool; 1 for the syringe and the jug, whose count is in mL already. */
export function spoonMl(tool: SpoonTool, system: MeasureSystem): number {
  if (tool === 'drops') return dropMl;
  return tool === 'syringe' || tool === 'jug' ? 1 : systems[system][tool];
}

/** A bulk amount of water in the unit a jug of that system shows, e.g. 1.5 L, 3 qt. */
export interface BulkAmount {
  readonly amount: number;
  readonly unit: BulkUnit;
  readonly ml: number;
}

/** The largest unit that reads at least a half (¼ for gallons); finer remainders are rounded to its marks. */
export function measureWater(wanted: Millilitres, system: MeasureSystem): BulkAmount {
  const { bulk } = systems[system];
  const fits = bulk.find(({ unit, ml }) => wanted >= ml * (unit === 'L' ? 1 : 0.5)) ?? bulk[bulk.length - 1];
  if (!fits) throw new Error(`no bulk units for ${system}`);
  const step = fits.unit === 'L' && wanted < 10000 ? 0.005 : fits.unit === 'mL' && wanted < 100 ? 1 : fits.step;
  const amount = roundTo(wanted / fits.ml, step);
  return { amount, unit: fits.unit, ml: amount * fits.ml };
}
