import { tokensIn } from '../quantities';
import { actionClasses, causeFamilies, causeKinds } from '../tables/causes';
import type { Tables } from '../tables/index';
import { isLiteral } from '../tables/signs';
import { withinCap, type RemedyRow } from '../tables/remedies';
import { keptTables } from '../tables/retired';
import { signsOfSoil } from '../read/facts';
import { settings } from '../tables/common';
import { decidingLinks } from '../weigh';
import { bareAmounts } from './bare-amounts';
import { routineProblems } from './routines';

/**
 * Everything that is wrong with a set of tables, one plain line each; empty when all is well. Every id
 * referred to must exist, every sign be drawn and sayable, every number lie in its range, and every
 * remedy carry what a gardener must be told.
 */
export function integrityProblems(tables: Tables): string[] {
  const problems: string[] = [];
  const ids = Object.fromEntries(
    (
      [
        'plants',
        'conditions',
        'causes',
        'signs',
        'concepts',
        'weeds',
        'checks',
        'remedies',
        'routines',
        'ingredients',
        'keepApart',
        'safetyRules',
        'courses',
        'combinations',
        'specimens',
        'life',
        'reaches',
      ] as const
    ).map((table) => [table, new Set(tables[table].map(({ id }) => id))]),
  ) as Record<Exclude<keyof Tables, 'regret' | 'meanings' | 'tried' | 'settingsTold'>, Set<string>>;
  const groups = new Set(tables.plants.flatMap((plant) => plant.groups));
  const need = (ok: boolean, problem: string) => ok || problems.push(problem);
  const refers = (table: keyof typeof ids, id: string, from: string) =>
    need(ids[table].has(id), `${from} refers to ${table} "${id}", which is not there`);
  const chance = (value: number, what: string) =>
    need(value > 0 && value < 1, `${what} is ${value}; it must lie between 0 and 1`);
  const host = (id: string, from: string) =>
    need(ids.plants.has(id) || groups.has(id), `${from} names the plant or group "${id}", which no plant has`);

  const remedyClasses = new Set(tables.remedies.flatMap((row) => row.classes));
  for (const [table, seen] of Object.entries(ids)) {
    const rows: readonly unknown[] = tables[table as keyof typeof ids];
    need(rows.length === seen.size, `${table} has an id twice`);
    need(rows.length > 0, `${table} is empty`);
  }
  for (const { remedy, doing, stuff } of tables.tried.ways) {
    refers('remedies', remedy, 'a way of telling what was tried');
    need(doing.length + stuff.length > 0, `that "${remedy}" was tried cannot be said`);
  }
  for (const sign of tables.signs) {
    chance(sign.background, `background of sign "${sign.id}"`);
    need(sign.plain.length > 10, `sign "${sign.id}" has no plain words`);
    need(sign.says.length > 0, `sign "${sign.id}" cannot be said`);
    need(
      sign.plate.marks.length > 0 || sign.plate.tint !== undefined || sign.plate.weed !== undefined,
      `sign "${sign.id}" has an empty plate`,
    );
    for (const set of sign.says)
      for (const word of set.split(' ')) if (!isLiteral(word)) refers('concepts', word, `sign "${sign.id}"`);
    for (const other of [...(sign.excludes ?? []), ...(sign.covers ?? [])]) refers('signs', other, `sign "${sign.id}"`);
  }
  for (const row of [...tables.causes, ...tables.conditions]) {
    chance(row.prior.base, `prior of "${row.id}"`);
    need(row.signs.length > 0, `"${row.id}" shows no sign`);
    for (const { sign, strength, why } of row.signs) {
      refers('signs', sign, `"${row.id}"`);
      chance(strength, `strength of "${row.id}" → "${sign}"`);
      need(why.length > 5, `"${row.id}" → "${sign}" gives no reason`);
    }
    for (const { what, remedies = [], classes = [], isHabit } of row.avoid) {
      for (const remedy of remedies) refers('remedies', remedy, `"${row.id}"`);
      for (const name of classes)
        need(remedyClasses.has(name), `"${row.id}" speaks against the class "${name}", which no remedy has`);
      need(
        (isHabit === true) !== remedies.length + classes.length > 0,
        `"${row.id}" says not to: “${what}”; it must rule remedies out, or be a habit that none has`,
      );
    }
  }
  for (const { cause, link } of decidingLinks(tables))
    need(
      link.size !== undefined && link.size.length > 20,
      `"${cause.id}" → "${link.sign}" tells look-alikes apart; say why it is seen in ${link.strength} (shows(…, size))`,
    );
  for (const cause of tables.causes) {
    for (const { from, odds } of cause.conditions) {
      refers('conditions', from, `cause "${cause.id}"`);
      need(odds >= 1, `"${from}" → "${cause.id}" has odds ${odds}; a noisy-OR link can only raise them`);
    }
    for (const { from, odds } of cause.causes) {
      refers('causes', from, `cause "${cause.id}"`);
      need(odds >= 1, `"${from}" → "${cause.id}" has odds ${odds}; a noisy-OR link can only raise them`);
    }
    for (const plant of [
      ...(cause.hosts ?? []),
      ...Object.keys(cause.likelierOn ?? {}),
      ...Object.keys(cause.actOn ?? {}),
    ])
      host(plant, `cause "${cause.id}"`);
    need(
      cause.hosts === undefined || cause.elsewhere !== undefined,
      `cause "${cause.id}" names hosts; say how it stands elsewhere (elsewhere)`,
    );
    for (const helper of cause.sparedBy ?? []) refers('causes', helper, `cause "${cause.id}"`);
    need(
      cause.actBelow === undefined || cause.threshold !== undefined || (cause.sparedBy?.length ?? 0) > 0,
      `cause "${cause.id}" says what is right below a threshold, and has none`,
    );
    if (cause.threshold) refers('signs', cause.threshold.sign, `threshold of "${cause.id}"`);
    need(
      tables.remedies.some(({ targets }) => targets.some(({ of }) => of === cause.id)),
      `no remedy, not even leaving it, is for cause "${cause.id}"`,
    );
  }
  for (const { plant, months, days, stands } of tables.sowing) {
    const name = `sowing of "${plant}"`;
    refers('plants', plant, name);
    need(
      months.length > 0 && months.every((month) => month >= 1 && month <= 12),
      `${name} names no months of the year`,
    );
    need(days[0] > 0 && days[0] <= days[1], `${name} has days the wrong way round`);
    need(stands > -30 && stands < 10, `${name} stands ${stands} °C`);
  }
  for (const weed of tables.weeds) {
    refers('signs', weed.id, `weed "${weed.id}"`);
    chance(weed.background, `background of weed "${weed.id}"`);
    need(weed.hints.length > 0, `weed "${weed.id}" hints at nothing`);
    need(weed.removal.length > 10, `weed "${weed.id}" does not say how it goes`);
    for (const { of, strength, why } of weed.hints) {
      refers('conditions', of, `weed "${weed.id}"`);
      need(strength > 0 && strength < 0.5, `"${weed.id}" hints at "${of}" with ${strength}; a weed is never proof`);
      need(why.length > 5, `"${weed.id}" → "${of}" gives no reason`);
    }
  }
  for (const { id, opposite } of tables.conditions)
    if (opposite !== undefined) refers('conditions', opposite, `condition "${id}"`);
  for (const sign of Object.values(signsOfSoil)) refers('signs', sign, 'a soil test');
  for (const { id, role } of tables.concepts)
    for (const name of role?.usualOn ?? [])
      if (!settings.some((setting) => setting === name)) host(name, `concept "${id}"`);
  for (const check of tables.checks) {
    need(check.answers.length >= 2, `check "${check.id}" has fewer than two answers`);
    need(check.steps.length >= 2, `check "${check.id}" does not say how`);
    for (const sign of check.whenSeen ?? []) refers('signs', sign, `check "${check.id}"`);
    for (const { gives } of check.answers) for (const { sign } of gives) refers('signs', sign, `check "${check.id}"`);
  }
  for (const remedy of tables.remedies) remedyProblems(remedy, tables, need, refers, host);
  const classes = new Set([...tables.remedies, ...tables.ingredients].flatMap((row) => row.classes));
  for (const { id, a, b } of tables.keepApart)
    for (const name of [a, b])
      need(classes.has(name), `keep-apart "${id}" names "${name}", which no remedy or ingredient has`);
  const ingredientClasses = new Set(tables.ingredients.flatMap((row) => row.classes));
  for (const { id, when } of tables.safetyRules)
    for (const name of [
      ...(when.things ?? []),
      ...(when.without ?? []),
      ...(when.over ? [when.over.class] : []),
      ...(when.before ? [when.before.class] : []),
    ])
      need(
        ingredientClasses.has(name) || classes.has(name),
        `safety rule "${id}" names "${name}", which no ingredient or remedy has`,
      );
  for (const { id } of tables.courses)
    need(
      ids.causes.has(id) || causeKinds.some((kind) => kind === id),
      `courses tell of "${id}", which is neither a cause nor a kind`,
    );
  for (const { id, asGood } of tables.courses) {
    const cause = tables.causes.find((row) => row.id === id);
    if (!asGood || !cause) continue;
    need(
      [cause.act, ...Object.values(cause.actOn ?? {})].some((act) => act === 'leave' || act === 'watch'),
      `leaving "${id}" is said to be as good as anything, yet it is to be met (${cause.act})`,
    );
  }
  for (const { id, inMonths = [] } of tables.courses)
    for (const { months } of inMonths) need(isMonths(months), `the course of "${id}" has months ${months.join()}`);
  for (const family of causeFamilies)
    need(
      tables.causes.filter((cause) => cause.family === family).length > 1,
      `the family "${family}" has fewer than two causes`,
    );
  for (const row of tables.life) {
    row.causes.forEach((id) => refers('causes', id, `life "${row.id}"`));
    row.onlyFor?.forEach((id) => host(id, `life "${row.id}"`));
    need(row.egg + row.young + row.hidden > 0 && row.lays > 0, `life "${row.id}" has no stages`);
    need(row.brood[0] <= row.brood[1], `life "${row.id}" has its brood the wrong way round`);
  }
  for (const { id } of tables.reaches) refers('remedies', id, 'reaches');
  for (const kind of causeKinds)
    need(
      tables.specimens.filter(({ kinds }) => kinds.includes(kind)).length === 1,
      `specimens do not say once what to send for causes of the kind "${kind}"`,
    );
  for (const kind of causeKinds) need(ids.courses.has(kind), `no course is told for causes of the kind "${kind}"`);
  for (const { id, whenAll, remedies } of tables.combinations) {
    for (const of of whenAll.flat())
      need(
        ids.causes.has(of) || ids.conditions.has(of),
        `combination "${id}" names "${of}", which is neither cause nor condition`,
      );
    for (const remedy of remedies) refers('remedies', remedy, `combination "${id}"`);
  }
  for (const right of actionClasses)
    for (const chosen of actionClasses) {
      const cost = tables.regret[right][chosen];
      need(
        right === chosen ? cost === 0 : cost > 0 && cost <= 1,
        `regret of "${chosen}" where "${right}" is right is ${cost}`,
      );
    }
  for (const { table, id, now } of tables.retired) {
    need(!ids[table].has(id), `${table} "${id}" is retired, and may not be used again`);
    if (now !== null)
      need(
        ids[table].has(now) || tables.retired.some((row) => row.table === table && row.id === now),
        `retired ${table} "${id}" became "${now}", which is not there`,
      );
  }
  for (const table of keptTables)
    need(
      new Set(tables.retired.filter((row) => row.table === table).map(({ id }) => id)).size ===
        tables.retired.filter((row) => row.table === table).length,
      `${table} has an id retired twice`,
    );
  for (const routine of tables.routines) routineProblems(routine, tables, need, refers);
  proseProblems(tables, need);
  return problems;
}

/** Every amount in a sentence is a quantity that can be read, and none is written bare. */
function proseProblems(tables: Tables, need: Need): void {
  const walk = (value: unknown, from: string): void => {
    if (typeof value === 'string') {
      try {
        tokensIn(value);
      } catch (error) {
        need(false, `${from}: ${(error as Error).message}`);
      }
      for (const bare of bareAmounts(value)) need(false, `${from} writes "${bare}" bare; amounts stand in {braces}`);
    } else if (Array.isArray(value)) for (const item of value) walk(item, from);
    else if (typeof value === 'object' && value !== null)
      for (const [key, item] of Object.entries(value)) if (!notProse.has(key)) walk(item, from);
  };
  for (const table of proseTables) for (const row of tables[table]) walk(row, `${table} "${row.id}"`);
}

/** Tables whose rows are told to a gardener; what a gardener says (`concepts`) is not among them. */
const proseTables = [
  'plants',
  'conditions',
  'causes',
  'signs',
  'weeds',
  'checks',
  'remedies',
  'routines',
  'ingredients',
  'keepApart',
  'safetyRules',
  'courses',
  'combinations',
  'specimens',
] as const;

/** Fields that hold codes, or words as gardeners say them. */
const notProse = new Set(['synonyms', 'plate', 'unit', 'id']);

type Need = (ok: boolean, problem: string) => void;

/** Some months of the year, each once, and not all: what is for any month names none. */
const isMonths = (months: readonly number[]): boolean =>
  months.length > 0 &&
  months.length < 12 &&
  new Set(months).size === months.length &&
  months.every((month) => Number.isInteger(month) && month >= 1 && month <= 12);

function remedyProblems(
  remedy: RemedyRow,
  tables: Tables,
  need: Need,
  refers: (table: 'ingredients' | 'signs', id: string, from: string) => void,
  host: (id: string, from: string) => void,
): void {
  const name = `remedy "${remedy.id}"`;
  need(remedy.rate.length > 5, `${name} has no rate`);
  need(remedy.honest.length > 20, `${name} has no honest sentence`);
  need(remedy.targets.length > 0 || (remedy.roots?.length ?? 0) > 0, `${name} is for nothing`);
  const { reaches, where, keeps } = remedy.facts;
  need(
    reaches.length > 3 && where.length > 3 && keeps.says.length > 3,
    `${name} does not say what it reaches, where it goes or how it keeps`,
  );
  need(!remedy.recipe || remedy.facts.prepare.length > 0, `${name} is mixed, but nothing says how it is got ready`);
  const known = new Set<string>([...tables.causes, ...tables.conditions].map(({ id }) => id));
  for (const { of, fits, months, seen = [], notFor = [], onlyFor = [] } of remedy.targets) {
    const target = `${name} against "${of}"`;
    need(known.has(of), `${name} is for "${of}", which is neither cause nor condition`);
    need(fits > 0 && fits <= 1, `${target} fits ${fits}`);
    need(!months || isMonths(months), `${target} has months ${months?.join()}`);
    for (const sign of seen) refers('signs', sign, target);
    for (const id of [...notFor, ...onlyFor]) host(id, target);
  }
  remedy.targets.forEach(({ of, onlyFor, isBefore }, index) => {
    const twin = remedy.targets.slice(0, index).find((other) => other.of === of && other.isBefore === isBefore);
    need(
      !twin || (twin.notFor !== undefined && onlyFor !== undefined),
      `${name} is for "${of}" twice, and no plant tells which`,
    );
  });
  need(!remedy.months || isMonths(remedy.months), `${name} has months ${remedy.months?.join()}`);
  for (const { sign } of remedy.notWith ?? []) refers('signs', sign, name);
  for (const id of [...(remedy.notFor ?? []), ...(remedy.onlyFor ?? [])]) host(id, name);
  refers('signs', remedy.expect.sign, name);
  need(
    remedy.expect.area === undefined || (remedy.expect.unit === 'yes-no' && (remedy.expect.each ?? 'leaf') === 'leaf'),
    `${name} tells leaf area, and looks at something else than leaves that have it or not`,
  );
  const [low, high] = remedy.expect.reduction;
  need(low >= 0 && low <= high && high <= 100, `${name} expects a reduction of ${low}–${high} %`);
  need(remedy.expect.days[0] <= remedy.expect.days[1], `${name} expects days the wrong way round`);
  need(remedy.rung === 'leave' || remedy.steps.some(({ applies }) => applies), `${name} has no step that applies it`);
  need(
    remedy.steps.some(({ phase }) => phase === 'look'),
    `${name} is never looked at again`,
  );
  const cautions = remedy.cautions.map(({ id }) => id);
  need(new Set(cautions).size === cautions.length, `${name} has a caution's id twice`);
  need(new Set(remedy.steps.map(({ id }) => id)).size === remedy.steps.length, `${name} has a step's id twice`);
  remedy.steps.forEach((step, index) => {
    const earlier = remedy.steps.slice(0, index).map(({ id }) => id);
    need(
      step.after === undefined || earlier.includes(step.after),
      `${name}: step "${step.id}" comes after "${step.after}", which does not come before it`,
    );
    need(step.gap[0] <= step.gap[1], `${name}: step "${step.id}" has its gap the wrong way round`);
  });
  if (!remedy.recipe) return;
  refers('ingredients', remedy.recipe.ingredient, name);
  for (const { ingredient } of remedy.recipe.also ?? []) refers('ingredients', ingredient, name);
  need(
    remedy.recipe.strengths.filter(({ byDefault }) => byDefault).length === 1,
    `${name} must have one default strength`,
  );
  for (const { id, value } of remedy.recipe.strengths)
    need(withinCap(remedy.recipe, value), `${name}: strength "${id}" is beyond its own cap`);
}
