import type { z } from 'zod';
import { followRequest, type FollowResponse } from '../contract/follow';
import { inputError, parseInput } from '../problem';
import { aroundOn, judge, remedyAct, type Act } from '../judge';
import { follow, type FollowInput, type FollowResult, type NextMove } from '../follow';
import type { IsoDate } from '../quantities/days';
import { spokenIn } from '../quantities';
import type { RemedyRow, Tables } from '../tables';
import { moveSays, verdictSays } from '../wording';

/**
 * Judges a request as it comes from a file or over HTTP.
 * @throws InputError naming the field, for input that does not fit.
 */
export function answerFollow(raw: Tables, body: unknown): FollowResponse {
  const request = parseInput(followRequest, body);
  const tables = spokenIn(raw, request.measures);
  const remedy = tables.remedies.find(({ id }) => id === request.remedy);
  if (!remedy)
    throw inputError('remedy', 'unknown-of', {
      given: request.remedy,
      known: tables.remedies.map(({ id }) => id).join(', '),
    });
  const tooEarly = request.looks.findIndex(({ on }) => on < request.appliedOn);
  if (tooEarly >= 0) throw inputError(`looks[${tooEarly}].on`, 'before-applied', { day: request.appliedOn });
  const input: FollowInput = {
    remedy,
    appliedOn: request.appliedOn,
    before: request.before,
    looks: request.looks,
    threshold: request.threshold ?? remedy.expect.clearBelow,
    ...(request.untreated === undefined ? {} : { untreated: request.untreated }),
    ...(request.harmSeenOn === undefined ? {} : { harmSeenOn: request.harmSeenOn }),
    ...(request.strength === undefined ? {} : { strength: request.strength }),
    against: (on, strength) => judge(tables, anotherRound(tables, remedy, request, on, strength)),
  };
  const lastLook =
    [...request.looks]
      .map(({ on }) => on)
      .sort()
      .pop() ?? request.appliedOn;
  return sayFollow(follow(input), remedy, lastLook);
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

/** A verdict in words. */
export function sayFollow(result: FollowResult, remedy: RemedyRow, today: IsoDate): FollowResponse {
  const { change } = result;
  return {
    verdict: result.verdict,
    says: verdictSays(result, remedy),
    day: result.day,
    before: { mean: round(result.before.mean), n: result.before.n },
    now: { mean: round(result.now.mean), n: result.now.n },
    ...(change.kind === 'change'
      ? {
          change: {
            reduction: round(change.reduction),
            low: round(change.low),
            high: round(change.high),
            againstUntreated: change.againstUntreated,
          },
        }
      : {}),
    couldBeChance: result.couldBeChance,
    ...(result.expected ? { expected: { low: round(result.expected.low), high: round(result.expected.high) } } : {}),
    next: result.next.map((move) => ({ kind: move.kind, ...dateOf(move), says: moveSays(move, today) })),
  };
}

function dateOf(move: NextMove): { on?: string; to?: string } {
  if (move.kind === 'end') return { on: move.lateLookOn };
  if (move.kind === 'look-again' || move.kind === 'repeat') return { on: move.on };
  return move.kind === 'step-up' ? { to: move.to } : {};
}

const round = (value: number) => Number(value.toFixed(1));
