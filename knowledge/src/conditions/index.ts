/** Underlying conditions: why a cause could take hold. `base` is the chance of finding it at a plant
 * that someone has stopped to look at (judgement). Weeds carry modest strengths: hints, never proof. */
import type { ConditionRow } from '@trowel/core/tables';
import { shows } from '../build';
import { weeds } from '../weeds';
import { airConditions } from './air';
import { feedingConditions } from './feeding';
import { soilConditions } from './soil';
import { waterConditions } from './water';
import { weatherConditions } from './weather';

/** What weeds hint at stands in the weed table; here it joins the other signs of each condition. */
const hintsAt = (id: string) =>
  weeds.flatMap((weed) =>
    weed.hints.filter(({ of }) => of === id).map(({ strength, why }) => shows(weed.id, strength, why)),
  );

export const conditions: readonly ConditionRow[] = [
  ...soilConditions,
  ...waterConditions,
  ...feedingConditions,
  ...airConditions,
  ...weatherConditions,
].map((row) => ({ ...row, signs: [...row.signs, ...hintsAt(row.id)] }));
