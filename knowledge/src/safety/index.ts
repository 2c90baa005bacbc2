/**
 * What hurts someone or something, or wastes the work. Levels: note, caution (to be acknowledged), stop
 * (cannot be passed). A rule speaks when everything in its `when` holds: classes in the vessel, a strength
 * on a label (%), facts of the job, what was there before, days to harvest. Sources: chemistry, extension
 * practice, labels; local rules always come first.
 */
import type { SafetyRule } from '@trowel/core/tables';
import { alone } from './alone';
import { before } from './before';
import { byHand } from './by-hand';
import { hours } from './hours';
import { household } from './household';
import { keeping } from './keeping';
import { met } from './met';
import { people } from './people';
import { places } from './places';
import { poisons } from './poisons';
import { soilAndFeeds } from './soil-and-feeds';
import { strengths } from './strengths';
import { together } from './together';

const rules: readonly SafetyRule[] = [
  ...together,
  ...alone,
  ...poisons,
  ...soilAndFeeds,
  ...strengths,
  ...places,
  ...hours,
  ...people,
  ...keeping,
  ...before,
  ...household,
  ...byHand,
];

export const safetyRules: readonly SafetyRule[] = rules.map((rule) => {
  const metBy = met[rule.id];
  return metBy ? { ...rule, metBy } : rule;
});
