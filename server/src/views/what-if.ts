import type { WhatIfView } from '@trowel/core/contract';
import { resprayOf } from '@trowel/core/simulate';
import { daysBetween } from '@trowel/core/quantities';
import type { LifeRow } from '@trowel/core/tables';
import type { Db } from '../database';
import { maybeOneCase } from '../store/cases';
import { anyApplications, type JobRow } from '../store/jobs';
import { jobRemedy } from './job';
import { lifeOf, takesOf, warmthOf, weatherAhead as ahead } from './life';
import { layOut, type Deps, type LaidOut } from './plan';
import { jobCounts } from './verdict';

/** Share of the helpers that a spray takes with the pest, by what is said of it. */
const hurts = { safe: 0.05, some: 0.35, harm: 0.8 } as const;
/** From this chance on ants count as being about. */
const antsFrom = 0.4;

/** Everything that the model needs of a job, and the plans that it is asked about; or why it cannot be asked. */
export function whatIfViewOf(deps: Deps, row: JobRow): WhatIfView {
  const { db, tables } = deps;
  const laidOut = layOut(deps);
  const { today, garden } = laidOut;
  const remedy = jobRemedy(tables, row);
  const life = remedy && lifeOf(db, tables, row, remedy);
  if (!remedy || !life) return { kind: 'cannot', because: 'no-life' };
  const takes = takesOf(tables, life, remedy);
  if (!takes || remedy.expect.unit !== 'number') return { kind: 'cannot', because: 'no-reach' };
  const counts = jobCounts(db, tables, row, remedy);
  const looks = [...(counts.before ? [counts.before] : []), ...counts.after];
  const [first] = looks;
  if (!first) return { kind: 'cannot', because: 'no-count' };
  const dayOf = (on: string) => daysBetween(first.on, on);
  const now = dayOf(today);
  const warmth = warmthOf(db, garden, row, life, first.on, now + ahead + 1, today);
  return {
    kind: 'can',
    pest: life.name,
    from: first.on,
    known: {
      row: life.id,
      takes,
      warmth,
      today: now,
      looks: looks.map(({ on, counts: values }) => ({ day: dayOf(on), counts: [...values] })),
      sprayed: [...new Set(anyApplications(db, row.id).map(({ on_date }) => dayOf(on_date)))],
      threshold: remedy.expect.clearBelow,
      hurtsHelpers: hurts[remedy.facts.spares.helpers],
    },
    scenarios: scenariosOf(db, laidOut, row, life, warmth.slice(now + 1), now, dayOf),
  };
}

function scenariosOf(
  db: Db,
  { plan }: LaidOut,
  row: JobRow,
  life: LifeRow,
  coming: readonly number[],
  now: number,
  dayOf: (on: string) => number,
): Extract<WhatIfView, { kind: 'can' }>['scenarios'] {
  const respray = resprayOf(life, coming);
  const times = respray.kind === 'hidden' ? respray.times : respray.kind === 'live' ? 3 : 2;
  const gap = respray.kind === 'cold' ? 7 : Math.round((respray.from + respray.to) / 2);
  const atHatch = Array.from({ length: times }, (_, at) => now + at * gap).filter((day) => day < now + ahead);
  const planned = plan.steps.filter(({ job, step }) => job === row.id && step.applies).map(({ date }) => dayOf(date));
  const owner = row.case_id === null ? undefined : maybeOneCase(db, row.case_id);
  const hasAnts = owner?.reading.causes.some(({ id, probability }) => id === 'ants-tending' && probability >= antsFrom);
  return [
    { id: 'nothing', sprays: [] },
    { id: 'once', sprays: [now] },
    ...(planned.length > 0 ? [{ id: 'planned' as const, sprays: planned }] : []),
    { id: 'at-hatch', sprays: atHatch },
    ...(atHatch.length > 1 ? [{ id: 'one-left-out' as const, sprays: atHatch.filter((_, at) => at !== 1) }] : []),
    { id: 'no-undersides', sprays: atHatch, missesUndersides: true },
    ...(hasAnts ? [{ id: 'ants-left' as const, sprays: atHatch, hasAnts: true as const }] : []),
  ];
}
