import type { FollowResult, NextMove } from '../follow';
import type { Verdict, RemedyRow } from '../tables';
import type { IsoDate } from '../quantities/days';
import { dayWords } from './everyday/days';

export const verdictWords: Record<Verdict, string> = {
  solved: 'Solved',
  'on-the-way': 'On the way',
  'too-early': 'Too early to say',
  'no-change': 'No change',
  worse: 'Worse',
  'plant-harmed': 'The plant is hurt',
};

/** The verdict in a sentence or two, with its numbers. */
export function verdictSays(
  { verdict, before, now, change, couldBeChance, expected, day }: FollowResult,
  { expect }: Pick<RemedyRow, 'expect'>,
): string {
  const numbers = `${one(before.mean)} before, ${one(now.mean)} now (${expect.what})`;
  const changed = change.kind === 'change' ? changeWords(change.reduction) : '';
  switch (verdict) {
    case 'solved':
      return `${numbers}: below the level to act on at two looks, ${expect.twiceDaysApart} days or more apart.`;
    case 'on-the-way':
      return `${numbers}: ${changed}, more than chance explains.${expectedWords(expected, change)}`;
    case 'too-early':
      if (change.kind === 'cannot-tell')
        return change.because === 'nothing-before'
          ? `None were counted before, so no change can be told.`
          : 'Too few were counted: three leaves at least, ten are better.';
      if (expect.riseUntilDay !== undefined && day <= expect.riseUntilDay)
        return `${numbers}. More in the first days is a good sign: they are carrying it home.`;
      return couldBeChance
        ? `${numbers}: ${changed}, but that could still be chance.`
        : `${numbers}: ${changed}, and it is only day ${day}.`;
    case 'no-change':
      return `${numbers}: by day ${day} it should have shown.${expectedWords(expected, change)}`;
    case 'worse':
      return `${numbers}: more than before, beyond chance.`;
    case 'plant-harmed':
      return 'Burn within three days of a spray is the spray’s doing. Rinse the plant with plain water and leave it in peace.';
    default:
      return verdict satisfies never;
  }
}

export function moveSays(move: NextMove, today: IsoDate): string {
  switch (move.kind) {
    case 'end':
      return `Close it, with one late look ${dayWords(move.lateLookOn, today)}`;
    case 'look-again':
      return `Count again ${dayWords(move.on, today)}`;
    case 'repeat':
      return `Do it again ${dayWords(move.on, today)}, undersides most of all`;
    case 'step-up':
      return 'Raise the strength one step';
    case 'next-remedy':
      return 'Try the next remedy up the ladder';
    case 'back-to-reading':
      return 'Read the signs again: perhaps it is something else';
    case 'stop-and-rinse':
      return 'Stop, rinse with plain water, lower the strength';
    default:
      return move satisfies never;
  }
}

function changeWords(reduction: number): string {
  if (Math.abs(reduction) < 5) return 'about the same';
  return fewerWords(reduction);
}

/** "40 % fewer", "12 % more". */
export const fewerWords = (reduction: number): string =>
  reduction >= 0 ? `${Math.round(reduction)} % fewer` : `${Math.round(-reduction)} % more`;

function expectedWords(expected: FollowResult['expected'], change: FollowResult['change']): string {
  if (!expected || change.kind !== 'change') return '';
  const low = Math.round(expected.low);
  const high = Math.round(expected.high);
  if (change.reduction >= expected.low) return ` By now ${low}–${high} % fewer is usual.`;
  return ` By now ${low}–${high} % fewer is usual; this is less.`;
}

const one = (value: number) => String(Number(value.toFixed(1)));
