import type { z } from 'zod';
import { followRequest, type FollowResponse } from '../contract/follow';
import { inputError, parseInput } from '../problem';
import { aroundOn, judge, remedyAct, type Act } from '../judge';
import { follow, type ChangeResult, type FollowInput, type FollowResult, type Level, type NextMove } from '../follow';
import { isSprayed, judgedIn, strangeCode, strangeCount, unitsOf } from '../jobs';
import type { IsoDate } from '../quantities/days';
import { spokenIn } from '../quantities';
import type { CountUnit, RemedyRow, Tables } from '../tables';
import { isLateLook, moveSays, verdictSays, verdictWords, verdictWorking } from '../wording';

/**
 * Judges a request as it comes from a file or over HTTP.
 * @throws InputError naming the field, for input that does not fit.
 */
export function answerFollow(raw: Tables, body: unknown): FollowResponse {
  const request = parseInput(followRequest, body);
  const tables = spokenIn(raw, request.measures);
  const chosen = tables.remedies.find(({ id }) => id === request.remedy);
  if (!chosen)
    throw inputError('remedy', 'unknown-of', {
      given: request.remedy,
      known: tables.remedies.map(({ id }) => id).join(', '),
    });
  const tooEarly = request.looks.findIndex(({ on }) => on < request.appliedOn);
  if (tooEarly >= 0) throw inputError(`looks[${tooEarly}].on`, 'before-applied', { day: request.appliedOn });
  if (request.before.on > request.appliedOn) throw inputError('before.on', 'after-applied', { day: request.appliedOn });
  const units = unitsOf(chosen.expect);
  const unit = request.unit ?? chosen.expect.unit;
  if (!units.includes(unit)) throw inputError('unit', 'one-of', { known: units.join(', ') });
  checkCounts(request, unit);
  const remedy = judgedIn(chosen, unit);
  const { untreated } = request;
  const lastLook = request.looks.map(({ on }) => on).reduce((a, b) => (a > b ? a : b));
  const input: FollowInput = {
    remedy,
    appliedOn: request.appliedOn,
    before: request.before,
    looks: request.looks,
    threshold: request.threshold ?? remedy.expect.clearBelow,
    ...(untreated
      ? {
          untreated: {
            before: untreated.before,
            looks: [
              ...(untreated.looks ?? []),
              ...(untreated.after ? [{ on: lastLook, counts: untreated.after }] : []),
            ],
          },
        }
      : {}),
    ...(request.harmSeenOn === undefined ? {} : { harmSeenOn: request.harmSeenOn }),
    ...(request.strength === undefined ? {} : { strength: request.strength }),
    against: (on, strength) => judge(tables, anotherRound(tables, remedy, request, on, strength)),
  };
  return sayFollow(follow(input), remedy, lastLook, request);
}

/** @throws InputError naming the list in which something stands that cannot be of that unit */
function checkCounts({ before, looks, untreated }: z.output<typeof followRequest>, unit: CountUnit): void {
  const lists = [
    { field: 'before.counts', counts: before.counts },
    ...looks.map(({ counts }, at) => ({ field: `looks[${at}].counts`, counts })),
    { field: 'untreated.before', counts: untreated?.before ?? [] },
    { field: 'untreated.after', counts: untreated?.after ?? [] },
    ...(untreated?.looks ?? []).map(({ counts }, at) => ({ field: `untreated.looks[${at}].counts`, counts })),
  ];
  for (const { field, counts } of lists) {
    const strange = strangeCount(counts, unit);
    if (strange !== undefined) throw inputError(field, strangeCode(unit), { given: strange });
  }
}

/** One more round, after those of the request: where only their number is known, they are taken to lie together. */
function anotherRound(
  tables: Tables,
  remedy: RemedyRow,
  { appliedOn, applications }: z.output<typeof followRequest>,
  on: IsoDate,
  strength: number | undefined,
): Act {
  const round = { remedy, on: appliedOn, isOwn: true, isOnPlant: true };
  const rounds = Array.from({ length: applications }, () => round);
  return remedyAct(tables, remedy, { strength, ...aroundOn(tables, rounds, on) });
}

/** A verdict in words. @param counted what it was come by */
export function sayFollow(
  result: FollowResult,
  remedy: RemedyRow,
  today: IsoDate,
  counted: Pick<FollowInput, 'before' | 'looks'>,
): FollowResponse {
  const { change, chance, wouldTell } = result;
  const last = [...counted.looks].sort((a, b) => a.on.localeCompare(b.on)).pop();
  return {
    verdict: result.verdict,
    finding: result.finding,
    title: verdictWords(result, isLateLook(result, remedy)),
    says: verdictSays(result, remedy),
    day: result.day,
    before: { ...levelOf(result.before), n: counted.before.counts.length },
    now: { ...levelOf(result.now), n: last?.counts.length ?? 0 },
    ...changeOf(change),
    looks: result.looks.map(({ on, level, change: at }) => ({ on, ...levelOf(level), ...changeOf(at) })),
    couldBeChance: result.couldBeChance,
    ...(chance === undefined ? {} : { chance: Number(chance.toFixed(3)) }),
    ...(wouldTell === undefined ? {} : { wouldTell }),
    working: verdictWorking(result, remedy),
    ...(result.expected ? { expected: { low: round(result.expected.low), high: round(result.expected.high) } } : {}),
    next: result.next.map((move) => ({
      kind: move.kind,
      ...dateOf(move),
      says: moveSays(move, today, isSprayed(remedy)),
    })),
  };
}

const levelOf = ({ mean, low, high }: Level) => ({ mean: round(mean), low: round(low), high: round(high) });

const changeOf = (change: ChangeResult): Pick<FollowResponse, 'change'> =>
  change.kind === 'change'
    ? {
        change: {
          reduction: round(change.reduction),
          low: round(change.low),
          high: round(change.high),
          againstUntreated: change.againstUntreated,
        },
      }
    : {};

function dateOf(move: NextMove): { on?: string; to?: string; isPlanned?: boolean } {
  if (move.kind === 'end') return { on: move.lateLookOn };
  if (move.kind === 'look-again' || move.kind === 'repeat') return { on: move.on, isPlanned: move.isPlanned };
  return move.kind === 'step-up' ? { to: move.to } : {};
}

const round = (value: number) => Number(value.toFixed(1));
