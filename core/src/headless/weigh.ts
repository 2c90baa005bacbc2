import { chooseRemedies } from '../choose';
import { ingredientNamed } from '../judge';
import { inputError, parseInput } from '../problem';
import { weighRequest, type WeighRequest, type WeighResponse } from '../contract/weigh';
import {
  evidenceFromSoil,
  kinNamed,
  plantNamed,
  readLine,
  type About,
  type Perhaps,
  type Tried,
  type Understood,
} from '../read';
import { spokenIn } from '../quantities';
import { rowById, seasonOfPlace, type PlantRow, type RemedyId, type SignRow, type Tables } from '../tables';
import { weigh, type Contribution, type Evidence, type Situation, type Weighing } from '../weigh';
import {
  actionSentence,
  avoidNotes,
  contributionWords,
  leftOutWords,
  listWords,
  lowerFirst,
  nextTimeWords,
  rivalsSentence,
  standingWords,
} from '../wording';

/** Causes and conditions below this are left off the answer. */
const worthListing = 0.02;

/**
 * Weighs a request as it comes from a file or over HTTP.
 * @throws InputError naming the field, for input that does not fit.
 */
export function answerWeigh(raw: Tables, body: unknown): WeighResponse {
  const request = parseInput(weighRequest, body);
  const tables = spokenIn(raw, request.measures);
  const { understood, perhaps, tried, notUnderstood, situation, plantName } = situationOf(tables, request);
  const weighing = weigh(tables, situation);
  const choice = chooseRemedies(tables, weighing, {
    ...(situation.plant === undefined ? {} : { plant: situation.plant }),
    ...(situation.setting === undefined ? {} : { setting: situation.setting }),
    ...seasonOfPlace(situation),
    ...(request.daysToHarvest === undefined ? {} : { daysToHarvest: request.daysToHarvest }),
    ...(request.facts === undefined ? {} : { facts: request.facts }),
    ...(request.forbids === undefined ? {} : { forbids: request.forbids }),
    ...(request.cupboard === undefined
      ? {}
      : { cupboard: request.cupboard.map((word, at) => inCupboard(tables, word, at)) }),
    ...(request.onlyFromCupboard === undefined ? {} : { onlyFromCupboard: request.onlyFromCupboard }),
    tried,
    recent: [
      ...(request.recent ?? []).map((item, at) => knownRemedy(tables, item, at)),
      ...tried.flatMap(({ remedy, daysAgo }) => (daysAgo === undefined ? [] : [{ remedy, daysAgo }])),
    ],
  });
  const signOf = (id: string) => rowById(tables.signs, id, 'signs');
  const reasons = (list: readonly Contribution[]) =>
    list.map((item) => ({
      sign: item.sign,
      state: item.state,
      weight: round(item.weight, 2),
      says: contributionWords(item, signOf(item.sign)),
    }));
  return {
    ...(plantName === undefined ? {} : { plant: plantName }),
    ...(situation.setting === undefined ? {} : { setting: situation.setting }),
    understood: understood.map((item) => ({
      ...item,
      name: signOf(item.sign).name,
      sure: round(item.sure ?? 1, 2),
    })),
    perhaps: perhaps.map(({ say, state, sure, signs }) => ({
      say,
      state,
      ...(sure === undefined ? {} : { sure: round(sure, 2) }),
      signs: signs.map((sign) => ({ sign, name: signOf(sign).name })),
    })),
    tried: tried.map((one) => ({ ...one, name: rowById(tables.remedies, one.remedy, 'remedies').name })),
    notUnderstood,
    causes: weighing.causes
      .filter(({ probability }) => probability >= worthListing)
      .map(({ id, row, probability, because, against, failed }) => ({
        id,
        name: row.name,
        probability: round(probability, 3),
        because: reasons(because),
        against: reasons(against),
        failed: [...failed],
      })),
    conditions: weighing.conditions
      .filter(({ probability }) => probability >= worthListing)
      .map(({ id, row, probability, because }) => ({
        id,
        name: row.name,
        probability: round(probability, 3),
        because: reasons(because),
      })),
    noneOfThese: round(weighing.noneOfThese, 3),
    depth: round(weighing.depth, 2),
    nextChecks: weighing.nextChecks.slice(0, 4).map(({ id, minutes, settles }) => {
      const check = rowById(tables.checks, id, 'checks');
      const about = settles.map((cause) => lowerFirst(rowById(tables.causes, cause, 'causes').name));
      return {
        id,
        name: check.name,
        ask: check.ask,
        minutes,
        why: about.length > 0 ? `It would move ${listWords(about)} most.` : `It settles ${check.settles}.`,
      };
    }),
    action: { class: weighing.action.class, why: actionSentence(tables, weighing) },
    remedies: choice.ranked.map(({ id, row, suggested, helps, standing }) => ({
      id,
      name: row.name,
      suggested,
      why: helpWords(tables, helps),
      standing: standing.map((why) => standingWords(tables, why)),
      grade: row.grade,
      honest: row.honest,
    })),
    together: choice.together.map(({ remedies, why }) => ({ remedies: [...remedies], why })),
    nextTime: choice.nextTime.map((next) => ({
      id: next.id,
      name: next.row.name,
      for: next.of,
      why: next.why,
      when: nextTimeWords(next),
      ...(next.months === undefined ? {} : { months: [...next.months] }),
    })),
    ...(choice.rivals
      ? { rivals: { ...choice.rivals, causes: [...choice.rivals.causes], says: rivalsSentence(tables, choice.rivals) } }
      : {}),
    leave: {
      asGood: choice.leave.asGood,
      courses: choice.leave.courses.map(({ of, chance, says }) => ({ cause: of, chance: round(chance, 3), says })),
    },
    notWorth: choice.notWorth.map(({ id, row }) => ({ id, name: row.name, honest: row.honest })),
    leftOut: choice.leftOut.map(({ id, row, reason }) => ({
      id,
      name: row.name,
      why: leftOutWords(tables, reason, request.measures),
    })),
    avoid: avoidNotes(weighing),
    notes: notesFor(tables, weighing),
    method: weighing.method,
  };
}

function inCupboard(tables: Tables, word: string, at: number): string {
  const row = ingredientNamed(tables, word);
  if (!row) throw inputError(`cupboard[${at}]`, 'unknown-leave-out', { given: word });
  return row.id;
}

function knownRemedy<Item extends { readonly remedy: string }>(tables: Tables, item: Item, at: number): Item {
  mustBeRemedy(tables, item.remedy, `recent[${at}].remedy`);
  return item;
}

const knownRemedies = (tables: Tables, failed: readonly RemedyId[]): readonly RemedyId[] => {
  failed.forEach((id, at) => mustBeRemedy(tables, id, `failed[${at}]`));
  return failed;
};

/** @throws InputError naming the field */
function mustBeRemedy(tables: Tables, given: string, field: string): void {
  if (!tables.remedies.some(({ id }) => id === given)) throw inputError(field, 'unknown-remedy', { given });
}

const helpWords = (tables: Tables, helps: readonly { of: string; why: string }[]) =>
  helps
    .slice(0, 2)
    .map(
      ({ of, why }) =>
        `for ${lowerFirst([...tables.causes, ...tables.conditions].find(({ id }) => id === of)?.name ?? of)}: ${why}`,
    )
    .join('; ');

function notesFor(tables: Tables, weighing: Weighing): string[] {
  const nameOf = (id: string) => rowById(tables.signs, id, 'signs').name;
  return [
    ...weighing.contradictions.map(([a, b]) => `“${nameOf(a)}” and “${nameOf(b)}” cannot both be so: look again.`),
    ...weighing.covered.map(
      ({ sign }) => `“${nameOf(sign)}” is already said by a more exact sign and was not counted twice.`,
    ),
    ...(weighing.method === 'sampled'
      ? [
          `Too much at once to weigh exactly: chances are good to ± ${(200 * weighing.standardError).toFixed(0)} in a hundred.`,
        ]
      : []),
  ];
}

interface Gathered {
  readonly understood: readonly Understood[];
  readonly perhaps: readonly Perhaps[];
  readonly tried: readonly Tried[];
  readonly notUnderstood: string[];
  readonly situation: Situation;
  readonly plantName?: string;
}

/** Everything said, tapped and measured, as one situation. @throws InputError for a sign tapped as seen and as absent. */
export function situationOf(tables: Tables, request: WeighRequest): Gathered {
  const notUnderstood: string[] = [];
  const understood: Understood[] = [];
  const perhaps: Perhaps[] = [];
  const about = aboutOf(tables, request);
  const line = request.said === undefined ? undefined : readLine(tables, request.said, about);
  if (line) {
    understood.push(...line.understood);
    perhaps.push(...line.perhaps);
    notUnderstood.push(...line.notUnderstood);
  }
  (request.signs ?? []).forEach((item, index) =>
    addSign(tables, item, index, about, { understood, perhaps, notUnderstood }),
  );

  const setting = request.setting ?? line?.setting;
  const named = request.plant === undefined ? line?.plant : plantNamed(tables, request.plant);
  if (request.plant !== undefined && named === undefined) notUnderstood.push(`plant: ${request.plant}`);
  const plant = named === undefined ? undefined : rowById(tables.plants, named, 'plants');

  const phrases = [
    ...(request.bed?.weeds ?? []),
    ...Object.entries(request.care ?? {}).map(([what, how]) =>
      what === 'fed' || what === 'watering' ? `${what} ${how}` : how,
    ),
    ...(request.bed?.soil?.said === undefined ? [] : [request.bed.soil.said]),
  ];
  for (const phrase of phrases) {
    const read = readLine(tables, phrase, about);
    understood.push(...read.understood);
    perhaps.push(...read.perhaps);
    if (read.understood.length + read.perhaps.length === 0) notUnderstood.push(phrase);
    else notUnderstood.push(...read.notUnderstood);
  }
  const measured = evidenceFromSoil(request.bed?.soil ?? {}, plant);
  const evidence = merged(tables, [...understood, ...perhaps.flatMap(asEvidence), ...measured]);
  return {
    understood,
    perhaps,
    tried: line?.tried ?? [],
    notUnderstood: [...new Set(notUnderstood)],
    situation: {
      evidence,
      ...(plant === undefined ? {} : { plant: plant.id }),
      ...(setting === undefined ? {} : { setting }),
      ...(request.month === undefined ? {} : { month: request.month }),
      ...(request.latitude === undefined ? {} : { latitude: request.latitude }),
      ...(request.climate === undefined ? {} : { climate: request.climate }),
      ...(request.region === undefined ? {} : { region: request.region }),
      ...(request.weather === undefined ? {} : { weather: request.weather }),
      ...(request.daysToHarvest === undefined ? {} : { daysToHarvest: request.daysToHarvest }),
      ...(request.earlier === undefined ? {} : { earlier: request.earlier }),
      ...(request.failed === undefined ? {} : { failed: knownRemedies(tables, request.failed) }),
      ...(request.bed?.history === undefined ? {} : { history: request.bed.history }),
    },
    ...(plant === undefined ? {} : { plantName: plantReadAs(plant, request.plant ?? request.said ?? '') }),
  };
}

/** The name of what is read; with a relative that it stands in for. */
function plantReadAs(plant: PlantRow, said: string): string {
  const relative = kinNamed(plant, said);
  return relative === undefined ? plant.name : `${plant.name} (read for ${relative}, a relative)`;
}

function aboutOf(tables: Tables, { plant, setting }: WeighRequest): About {
  const named = plant === undefined ? undefined : plantNamed(tables, plant);
  return { ...(named === undefined ? {} : { plant: named }), ...(setting === undefined ? {} : { setting }) };
}

type SignItem = NonNullable<WeighRequest['signs']>[number];

interface Heard {
  readonly understood: Understood[];
  readonly perhaps: Perhaps[];
  readonly notUnderstood: string[];
}

/** What is only perhaps meant counts for as much as it is sure. */
export const asEvidence = ({ signs: [sign], state, sure }: Perhaps): Evidence[] =>
  sign === undefined || sure === undefined ? [] : [{ sign, state, sure }];

function addSign(
  tables: Tables,
  { say, sign, state, amount }: SignItem,
  index: number,
  about: About,
  { understood, perhaps, notUnderstood }: Heard,
): void {
  const counted = amount === undefined ? {} : { amount };
  if (sign !== undefined) {
    const row: SignRow | undefined = tables.signs.find(({ id }) => id === sign);
    if (row) understood.push({ say: say ?? row.name, sign: row.id, state: state ?? 'seen', ...counted });
    else notUnderstood.push(sign);
    return;
  }
  if (say === undefined) throw inputError(`signs[${index}]`, 'say-or-sign');
  const read = readLine(tables, say, about);
  for (const item of read.understood)
    understood.push({ ...item, say, ...(state === undefined ? {} : { state }), ...counted });
  perhaps.push(...read.perhaps.map((item) => ({ ...item, say, ...(state === undefined ? {} : { state }) })));
  if (read.understood.length + read.perhaps.length === 0) notUnderstood.push(say);
  else notUnderstood.push(...read.notUnderstood);
}

/**
 * One state for each sign; where words say both that it is there and that it is not, the surer saying wins.
 * @throws InputError where it was tapped or named both ways.
 */
function merged(tables: Tables, items: readonly Evidence[]): Evidence[] {
  const bySign = new Map<string, Evidence>();
  for (const { sign, state, amount, sure = 1 } of items) {
    const known = bySign.get(sign);
    if (known && known.state !== state) {
      if (sure === 1 && (known.sure ?? 1) === 1)
        throw inputError('signs', 'seen-and-absent', { given: rowById(tables.signs, sign, 'signs').name });
      if ((known.sure ?? 1) >= sure) continue;
    }
    const counted = amount ?? (known?.state === state ? known.amount : undefined);
    bySign.set(sign, {
      sign,
      state,
      ...(counted === undefined ? {} : { amount: counted }),
      ...(sure < 1 ? { sure: known?.state === state ? Math.max(sure, known.sure ?? 1) : sure } : {}),
    });
  }
  return [...bySign.values()];
}

const round = (value: number, digits: number) => Number(value.toFixed(digits));
