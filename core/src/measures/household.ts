import type { Grams, Millilitres } from './quantities';
import { systems, type BulkUnit, type MeasureSystem } from './systems';

export type SpoonTool = 'tsp' | 'tbsp' | 'cup' | 'syringe' | 'jug';

/** So many of one tool: 1½ tsp, or 0.6 mL drawn into a syringe. */
export interface SpoonPiece {
  readonly tool: SpoonTool;
  /** Spoons or cups; for the syringe and the jug, millilitres. */
  readonly count: number;
}

/** An amount as a person can really measure it. */
export interface Measured {
  readonly wantedMl: number;
  readonly measuredMl: number;
  readonly pieces: readonly SpoonPiece[];
  /** Signed: +4 means four per cent more than wanted. */
  readonly errorPercent: number;
}

/** Half the smallest mark on a 1 mL syringe would be fussy; a tenth is what its scale shows. */
const syringeStepMl = 0.1;
/** From here on a jug with millilitre marks is quicker and surer than spoons, where kitchens have one. */
const jugFromMl = 60;
const jugStepMl = 5;
/** From here on a cup is quicker and no less exact than spoons. */
const cupsFrom = 0.5;

/**
 * The spoons that come closest to an amount: where kitchens measure in millilitres a jug from 60 mL
 * on; else cups in quarters, whole tablespoons, teaspoons to the
 * nearest quarter; below a quarter teaspoon a syringe to 0.1 mL.
 */
export function measureWithSpoons(wanted: Millilitres, system: MeasureSystem): Measured {
  const { tsp, tbsp, cup } = systems[system];
  if (wanted < tsp / 4) {
    const drawn = Math.max(syringeStepMl, roundTo(wanted, syringeStepMl));
    return measured(wanted, wanted === 0 ? [] : [{ tool: 'syringe', count: drawn }], system);
  }
  if (system !== 'us' && wanted >= jugFromMl) {
    return measured(wanted, [{ tool: 'jug', count: roundTo(wanted, jugStepMl) }], system);
  }
  const cups = wanted >= cup * cupsFrom ? Math.floor(wanted / (cup / 4) + 1e-9) / 4 : 0;
  const quarters = Math.round((wanted - cups * cup) / (tsp / 4));
  return measured(wanted, [...piece('cup', cups), ...spoonsFor(quarters, tsp, tbsp)], system);
}

function spoonsFor(quarterTeaspoons: number, tsp: number, tbsp: number): SpoonPiece[] {
  const quartersPerTbsp = Math.round(tbsp / tsp) * 4;
  const tablespoons = Math.floor(quarterTeaspoons / quartersPerTbsp);
  const teaspoons = (quarterTeaspoons - tablespoons * quartersPerTbsp) / 4;
  return [...piece('tbsp', tablespoons), ...piece('tsp', teaspoons)];
}

const piece = (tool: SpoonTool, count: number): SpoonPiece[] => (count > 0 ? [{ tool, count }] : []);

function measured(wantedMl: number, pieces: readonly SpoonPiece[], system: MeasureSystem): Measured {
  const measuredMl = pieces.reduce((sum, { tool, count }) => sum + count * spoonMl(tool, system), 0);
  const errorPercent = wantedMl === 0 ? 0 : (measuredMl / wantedMl - 1) * 100;
  return { wantedMl, measuredMl, pieces, errorPercent };
}

/** mL in one of a tool; 1 for the syringe and the jug, whose count is in mL already. */
export function spoonMl(tool: SpoonTool, system: MeasureSystem): number {
  return tool === 'syringe' || tool === 'jug' ? 1 : systems[system][tool];
}

/**
 * A powder in spoons, through its bulk density (g/mL). Approximate: a heaped or packed spoon can be
 * a fifth off, so screens offer the grams beside it.
 */
export function measurePowder(wanted: Grams, bulkDensity: number, system: MeasureSystem): Measured {
  return measureWithSpoons((wanted / bulkDensity) as Millilitres, system);
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

/** To the nearest multiple of step, without binary dust. */
export function roundTo(value: number, step: number): number {
  return Number((Math.round(value / step) * step).toFixed(6));
}
