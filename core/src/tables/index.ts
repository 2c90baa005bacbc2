import type { CauseRow, ConditionRow, RegretTable } from './causes';
import type { CheckRow } from './checks';
import type { PlantRow } from './plants';
import type { CombinationRow, CourseRow, IngredientRow, KeepApartRow, RemedyRow } from './remedies';
import type { AreaLimitRow, DepthLimitRow, ClassRow, LimitRow, PaceRow, TemperatureRow } from './limits';
import type { WorkRow } from './works';
import type { SafetyRule, SceneFactRow } from './safety';
import type { RoutineRow } from './routines';
import type { ConceptRow, SignRow } from './signs';
import type { MeaningsData } from './meanings';
import type { RetiredRow } from './retired';
import type { SpecimenRow } from './specimens';
import type { LifeRow, ReachRow } from './life';
import type { SowingRow } from './sowing';
import type { SettingsTold } from './settings';
import type { TriedTable } from './tried';
import type { WeedRow } from './weeds';

export { termsIn, type TermRow } from './glossary';
export * from './common';
export * from './region';
export * from './season';
export * from './courses';
export * from './signs';
export * from './plates';
export * from './weeds';
export * from './sowing';
export * from './causes';
export * from './plants';
export * from './checks';
export * from './counting';
export * from './remedies';
export * from './routines';
export * from './limits';
export * from './works';
export * from './safety';
export * from './retired';
export * from './specimens';
export * from './life';
export * from './batch-kinds';
export * from './settings';
export * from './tried';
export * from './verdicts';
export * from './meanings';

/** All the knowledge the core works on, as arguments: a test passes three rows, the product the whole. */
export interface Tables {
  readonly plants: readonly PlantRow[];
  readonly conditions: readonly ConditionRow[];
  readonly causes: readonly CauseRow[];
  readonly signs: readonly SignRow[];
  readonly concepts: readonly ConceptRow[];
  readonly weeds: readonly WeedRow[];
  readonly sowing: readonly SowingRow[];
  readonly checks: readonly CheckRow[];
  readonly remedies: readonly RemedyRow[];
  readonly routines: readonly RoutineRow[];
  readonly ingredients: readonly IngredientRow[];
  readonly keepApart: readonly KeepApartRow[];
  readonly safetyRules: readonly SafetyRule[];
  readonly sceneFacts: readonly SceneFactRow[];
  readonly limits: readonly LimitRow[];
  readonly areaLimits: readonly AreaLimitRow[];
  readonly depthLimits: readonly DepthLimitRow[];
  readonly paces: readonly PaceRow[];
  /** The first that fits counts. */
  readonly classes: readonly ClassRow[];
  readonly temperatures: readonly TemperatureRow[];
  readonly works: readonly WorkRow[];
  readonly courses: readonly CourseRow[];
  readonly combinations: readonly CombinationRow[];
  readonly specimens: readonly SpecimenRow[];
  /** The first that fits plant and cause counts. */
  readonly life: readonly LifeRow[];
  readonly reaches: readonly ReachRow[];
  readonly retired: readonly RetiredRow[];
  readonly regret: RegretTable;
  readonly tried: TriedTable;
  readonly settingsTold: SettingsTold;
  /** How people say the signs; without it the vocabulary reads alone. */
  readonly meanings?: MeaningsData;
}

/** The row with that id. @throws Error naming the table and the id when there is none. */
export function rowById<Row extends { readonly id: string }>(
  table: readonly Row[],
  id: string,
  tableName: string,
): Row {
  const row = table.find((candidate) => candidate.id === id);
  if (!row) throw new Error(`${tableName} has no row "${id}"`);
  return row;
}
export * from './jobs';
