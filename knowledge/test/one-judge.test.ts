import { answerOrder } from '@trowel/core/headless';
import { doseOf, judge, limitFor, remedyUse, thingsOf, timingOf } from '@trowel/core/judge';
import { checkRecipe } from '@trowel/core/mix';
import { schedule, timingCodes, type Job } from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import type { IngredientRow, LimitRow } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge/reader';
import fc from 'fast-check';

/** Every limit that some liquid or powder can be held against, with one that it holds for. */
const held = knowledge.limits.flatMap((limit): { limit: LimitRow; row: IngredientRow }[] => {
  const row =
    knowledge.ingredients.find(({ id }) => id === limit.of) ??
    knowledge.ingredients.find(({ classes }) => classes.includes(limit.of));
  return row && limitFor(knowledge, { ingredient: row.id, classes: row.classes }, limit.use) === limit
    ? [{ limit, row }]
    : [];
});
const places = { leaf: 'leaves', root: 'soil', tool: 'tools', bait: 'bait' } as const;

const stopsOf = (cautions: readonly { level: string; rule?: string }[]) =>
  cautions.filter(({ level }) => level === 'stop').length > 0;

describe('one judge', () => {
  test('no remedy may be mixed stronger than what it is made of bears there, nor is its usual strength over it', () => {
    for (const remedy of knowledge.remedies) {
      const { recipe } = remedy;
      const use = remedyUse(remedy);
      const [thing] = thingsOf(knowledge, remedy);
      if (!recipe || !use || !thing) continue;
      const limit = limitFor(knowledge, thing, use, { facts: remedy.scene ?? [] });
      if (!limit) continue;
      const most = limit.tested ?? limit.most;
      expect([remedy.id, doseOf(recipe, recipe.cap) <= most * 1.0001]).toEqual([remedy.id, true]);
      const usual = recipe.strengths.find(({ byDefault }) => byDefault) ?? recipe.strengths[0];
      expect([remedy.id, doseOf(recipe, usual?.value ?? 0) <= limit.most * 1.0001]).toEqual([remedy.id, true]);
    }
  });

  test.each(held.filter(({ limit }) => limit.use in places).map((one) => [one.limit.id, one] as const))(
    '%s: over it the judge, an own recipe and the question all stop; within it none does for its strength',
    (_, { limit, row }) => {
      const goesOn = places[limit.use as keyof typeof places];
      const most = limit.tested ?? limit.most;
      const recipe = (percent: number) => ({
        format: 'wise-trowel-recipe' as const,
        version: 1 as const,
        name: 'A try',
        purpose: '',
        parts: [
          {
            ingredient: row.id,
            amount: percent * 10,
            unit: row.form === 'powder' ? ('g/L' as const) : ('mL/L' as const),
            // A bottle of 100 % makes the share the strength.
            percent: 100,
          },
        ],
        steps: [],
        goesOn,
        preHarvestDays: 0,
        keepsDays: 1,
        notes: '',
      });
      const strength = (found: readonly object[]) =>
        found.filter((one) => 'code' in one && ['over-limit', 'nothing-of-it'].includes(String(one.code)));
      const over = Math.max(most * 1.3, 1);
      expect(strength(checkRecipe(knowledge, recipe(over)))).toHaveLength(1);
      const act = (dose: number) => ({ things: [{ ingredient: row.id, classes: row.classes, dose }], use: limit.use });
      expect(strength(judge(knowledge, act(over)))).toHaveLength(1);
      if (limit.most === 0) return;
      expect(strength(checkRecipe(knowledge, recipe(limit.most * 0.9)))).toEqual([]);
      expect(strength(judge(knowledge, act(limit.most * 0.9)))).toEqual([]);
    },
  );

  test('what an own recipe refuses is not called fine in words, in any kitchen', () => {
    for (const [line, measures] of [
      ['30 ml of soap per litre on the leaves of my beans', 'metric'],
      ['half a cup of soap in a gallon on the rose leaves', 'us'],
      ['half a pint of soap in a gallon, sprayed on the roses', 'imperial'],
      ['2 tablespoons of dish soap in a litre on capsicum leaves', 'australian'],
      ['one part 3 % peroxide and one part water on tomato leaves', 'metric'],
      ['a tablespoon of 10-10-10 in a gallon on seedlings', 'us'],
      ['soap spray four times a week on my beans, 10 ml per litre', 'metric'],
      ['1 % peroxide poured on the soil of a tomato', 'metric'],
      ['0.5 % peroxide on seedlings', 'metric'],
      ['a pot soaked in soapy water for 24 hours', 'metric'],
    ] as const) {
      const answer = answerOrder(knowledge, { way: 'ask', ask: line, measures });
      expect([line, answer.kind]).toEqual([line, 'refused']);
      expect(answer.kind === 'refused' && stopsOf(answer.because)).toBe(true);
    }
  });

  test.each([
    ['lime', 'garden lime', 100],
    ['ash', 'wood ash', 50],
    ['sulphur', 'sulphur', 50],
  ] as const)(
    '%s: at every pH the bench strews it where the question lets it, and nowhere else',
    (product, name, rate) => {
      const values = { length: 2, width: 2, product, rate };
      for (let tenths = 40; tenths <= 90; tenths += 1) {
        const ph = tenths / 10;
        const sum = answerOrder(knowledge, {
          way: 'tool',
          tool: 'per-area',
          values: { ...values, ph },
          measures: 'metric',
        });
        const line = `${rate} g per square metre of ${name} raked into the soil, the pH is ${ph}`;
        const asked = answerOrder(knowledge, { way: 'ask', ask: line, measures: 'metric' });
        expect([ph, asked.kind === 'refused']).toEqual([ph, sum.kind === 'refused']);
      }
    },
  );

  test('what the bench prescribes is let be, and what must be known is asked back', () => {
    const ask = (line: string) => answerOrder(knowledge, { way: 'ask', ask: line, measures: 'metric' });
    expect(ask('peroxide 1 to 2 for scrubbing empty pots, 3 %').kind).toBe('checked');
    expect(ask('Bt at the label rate on kale in the evening')).toMatchObject({
      kind: 'checked',
      says: expect.stringMatching(/^No rule here/),
    });
    expect(ask('can I spray peroxide on my basil')).toMatchObject({
      asks: [{ asks: expect.stringMatching(/How strong/), answers: expect.arrayContaining(['3 %']) }],
    });
    expect(ask('some white powder from the shed on the collards')).toMatchObject({
      asks: [{ asks: expect.stringMatching(/name on its label/) }],
    });
  });
});

describe('one judge for the plan', () => {
  const today = '2026-06-10';
  const putOn = knowledge.remedies.filter(({ steps }) => steps.some(({ applies }) => applies));
  const classesOf = (remedy: Job['remedy']) => thingsOf(knowledge, remedy).flatMap(({ classes }) => classes);
  const jobOf = (at: number, place: string, harvestOn: string | undefined): Job => ({
    id: `job-${at}`,
    places: [place],
    remedy: putOn[at % putOn.length] as Job['remedy'],
    chosenOn: today,
    done: [],
    skipped: [],
    ...(harvestOn === undefined ? {} : { harvestOn }),
  });

  test('no step that puts something on stands where the judge forbids it, whatever is chosen together', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: putOn.length - 1 }), { minLength: 2, maxLength: 4 }),
        fc.option(fc.integer({ min: 0, max: 30 }), { nil: undefined }),
        (chosen, harvestIn) => {
          const harvestOn = harvestIn === undefined ? undefined : addDays(today, harvestIn);
          const jobs = chosen.map((at) => jobOf(at, 'one bed', harvestOn));
          const { steps } = schedule({
            today,
            hourNow: 8,
            horizonDays: 60,
            at: { latitude: 52, longitude: -3, timeZone: 'UTC' },
            weather: [],
            jobs,
            recent: [],
            tables: knowledge,
          });
          const rounds = steps.filter(({ step }) => step.applies);
          for (const one of rounds) {
            const others = rounds.filter(({ job }) => job !== one.job);
            const put = (job: string) => jobs.find(({ id }) => id === job)?.remedy as Job['remedy'];
            const found = timingOf(knowledge, {
              things: thingsOf(knowledge, put(one.job)),
              before: others
                .filter(({ date }) => date <= one.date)
                .flatMap(({ job, date }) =>
                  (['plant', 'bed'] as const).map((where) => ({
                    classes: classesOf(put(job)),
                    where,
                    daysAgo: daysBetween(date, one.date),
                  })),
                ),
              planned: others
                .filter(({ date }) => date > one.date)
                .flatMap(({ job, date }) =>
                  (['plant', 'bed'] as const).map((where) => ({
                    classes: classesOf(put(job)),
                    where,
                    inDays: daysBetween(one.date, date),
                  })),
                ),
              // Picking goes on for a week.
              ...(harvestOn === undefined || one.date > addDays(harvestOn, 7)
                ? {}
                : { daysToHarvest: Math.max(0, daysBetween(one.date, harvestOn)) }),
            });
            const against = found.filter((each) => 'code' in each && timingCodes.includes(each.code as never));
            expect([one.remedy, one.date, against]).toEqual([one.remedy, one.date, []]);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('one judge for the card', () => {
  const mixed = knowledge.remedies.filter(({ recipe }) => recipe);

  test.each(mixed.map((remedy) => [remedy.id, remedy] as const))(
    '%s: the card refuses exactly the strengths that the judge stops, seedling or not',
    (_, remedy) => {
      const { recipe } = remedy;
      if (!recipe) throw new Error(`${remedy.id} is not mixed`);
      for (const { value } of recipe.strengths)
        for (const plant of [undefined, 'seedling'] as const) {
          const act = {
            things: thingsOf(knowledge, remedy, { strength: value }),
            ...(remedyUse(remedy) === undefined ? {} : { use: remedyUse(remedy) as never }),
            ...(plant === undefined ? {} : { isYoung: true as const }),
            facts: remedy.scene ?? [],
          };
          const isStopped = stopsOf(judge(knowledge, act));
          const card = answerOrder(knowledge, {
            way: 'remedy',
            remedy: remedy.id,
            strength: value,
            volume: { amount: 1, unit: 'L' },
            measures: 'metric',
            ...(plant === undefined ? {} : { plants: [plant] }),
          });
          if (isStopped) expect([value, plant, card.kind]).toEqual([value, plant, 'refused']);
          // On seedlings the plant's own word may stop what its strength would not.
          else if (plant === undefined) expect([value, card.kind]).toEqual([value, 'mix']);
        }
    },
  );
});
