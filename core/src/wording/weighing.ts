import type { LeftOutReason, NextTime, Rivals, Standing } from '../choose';
import { rowById, type CauseFamily, type RemedyRow, type SignRow, type Tables } from '../tables';
import type { MeasureSystem } from '../quantities';
import type { Contribution, Weighing } from '../weigh';
import { cautionLine } from './mix';
import { actionWords, chanceWords, knownWords } from './everyday/chance';
import { monthName, monthsWords } from './everyday/days';
import { counted, listWords, lowerFirst, orWords, sentence } from './everyday/language';

/** Sentences for what weighing and choosing return as codes. Every surface speaks through these. */

/** "Cast skins seen: each sheds its skin four times." */
export function contributionWords({ state, why, weight }: Contribution, sign: SignRow): string {
  const what = state === 'seen' ? sign.name : `No ${lowerFirst(sign.name)}`;
  if (state === 'seen')
    return why
      ? `${what}: ${why}`
      : weight > 0
        ? `${what}: it fits with this`
        : `${what}: something else explains it better`;
  return weight < 0 ? `${what}, though it usually shows` : `${what}: that leaves less for its rivals`;
}

/** From here on what was seen fits something well. */
const knownFrom = 0.6;

/** Why the class of action, naming the causes it rests on. */
export function actionSentence(tables: Tables, { action, causes }: Weighing): string {
  const nameOf = (id: string) => lowerFirst(rowById(tables.causes, id, 'causes').name);
  const { leading, belowThreshold, sparedBy } = action.reason;
  const isKnown = causes.some(({ id, probability }) => probability >= knownFrom && leading.includes(id));
  const parts = [(isKnown && knownWords[action.class]) || actionWords[action.class].says];
  if (leading.length > 0) parts.push(`It rests on ${listWords(leading.map(nameOf))}.`);
  for (const id of belowThreshold) {
    const threshold = rowById(tables.causes, id, 'causes').threshold;
    if (threshold) parts.push(`The count is below the level to act on ${nameOf(id)} (${threshold.says}).`);
  }
  for (const id of new Set(sparedBy)) parts.push(`Help has come by itself: ${nameOf(id)}.`);
  return parts.join(' ');
}

/** Look-alikes that are met with the same hands, as one calls them together. */
export const familyWords: Readonly<Record<CauseFamily, string>> = {
  caterpillars: 'caterpillars',
  'leaf-beetles': 'leaf beetles',
  'sap-suckers': 'soft sap-suckers',
  mites: 'mites',
  'hard-sap-suckers': 'sap-suckers that sit still',
  'root-maggots': 'root maggots',
  'root-grubs': 'grubs at the roots',
  'leaf-spots': 'leaf spots',
  'bark-diseases': 'bark diseases',
  wilts: 'wilts',
  'onion-rots': 'onion rots',
  'fruit-borers': 'grubs in fruit',
  weedkillers: 'weedkillers',
};

/** "Brown rot or scab: which of the … matters less than it seems." */
export function rivalsSentence(tables: Tables, { family, causes }: Rivals): string {
  const names = causes.map((id) => lowerFirst(rowById(tables.causes, id, 'causes').name));
  return sentence(`${orWords(names)}: one of the ${familyWords[family]}, and what answers them all comes first`);
}

/** When what is for another time can begin: "From August", "In May and June", "Next time". */
export const nextTimeWords = ({ from, months }: NextTime): string =>
  from !== undefined ? `From ${monthName(from)}` : months ? `In ${monthsWords(months)}` : 'Next time';

export function leftOutWords(tables: Tables, reason: LeftOutReason, system: MeasureSystem): string {
  switch (reason.kind) {
    case 'speaks-against': {
      const row = [...tables.causes, ...tables.conditions].find(({ id }) => id === reason.cause);
      return `Not while ${lowerFirst(row?.name ?? 'this')} is likely: ${reason.why}.`;
    }
    case 'sign-against':
      return `Not with “${lowerFirst(rowById(tables.signs, reason.sign, 'signs').name)}”: ${reason.why}.`;
    case 'setting':
      return 'Not in this kind of place.';
    case 'unsafe':
      return cautionLine(tables, reason.found, system);
    case 'harms-helpers':
      return `It kills helpers, and they are at work here: ${lowerFirst(rowById(tables.causes, reason.helper, 'causes').name)}.`;
    case 'not-sure': {
      const row = [...tables.causes, ...tables.conditions].find(({ id }) => id === reason.of);
      return `It cannot be taken back, and ${lowerFirst(row?.name ?? 'this')} is not sure enough yet (${chanceWords(reason.chance)}).`;
    }
    case 'forbidden':
      return 'You have set a rule against it.';
    case 'not-in-cupboard':
      return `Not in your cupboard: ${lowerFirst(rowById(tables.ingredients, reason.ingredient, 'ingredients').name)}.`;
    default:
      return reason satisfies never;
  }
}

/** Why a remedy stands where it does, one short sentence each. */
export function standingWords(tables: Tables, standing: Standing): string {
  switch (standing.kind) {
    case 'answers-several':
      return `Answers ${standing.count} likely things at once.`;
    case 'answers-family':
      return `Answers them all, whichever of the ${familyWords[standing.family]} it is.`;
    case 'mildest':
      return 'The mildest that helps.';
    case 'urgent':
      return 'Days count here: the surest comes before the mildest.';
    case 'stronger': {
      const milder = lowerFirst(rowById(tables.remedies, standing.than, 'remedies').name);
      return standing.surer
        ? `Stronger than ${milder}, and it helps clearly more.`
        : `Stronger than ${milder}: try that first.`;
    }
    case 'risky-if-wrong': {
      const row = [...tables.causes, ...tables.conditions].find(({ id }) => id === standing.cause);
      return `Marked down: it would do harm if it is ${lowerFirst(row?.name ?? 'something else')} (${chanceWords(standing.chance)}).`;
    }
    case 'tried':
      return standing.helped === null
        ? 'You say that you tried it.'
        : standing.helped
          ? 'You say that you tried it, and that it helped.'
          : 'You say that you tried it, and that it did not help. By its steps, and as often as they say, it may.';
    case 'here':
      return hereWords(standing);
    case 'unproven':
      return standing.grade === 'doubtful' ? 'Doubtful: trials speak against it.' : 'Plausible, unproven.';
    default:
      return standing satisfies never;
  }
}

/** How often it helped in this garden: the figures as they are, and no rate from a few. */
export function hereWords({ worked, failed, harmed }: { worked: number; failed: number; harmed: number }): string {
  const tried = worked + failed + harmed;
  const hurt =
    harmed > 0
      ? ` It hurt the plant ${harmed === 1 ? 'once' : `${harmed} times`}: weaker, and on a test leaf first.`
      : '';
  if (tried === 1 && harmed === 0)
    return worked === 1
      ? 'It helped here the one time it was judged.'
      : 'It did not help here the one time it was judged.';
  return `Here it helped ${worked} of ${counted(tried, 'time', 'times')} that it was judged.${hurt}`;
}

/** From these chances on a cause or a condition says what not to do. */
const causeSpeaksFrom = 0.3;
const conditionSpeaksFrom = 0.5;

/** What would do harm or waste effort under this reading. */
export function avoidNotes({ causes, conditions }: Weighing): { what: string; why: string }[] {
  const notes = [
    ...causes.filter(({ probability }) => probability >= causeSpeaksFrom).flatMap(({ row }) => row.avoid),
    ...conditions.filter(({ probability }) => probability >= conditionSpeaksFrom).flatMap(({ row }) => row.avoid),
  ];
  const seen = new Set<string>();
  return notes.filter(({ what }) => !seen.has(what) && seen.add(what)).map(({ what, why }) => ({ what, why }));
}

/** The name of a cause, condition, remedy or ingredient; the id itself where none has it. */
export const rowNamed = (tables: Tables, id: string): string =>
  [...tables.causes, ...tables.conditions, ...tables.remedies, ...tables.ingredients].find((row) => row.id === id)
    ?.name ?? id;

/** What a gardener says was done before, in a word or two. */
export const triedWords = ({ name }: Pick<RemedyRow, 'name'>, helped: boolean | null): string =>
  `Tried: ${lowerFirst(name)}${helped === null ? '' : helped ? ', it helped' : ', no help'}`;

/** What a remedy that did nothing says of a cause that it is for. */
export const failedWords = ({ name }: Pick<RemedyRow, 'name'>): string =>
  `“${name}” should have helped against it by now, and did not: that speaks against it too.`;
