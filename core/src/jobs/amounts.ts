import type { RemedyOrder } from '../contract/mix';
import { strengthFor } from '../judge';
import { batchState, mixRemedy, usualBatchMl, type Batch, type MixFound } from '../mix';
import type { IsoDate, MeasureSystem } from '../quantities';
import { needOf, type PlaceSize } from './needs';
import type { JobSetting } from './setting';
import {
  batchGives,
  usualWater,
  waterFacts,
  withinCap,
  type TapTreatment,
  type RemedyRow,
  type SceneFact,
  type Tables,
} from '../tables';

/** Where the job stands: what is wetted, and what comes out of tap and butt, mg/L as CaCO₃. */
export interface JobScene {
  readonly measures: MeasureSystem;
  readonly tapHardness: number;
  readonly buttHardness: number;
  readonly tapTreatment?: TapTreatment;
  readonly plants: readonly string[];
  /** How large its places are. */
  readonly places?: readonly PlaceSize[];
  readonly today: IsoDate;
  /** The brew it is drawn from, where it is drawn from one. */
  readonly batch?: Batch | undefined;
  /** Classes of what the vessel held before. */
  readonly vesselHeld?: readonly string[] | undefined;
  /** What is close to its places. */
  readonly near?: readonly SceneFact[];
}

/** Does the hardness of the water matter to it? */
export const asksWater = ({ recipe }: Pick<RemedyRow, 'recipe'>): boolean =>
  recipe?.kind === 'percent-volume' && recipe.hardWaterBinds === true;

/** Is it alive and goes on with water, so that what the water holds matters to it? */
export const isAlive = ({ classes }: Pick<RemedyRow, 'classes'>): boolean =>
  classes.includes('living') && ['drench', 'spray', 'moist-living'].some((way) => classes.includes(way));

/** Can it be drawn from such a brew? */
export const isDrawnFrom = ({ recipe }: Pick<RemedyRow, 'recipe'>, { kind }: Pick<Batch, 'kind'>): boolean =>
  recipe?.kind === 'one-to-n' && batchGives[kind] === recipe.ingredient;

/**
 * The strength a job is mixed at, in the recipe's own unit: the gardener's, or by the age of the brew that it is drawn
 * from (never stronger than the recipe goes), or the remedy's own on these plants. Undefined without a recipe.
 */
export function jobStrength(
  tables: Tables,
  remedy: RemedyRow,
  { strength }: Pick<JobSetting, 'strength'>,
  { batch, plants, today }: Pick<JobScene, 'batch' | 'plants' | 'today'>,
): number | undefined {
  const { recipe } = remedy;
  if (!recipe) return undefined;
  if (strength !== null) return strength;
  // Extract does not age into its strength as a brew does.
  if (batch && isDrawnFrom(remedy, batch) && batch.kind !== 'shell-extract') {
    const parts = Math.round(batchState(batch, today).parts);
    return withinCap(recipe, parts) ? parts : recipe.cap;
  }
  return strengthFor(tables, { ...remedy, recipe }, { plants }).value;
}

/** mL of ready mix that a job makes at a time: the gardener's, or what its places take, or the usual. */
export const jobVolume = (
  remedy: RemedyRow,
  { volumeMl }: Pick<JobSetting, 'volumeMl'>,
  places: readonly PlaceSize[] = [],
): number => volumeMl ?? Math.min(needOf(remedy, places) ?? usualBatchMl(remedy), mostAtOnceMl);

/** What is needed beyond this goes on in several rounds. */
const mostAtOnceMl = 200_000;

/** A job's mix as the mixer is asked for it; undefined where nothing is mixed. The card, the plan and the log ask this. */
export function jobOrder(
  tables: Tables,
  remedy: RemedyRow,
  setting: JobSetting,
  scene: JobScene,
): RemedyOrder | undefined {
  const strength = jobStrength(tables, remedy, setting, scene);
  if (strength === undefined) return undefined;
  const water = setting.water ?? usualWater;
  const hardness = water === 'tap' ? scene.tapHardness : scene.buttHardness;
  const facts = [...(scene.near ?? []), ...(isAlive(remedy) ? waterFacts(water, scene.tapTreatment) : [])];
  return {
    remedy: remedy.id,
    strength,
    volume: { amount: jobVolume(remedy, setting, scene.places), unit: 'mL' },
    measures: scene.measures,
    plants: [...scene.plants],
    ...(asksWater(remedy) ? { water: { hardness } } : {}),
    ...(facts.length === 0 ? {} : { facts }),
    ...(scene.vesselHeld === undefined ? {} : { vesselHeld: [...scene.vesselHeld] }),
  };
}

/** A job's mix worked out: amounts, order of pouring, hard water, cautions; undefined where nothing is mixed. */
export function jobMix(tables: Tables, remedy: RemedyRow, setting: JobSetting, scene: JobScene): MixFound | undefined {
  const order = jobOrder(tables, remedy, setting, scene);
  return order && mixRemedy(tables, order);
}

/** mL of the brew that a mix takes; 0 where it takes none. */
export const drawnMl = (
  remedy: Pick<RemedyRow, 'recipe'>,
  parts: readonly { readonly ingredient: string; readonly ml: number }[],
): number =>
  remedy.recipe?.kind === 'one-to-n'
    ? (parts.find(({ ingredient }) => ingredient === remedy.recipe?.ingredient)?.ml ?? 0)
    : 0;

/** A brew as a job may take it. */
export interface BrewThere {
  readonly id: string;
  readonly batch: Batch;
}

/** The brew to draw from where the gardener names none: ready, the one that is past its best first; undefined where none is. */
export function brewFor(
  remedy: Pick<RemedyRow, 'recipe'>,
  brews: readonly BrewThere[],
  today: IsoDate,
): BrewThere | undefined {
  return brews
    .filter(({ batch }) => isDrawnFrom(remedy, batch))
    .map((brew) => ({ brew, state: batchState(brew.batch, today) }))
    .filter(({ state }) => state.stage === 'ready')
    .sort((a, b) => a.state.bestBefore.localeCompare(b.state.bestBefore))[0]?.brew;
}
