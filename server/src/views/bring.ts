import type { StepView, TodayView } from '@trowel/core/contract';
import { loadInAll, sharesOf } from '@trowel/core/jobs';
import { usualWater } from '@trowel/core/tables';
import { bringToWords, loadWords } from '@trowel/core/wording';
import { maybeOneJob } from '../store/jobs';
import { jobRemedy, mixOf, placeName, placesOn, sizesOf } from './job';
import { jobName } from './jobs';
import type { Deps, LaidOut } from './plan';

/** What to take along for what is to be put on: added up over all of it, and place by place in the order of the round. */
export function bringOf(
  { db, tables }: Deps,
  { today, garden }: LaidOut,
  due: readonly StepView[],
): TodayView['bring'] {
  const going = due
    .filter(({ phase, carry }) => phase === 'apply' && carry !== null)
    .flatMap(({ jobId }) => {
      const row = maybeOneJob(db, jobId);
      const remedy = row && jobRemedy(tables, row);
      const card = row && remedy && mixOf(db, tables, row, remedy, today);
      return row && remedy && card?.kind === 'mix' ? [{ row, remedy, card }] : [];
    })
    .filter(({ row }, at, all) => all.findIndex((other) => other.row.id === row.id) === at);
  if (going.length === 0) return null;
  const inAll = loadInAll(
    going.map(({ row, card }) => ({ parts: card.parts, waterMl: card.waterMl, water: row.water ?? usualWater })),
  );
  return {
    inAll: loadWords(tables, inAll, garden.measures),
    places: going.flatMap(({ row, remedy, card }) => {
      const places = sizesOf(db, placesOn(db, tables, row.id, remedy, today));
      const shares = sharesOf(
        remedy,
        places.map(({ size }) => size),
        card.totalMl,
      );
      return places.map(({ place }, at) => ({
        place: placeName(db, place),
        says: bringToWords(
          jobName(tables, row),
          places.length === 1 ? card.totalMl : (shares[at] ?? card.totalMl / places.length),
          garden.measures,
        ),
      }));
    }),
    wear: [...new Set(going.flatMap(({ remedy }) => remedy.facts.wear))],
  };
}
