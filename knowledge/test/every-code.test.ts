import { type Standing, type LeftOutReason } from '@trowel/core/choose';
import { cautionKey, type CautionFound } from '@trowel/core/judge';
import { actsInLog, type MixResponse } from '@trowel/core/contract';
import { findings, verdicts } from '@trowel/core/tables';
import type { FollowResult, NextMove } from '@trowel/core/follow';
import { answerMix } from '@trowel/core/headless';
import { benchTools, type FieldSpec } from '@trowel/core/mix';
import { timingCodes, type PassedOver } from '@trowel/core/plan';
import { measureSystems, spokenIn, type MeasureSystem, type SaidValue } from '@trowel/core/quantities';
import {
  cautionWords,
  conflictWords,
  dayWeatherWords,
  fill,
  hindranceSays,
  leftOutWords,
  logWords,
  mixSentences,
  moveSays,
  needWords,
  problemSentences,
  standingWords,
  toolWords,
  fieldSays,
  verdictSays,
  verdictWords,
  verdictWorking,
  whyThen,
  windowWords,
  type LogDetail,
} from '@trowel/core/wording';
import { knowledge } from '../src';

/**
 * Everything that can be said, in all four measure systems. A sentence is whole when nothing of its making
 * shows; and it speaks the reader's measures when no unit of another kitchen stands in it.
 */
const figure = String.raw`(?<![\w.,])\d[\d.,]*[¼½¾⅓⅔⅛⅜⅝⅞]?\s?`;
const strangers: Partial<Record<MeasureSystem, RegExp>> = {
  us: new RegExp(
    `${figure}(?:mL|L|litres?|g|kg|mg|cm|mm|m|m²|cm²|m³|metres?|grams?|°C|km/h|mg/L)(?![\\w²³])|\\b(?:litres?|grams?|metres?|millilitres?)\\b`,
  ),
  metric: new RegExp(
    `${figure}(?:gallons?|gal|quarts?|pints?|fl oz|oz|ounces?|lb|pounds?|in(?! (?:a |\\d))|inch(?:es)?|ft|feet|yd|yards?|sq ft|cu ft|cu yd|°F|mph)(?![\\w])|\\b(?:gallons?|quarts?|pints?|ounces?)\\b`,
  ),
};

function expectWhole(text: string, system: MeasureSystem, from: string): void {
  const wrong = [
    /undefined|NaN|\[object|Infinity/.exec(text)?.[0],
    /[{}]/.exec(text)?.[0],
    / {2}|\s[,.;:](?!\d)|\.\.(?!\.)/.exec(text)?.[0],
    strangers[system]?.exec(text)?.[0],
  ].filter((found) => found !== undefined);
  if (wrong.length > 0 || text.trim() === '') throw new Error(`${from} in ${system}: ${wrong.join(' ')} in "${text}"`);
}

const tools = new Map(benchTools.map((tool) => [tool.id as string, tool]));

/** Every string below a value, but for ids. */
function* stringsOf(value: unknown, skip: ReadonlySet<string>): Generator<string> {
  if (typeof value === 'string') yield value;
  else if (Array.isArray(value)) for (const item of value) yield* stringsOf(item, skip);
  else if (typeof value === 'object' && value !== null)
    for (const [key, item] of Object.entries(value)) if (!skip.has(key)) yield* stringsOf(item, skip);
}

/** What a template asks for, with something of every shape in its place. */
function dataFor(template: string, shape: SaidValue): Record<string, SaidValue> {
  return Object.fromEntries(
    [...template.matchAll(/\{([a-zA-Z]\w*)(:[^{}]*)?\}/g)].map(([, name = '', format]) => [
      name,
      format === undefined ? shape : format === ':months' ? '3 4 9' : 2,
    ]),
  );
}
const shapes: readonly SaidValue[] = [
  7.25,
  'a word',
  { kind: 'volume', amount: 1250 },
  { kind: 'mass/area', amount: 60 },
  { kind: 'temperature', amount: 18 },
  { kind: 'hardness', amount: 178.5 },
  { pour: 7.4 },
  { weigh: 12, density: 0.8 },
  { water: 3300 },
  { day: '2026-06-10' },
];
const texts = (template: string | readonly string[]) => (typeof template === 'string' ? [template] : template);

describe.each(measureSystems)('in %s measures', (system) => {
  const tables = spokenIn(knowledge, system);

  test('every sentence of the knowledge', () => {
    const skip = new Set(['id', 'plate', 'synonyms', 'words', 'unit']);
    let told = 0;
    const { concepts: _said, signs, ...told_ } = tables;
    const rows = { ...told_, signs: signs.map(({ says: _words, ...row }) => row) };
    for (const [table, list] of Object.entries(rows))
      for (const row of Array.isArray(list) ? (list as { id?: string }[]) : [])
        for (const text of stringsOf(row, skip))
          if (text.includes(' ')) {
            expectWhole(text, system, `${table} "${row.id ?? ''}"`);
            told += 1;
          }
    expect(told).toBeGreaterThan(3000);
  });

  test.each([...tools.keys()])('every code of the tool %s', (id) => {
    const words = toolWords(id);
    const templates = [
      ...Object.values(words.says).flatMap(texts),
      ...Object.values(words.working).flatMap(texts),
      ...Object.values(words.results).flatMap(texts),
      ...Object.values(words.is ?? {}),
      words.plain,
    ];
    for (const template of templates)
      for (const shape of shapes) expectWhole(fill(template, dataFor(template, shape), system), system, id);
    for (const [name, field] of Object.entries(words.fields)) {
      const { label, hint, options } =
        typeof field === 'string' ? { label: field, hint: undefined, options: {} } : field;
      expect(tools.get(id)?.fields[name]).toBeDefined();
      for (const text of [label, ...(hint === undefined ? [] : [hint]), ...Object.values(options ?? {})])
        expectWhole(fill(text, {}, system), system, `${id}.${name}`);
    }
  });

  test.each([...tools.keys()])('the tool %s at work, over every choice it has', (id) => {
    const fields = tools.get(id)?.fields ?? {};
    let answers = 0;
    for (const values of valuesOver(fields)) {
      const answer = answerMix(knowledge, { tool: id, values, measures: system });
      answers += 1;
      for (const text of stringsOf(answer, answerCodes)) expectWhole(text, system, `${id} ${JSON.stringify(values)}`);
    }
    expect(answers).toBeGreaterThan(0);
  });

  test('every code of mixing, and every recipe at every strength', () => {
    for (const template of Object.values(mixSentences).flatMap((rows) => Object.values(rows).flatMap(texts)))
      for (const shape of shapes) expectWhole(fill(template, dataFor(template, shape), system), system, template);
    for (const { id, recipe } of knowledge.remedies)
      for (const strength of recipe?.strengths ?? [])
        for (const volume of ['500 mL', '1 gal', '20 L']) {
          const answer = answerMix(knowledge, {
            remedy: id,
            volume,
            strength: strength.id,
            measures: system,
            water: { hardness: 250 },
            plants: ['tomato', 'maidenhair-fern'],
          });
          for (const text of stringsOf(answer, answerCodes))
            expectWhole(text, system, `${id} ${strength.id} ${volume}`);
        }
  });

  test('every caution, of a rule and of a remedy', () => {
    const found: CautionFound[] = [
      ...knowledge.safetyRules.map(({ id, level }) => ({ level, rule: id })),
      ...knowledge.remedies.flatMap(({ id, cautions }) =>
        cautions.map((caution) => ({ level: caution.level, own: { remedy: id, caution: caution.id } })),
      ),
    ];
    for (const one of found) {
      const said = cautionWords(tables, one, system);
      expectWhole(said.says, system, cautionKey(one));
      if (said.instead !== undefined) expectWhole(said.instead, system, cautionKey(one));
    }
    expect(new Set(found.map(cautionKey)).size).toBe(found.length);
  });

  test('every hour a step needs, every day that is passed over, every reason for a day', () => {
    for (const { id, steps } of knowledge.remedies)
      for (const step of steps) {
        const words = windowWords(step.window, system);
        if (words !== '') expectWhole(words, system, `${id} ${step.id}`);
      }
    for (const because of hindrancesThere) expectWhole(hindranceSays(because), system, because);
    const step = knowledge.remedies[0]?.steps[0];
    if (step === undefined) throw new Error('no step');
    for (const reason of [
      { kind: 'first-fit' },
      { kind: 'together', withStep: 'Water' },
      { kind: 'later-than-wanted', days: 2 },
    ] as const)
      for (const passedOver of [[], [{ date: '2026-06-11', because: 'wind' }]] as const)
        whyThen({ step, reason, passedOver, date: '2026-06-12', hour: 8, sureness: 0 } as never, '2026-06-10')
          .split('\n')
          .filter((line) => line !== '')
          .forEach((line) => expectWhole(line, system, reason.kind));
    const hours = Array.from({ length: 24 }, () => ({ temperature: 17, rain: 0.4, wind: 12 }));
    expectWhole(dayWeatherWords({ date: '2026-06-10', hours }, system), system, 'weather');
  });

  test('every verdict and every next move', () => {
    const remedy = tables.remedies.find(({ expect: { reduction } }) => reduction[1] > 0);
    if (remedy === undefined) throw new Error('no remedy');
    const level = { mean: 20, low: 12, high: 31 };
    for (const verdict of verdicts)
      for (const finding of findings)
        for (const change of [
          { kind: 'change', reduction: 40, low: -340, high: 70, againstUntreated: false },
          { kind: 'cannot-tell', because: 'nothing-before' },
          { kind: 'cannot-tell', because: 'too-few' },
        ] as const) {
          const looks = [{ on: '2026-06-12', level, change }];
          const result: FollowResult = {
            verdict,
            finding,
            change,
            before: level,
            now: { ...level, mean: 4 },
            looks,
            backSince: '2026-06-12',
            day: 5,
            couldBeChance: true,
            expected: { low: 50, high: 95 },
            chance: 0.3,
            wouldTell: 14,
            clumping: 0.8,
            next: [],
          };
          expectWhole(verdictSays(result, remedy), system, verdict);
          for (const line of verdictWorking(result, remedy)) expectWhole(line, system, verdict);
          for (const isLate of [true, false]) expectWhole(verdictWords(result, isLate), system, verdict);
        }
    const moves: readonly NextMove[] = [
      { kind: 'end', lateLookOn: '2026-07-01' },
      { kind: 'look-again', on: '2026-06-14', isPlanned: true },
      { kind: 'repeat', on: '2026-06-14', isPlanned: false },
      { kind: 'let-be' },
      { kind: 'mend-doing' },
      { kind: 'step-up', to: 'strong' },
      { kind: 'next-remedy' },
      { kind: 'back-to-reading' },
      { kind: 'stop-and-rinse' },
    ];
    for (const move of moves) expectWhole(moveSays(move, '2026-06-10', true), system, move.kind);
  });

  test('every reason to leave a remedy out, and every place in the order', () => {
    const cause = tables.causes[0]?.id ?? '';
    const remedy = tables.remedies[0]?.id ?? '';
    const leftOut: readonly LeftOutReason[] = [
      { kind: 'speaks-against', cause, why: 'it does harm' },
      { kind: 'setting' },
      { kind: 'harms-helpers', helper: cause },
      { kind: 'not-sure', of: cause, chance: 0.3 },
      ...knowledge.safetyRules.map(({ id }) => ({
        kind: 'unsafe' as const,
        found: { level: 'stop' as const, rule: id },
      })),
      { kind: 'forbidden' },
      { kind: 'not-in-cupboard', ingredient: tables.ingredients[0]?.id ?? '' },
    ] as readonly LeftOutReason[];
    for (const reason of leftOut) expectWhole(leftOutWords(tables, reason, system), system, reason.kind);
    const standings: readonly Standing[] = [
      { kind: 'answers-several', count: 3 },
      { kind: 'mildest' },
      { kind: 'urgent' },
      { kind: 'stronger', than: remedy, surer: true },
      { kind: 'stronger', than: remedy, surer: false },
      { kind: 'risky-if-wrong', cause, chance: 0.4 },
      { kind: 'unproven', grade: 'folk' },
      { kind: 'here', worked: 1, failed: 0, harmed: 0 },
      { kind: 'here', worked: 0, failed: 1, harmed: 0 },
      { kind: 'here', worked: 2, failed: 1, harmed: 1 },
      { kind: 'unproven', grade: 'doubtful' },
    ] as readonly Standing[];
    for (const standing of standings) expectWhole(standingWords(tables, standing), system, standing.kind);
  });

  test('every line of the log, with every detail', () => {
    const details: readonly LogDetail[] = [
      { kind: 'quoted', text: 'slime' },
      { kind: 'name', text: 'Long Bed' },
      ...(['seen', 'absent', 'not-looked'] as const).map((state) => ({ kind: 'sign' as const, name: 'Fur', state })),
      ...(['done', 'skipped', 'undone'] as const).map((outcome) => ({ kind: 'step' as const, does: 'Water', outcome })),
      { kind: 'counts', counts: [1, 2, 3] },
      { kind: 'outcome', outcome: 'left' },
      { kind: 'brew', event: 'fizz-ended' },
      { kind: 'amount', of: 'volume', amount: 1500 },
      { kind: 'amount', of: 'mass', amount: 300 },
      { kind: 'washed' },
      { kind: 'read', keys: [knowledge.safetyRules[0]?.id ?? '', 'an-old-key'] },
    ];
    expect(actsInLog.size).toBeGreaterThan(20);
    for (const act of actsInLog.keys())
      for (const detail of details) {
        const line = logWords(tables, act, [detail], system);
        expectWhole(line, system, act);
        expect(line).not.toContain(act.includes('-') ? act : '\u0000');
      }
  });
});

test('every question back is asked in the gardener’s measures', () => {
  for (const system of measureSystems) {
    const tables = spokenIn(knowledge, system);
    for (const { id } of knowledge.ingredients)
      for (const need of [
        { kind: 'what' },
        { kind: 'how-strong', ingredient: id },
        { kind: 'which-bottle', ingredient: id },
      ] as const) {
        const { asks, answers } = needWords(tables, need, system);
        for (const words of [asks, ...answers]) expectWhole(words, system, `${need.kind} ${id}`);
      }
  }
});

test('every way a request can fail has a sentence', () => {
  const { unfit, conflicts } = problemSentences;
  for (const code of Object.keys(unfit) as (keyof typeof unfit)[])
    expectWhole(fieldSays(code, dataFor(unfit[code], 'this')), 'australian', code);
  for (const code of Object.keys(conflicts) as (keyof typeof conflicts)[])
    expectWhole(conflictWords(code, dataFor(conflicts[code], 'this')), 'australian', code);
});

/** Fields of an answer that hold codes and not words. */
const answerCodes: ReadonlySet<string> = new Set([
  'id',
  'kind',
  'tool',
  'rule',
  'level',
  'ingredient',
  'unit',
  'remedy',
  'grade',
  'pieces',
  'key',
  'card',
  'value',
] satisfies (keyof MixResponse | string)[]);

const hindrancesThere: readonly PassedOver['because'][] = [
  ...([
    'rain',
    'rain-after',
    'wet-before',
    'wind',
    'dew',
    'hot',
    'cold',
    'soil-hot',
    'soil-cold',
    'sun',
    'dull',
  ] as const),
  ...(['wrong-part', 'away', 'not-your-time', 'not-yet', 'too-late', 'day-full', 'past-deadline', 'past'] as const),
  ...timingCodes,
  ...(['test-leaf', 'step-before', 'brew-working', 'brew-past', 'earlier-fits', 'fits-better'] as const),
];

/** Values for a tool: the usual ones, then each choice in turn, then every figure small and large. */
function* valuesOver(fields: Readonly<Record<string, FieldSpec>>): Generator<Record<string, unknown>> {
  const usual = (spec: FieldSpec): unknown => {
    if (spec.kind === 'choice') return spec.usual ?? spec.options[0];
    if (spec.kind === 'text') return spec.usual ?? '0,0 4,0 4,3 0,3';
    return spec.usual ?? (spec.kind === 'quantity' && spec.quantity === 'area' ? 10 : 5);
  };
  const base = Object.fromEntries(Object.entries(fields).map(([name, spec]) => [name, usual(spec)]));
  const isAsked = (values: Record<string, unknown>, { when }: FieldSpec) =>
    when === undefined || when.is.includes(String(values[when.field]));
  const only = (values: Record<string, unknown>) =>
    Object.fromEntries(Object.entries(values).filter(([name]) => isAsked(values, fields[name] as FieldSpec)));
  yield only(base);
  for (const [name, spec] of Object.entries(fields))
    if (spec.kind === 'choice') for (const option of spec.options) yield only({ ...base, [name]: option });
}
