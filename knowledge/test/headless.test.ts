import type { FollowRequest, PlanRequest } from '@trowel/core/contract';
import { answerFollow, answerPlan } from '@trowel/core/headless';
import { addDays, daysBetween, measureSystems } from '@trowel/core/quantities';
import { knowledge } from '@trowel/knowledge/reader';

const today = '2026-06-10';
const fine = { temperature: 17, rain: 0, wind: 6, cloud: 0.7 };
const mild = (_: unknown, from: string, days: number) =>
  Array.from({ length: days }, (__, day) => ({
    date: addDays(from, day),
    hours: Array.from({ length: 24 }, () => fine),
  }));
const at = { latitude: 52, longitude: -3, timeZone: 'UTC' };
const plan = (jobs: PlanRequest['jobs'], more: Partial<PlanRequest> = {}) =>
  answerPlan(knowledge, { today, hourNow: 7, at, jobs, ...more }, mild);
const soap = (id: string, more: Partial<PlanRequest['jobs'][number]> = {}) => ({
  id,
  place: 'long bed',
  remedy: 'soap-spray',
  ...more,
});
const said = (call: () => unknown): string => {
  try {
    call();
  } catch (error) {
    return (error as Error).message;
  }
  return 'nothing';
};

describe('a plan from a file', () => {
  test('lays every step of every remedy on a day, in the order of the chain', () => {
    for (const remedy of knowledge.remedies) {
      const { steps, unplaced } = plan([{ id: 'a', place: 'bed', remedy: remedy.id }], { days: 120 });
      const names = new Set([...steps, ...unplaced].map(({ step }) => step));
      expect([remedy.id, names.size]).toEqual([remedy.id, remedy.steps.length]);
      for (const { step, date, hour } of steps) {
        const after = remedy.steps.find(({ id }) => id === step)?.after;
        const before = steps.find((one) => one.step === after);
        if (before) expect([remedy.id, step, date >= before.date]).toEqual([remedy.id, step, true]);
        expect(hour).toBeGreaterThanOrEqual(0);
        expect(hour).toBeLessThan(24);
      }
    }
  });

  test('says why a day was passed over, and why a step has none', () => {
    const wet = mild(at, today, 3).map(({ date, hours }, day) => ({
      date,
      hours: hours.map((hour) => (day === 2 ? hour : { ...hour, rain: 2 })),
    }));
    const { steps } = plan([soap('a', { skipped: ['test-leaf'] })], { weather: wet });
    const spray = steps.find(({ step }) => step === 'spray');
    expect(spray?.date).toBe(addDays(today, 2));
    expect(spray?.whyThen).toMatch(/rain/);
  });

  test('nothing goes on too near to picking, and it says so', () => {
    const harvestOn = addDays(today, 10);
    const { steps, unplaced } = plan([{ id: 'a', place: 'bed', remedy: 'weed-brew-feed', harvestOn }], { days: 40 });
    const pours = steps.filter(({ phase }) => phase === 'apply');
    for (const { date } of pours)
      expect([date, date > harvestOn || daysBetween(date, harvestOn) >= 14]).toEqual([date, true]);
    const why = [...pours.map(({ whyThen }) => whyThen), ...unplaced.map((one) => one.why)].join(' ');
    expect(why).toMatch(/too near to picking/);
  });

  test('where no day fits, what would have to give is named, with the day that would then do', () => {
    const harvestOn = addDays(today, 60);
    const teas = [{ id: 'tea', place: 'bed', remedy: 'compost-tea-spray', harvestOn }];
    const [held] = plan(teas, { days: 40 }).unplaced;
    expect(held).toMatchObject({ job: 'tea', couldGive: [{ gives: [{ kind: 'harvest' }] }] });
    expect(held?.couldGive[0]?.says).toMatch(/if picking waited longer\.$/);
    // Kept, it has to wait until it has been picked.
    expect(held?.earliest && held.earliest >= harvestOn).toBe(true);
    const both = plan(
      [
        { id: 'sulphur', place: 'bed', remedy: 'sulphur-spray', urgent: true },
        { id: 'oil', place: 'bed', remedy: 'oil-spray' },
      ],
      { days: 10 },
    );
    const oil = both.unplaced.find(({ job, couldGive }) => job === 'oil' && couldGive.length > 0);
    expect(oil?.couldGive.map(({ gives }) => gives)).toContainEqual([{ kind: 'other', job: 'sulphur' }]);
  });

  test('what stood somewhere stays there, and what must move says from where', () => {
    const first = plan([soap('a')]);
    const previous = first.steps.map(({ job, step, date, hour }) => ({ job, step, date, hour }));
    expect(plan([soap('a')], { previous }).moved).toEqual([]);
    const spray = first.steps.find(({ step }) => step === 'spray-2');
    const { moved } = plan([soap('a')], { previous, daysAway: [spray?.date ?? ''] });
    expect(moved.find(({ step }) => step === 'spray-2')).toMatchObject({ from: spray?.date, why: 'you are away' });
  });

  test('a deadline, a brew, seedlings and several places are kept to', () => {
    const by = addDays(today, 3);
    const { steps, unplaced } = plan([soap('a', { by })], { days: 40 });
    expect(steps.map(({ date }) => date).every((date) => date <= by)).toBe(true);
    expect(unplaced.length).toBeGreaterThan(0);
    const feed = (id: string, more: object) => ({ id, remedy: 'weed-brew-feed', ...more });
    const pours = plan([
      feed('begun', { place: 'a', brew: { kind: 'weed' as const, startedOn: today, warmth: 18 } }),
      feed('told', { place: 'b', brew: { readyOn: addDays(today, 5), bestBefore: addDays(today, 30) } }),
    ]).steps.filter(({ phase }) => phase === 'apply');
    const pour = (job: string) => pours.find((step) => step.job === job)?.date ?? '';
    expect(daysBetween(today, pour('begun'))).toBeGreaterThanOrEqual(7);
    expect(pour('told') >= addDays(today, 5)).toBe(true);
    const fed = plan([{ id: 'a', place: 'tray', remedy: 'dilute-feed', sprouted: { on: addDays(today, -2) } }]);
    const first = fed.steps.find(({ step }) => step === 'feed')?.date ?? '';
    expect(daysBetween(addDays(today, -2), first)).toBeGreaterThanOrEqual(7);
    // What goes on one of its places keeps apart from what goes on another job's.
    const shared = plan([soap('a', { place: undefined, places: ['x', 'y'] }), soap('b', { place: 'y' })]);
    expect(shared.steps.find(({ job }) => job === 'a')?.places).toEqual(['x', 'y']);
    const sprays = (job: string) => shared.steps.filter((step) => step.job === job && step.step === 'spray');
    expect(Math.abs(daysBetween(sprays('a')[0]?.date ?? '', sprays('b')[0]?.date ?? ''))).toBeGreaterThanOrEqual(4);
  });

  test.each([
    [
      'a night in spring that has an hour less',
      '2026-03-28',
      { latitude: 51.5, longitude: -0.1, timeZone: 'Europe/London' },
    ],
    [
      'a night in autumn that has one more',
      '2026-10-24',
      { latitude: 51.5, longitude: -0.1, timeZone: 'Europe/London' },
    ],
    ['a leap day', '2028-02-28', { latitude: -41, longitude: 175, timeZone: 'Pacific/Auckland' }],
    ['the midnight sun', '2026-06-20', { latitude: 75, longitude: 20, timeZone: 'UTC' }],
    ['the polar night', '2026-12-20', { latitude: 75, longitude: 20, timeZone: 'UTC' }],
    ['the pole itself', '2026-12-20', { latitude: 90, longitude: 0, timeZone: 'UTC' }],
  ])('%s: every step stands on a day that there is, in order, or says why not', (_, on, where) => {
    const found = answerPlan(
      knowledge,
      { today: on, hourNow: 7, at: where, jobs: [soap('a'), { id: 'b', place: 'bed', remedy: 'compost-mulch' }] },
      mild,
    );
    const of = (job: string) => found.steps.filter((step) => step.job === job);
    for (const steps of [of('a'), of('b')])
      for (const [nth, step] of steps.entries()) {
        expect(new Date(`${step.date}T00:00:00Z`).toISOString().slice(0, 10)).toBe(step.date);
        expect(step.hour).toBeGreaterThanOrEqual(0);
        expect(step.hour).toBeLessThan(24);
        if (nth > 0) expect(step.date >= (steps[nth - 1]?.date ?? '')).toBe(true);
      }
    for (const { why } of found.unplaced) expect(why).toMatch(/^No day suits: .+\.$|^It waits for a step/);
    expect(found.steps.length + found.unplaced.length).toBeGreaterThan(4);
  });

  test('what hurts bees waits until blossom is over; by day more does than at dusk', () => {
    const bloomUntil = addDays(today, 9);
    const onBloom = (remedy: string) => {
      const { steps } = plan([{ id: 'a', place: 'bed', remedy, bloomUntil }], { days: 40 });
      return steps.find(({ phase, step }) => phase === 'apply' && step !== 'test-leaf')?.date ?? '';
    };
    expect(onBloom('pyrethrin') > bloomUntil).toBe(true);
    expect(onBloom('milk-spray') > bloomUntil).toBe(true);
    expect(onBloom('soap-spray') <= bloomUntil).toBe(true);
    expect(onBloom('compost-mulch') <= bloomUntil).toBe(true);
  });

  test('living helpers wait for warm soil, by the weather of the days before or by what was measured', () => {
    const cold = mild(0, addDays(today, -10), 24).map((day) => ({
      ...day,
      hours: day.hours.map((hour) => ({ ...hour, temperature: 8 })),
    }));
    const pour = (more: object, weather: typeof cold) =>
      plan([{ id: 'a', place: 'lawn', remedy: 'caterpillar-nematodes', ...more }], { weather }).steps.find(
        ({ step }) => step === 'apply',
      );
    expect(daysBetween(today, pour({}, cold)?.date ?? today)).toBeGreaterThan(10);
    expect(pour({}, cold)?.whyThen).toMatch(/the soil is too cold/);
    expect(daysBetween(today, pour({ soilShift: 7 }, cold)?.date ?? '')).toBeLessThanOrEqual(2);
    const measured = cold.map((day) => (day.date < today ? day : { ...day, soil: 15 }));
    expect(daysBetween(today, pour({}, measured)?.date ?? '')).toBeLessThanOrEqual(2);
  });

  test.each(measureSystems.map((system) => [system] as const))('is told in %s measures alone', (measures) => {
    const text = JSON.stringify(plan([soap('a'), { id: 'b', place: 'bed', remedy: 'compost-mulch' }], { measures }));
    expect(text).not.toMatch(/undefined|NaN/);
    if (measures === 'us') expect(text).not.toMatch(/\d (L|mL|°C|cm|m²)\b/);
  });

  test.each([
    ['an unknown remedy', { jobs: [{ id: 'a', place: 'b', remedy: 'moonshine' }] }, /jobs\[0\]\.remedy/],
    ['two jobs of one name', { jobs: [soap('a'), soap('a')] }, /jobs\[1\]\.id/],
    ['a step it has not', { jobs: [soap('a', { done: [{ step: 'dance', on: today }] })] }, /jobs\[0\]\.done/],
    ['no day', { today: '2026-02-31', jobs: [] }, /today/],
    ['a place off the globe', { at: { latitude: 91, longitude: 0 }, jobs: [] }, /latitude/],
    ['a strange field', { jobs: [], moon: 'full' }, /moon/],
    ['a deadline in the past', { jobs: [soap('a', { by: '2026-06-09' })] }, /jobs\[0\]\.by/],
    ['no place', { jobs: [{ id: 'a', remedy: 'soap-spray' }] }, /jobs\[0\]\.place/],
    ['one place and several', { jobs: [soap('a', { places: ['b'] })] }, /jobs\[0\]\.place/],
    [
      'a day of weather left out',
      { jobs: [], weather: [...mild(0, today, 2), ...mild(0, '2026-06-14', 1)] },
      /weather\[2\]\.date/,
    ],
    ['a harvest that is no day', { jobs: [soap('a', { harvestOn: 'soon' })] }, /harvestOn/],
  ])('%s is named by its field', (_, body, field) =>
    expect(said(() => answerPlan(knowledge, { today, at, ...body }, mild))).toMatch(field),
  );
});

describe('a follow-up from a file', () => {
  const counts = [22, 3, 40, 0, 18, 31, 9, 27, 2, 14];
  const follow = (more: Partial<FollowRequest> = {}) =>
    answerFollow(knowledge, {
      remedy: 'soap-spray',
      appliedOn: today,
      before: { on: today, counts },
      looks: [{ on: addDays(today, 6), counts: [0, 0, 1, 0, 0, 2, 0, 0, 0, 0] }],
      ...more,
    });

  test('says how many there were and are, by how much fewer, and how sure that is', () => {
    const answer = follow();
    expect(answer.before).toMatchObject({ mean: 16.6, n: 10 });
    expect(answer.now).toMatchObject({ mean: 0.3, n: 10 });
    for (const { mean, low, high } of [answer.before, answer.now, ...answer.looks]) {
      expect(low).toBeLessThanOrEqual(mean);
      expect(high).toBeGreaterThan(mean);
    }
    expect(answer.working.length).toBeGreaterThan(2);
    expect(answer.change?.reduction).toBeCloseTo(98, 0);
    expect(answer.change?.low).toBeLessThanOrEqual(answer.change?.reduction ?? 0);
    expect(answer.verdict).toBe('on-the-way');
  });

  test('few once may be chance; few twice running is solved', () => {
    const few = [0, 0, 1, 0, 0, 2, 0, 0, 0, 0];
    const twice = follow({
      looks: [
        { on: addDays(today, 6), counts: few },
        { on: addDays(today, 10), counts: few },
      ],
    });
    expect(twice.verdict).toBe('solved');
  });

  test('harm stops everything, whatever the counts say', () => {
    const answer = follow({ harmSeenOn: addDays(today, 1) });
    expect(answer.next[0]?.kind).toBe('stop-and-rinse');
    expect(answer.says + (answer.next[0]?.says ?? '')).toMatch(/rinse/i);
  });

  test('a threshold of one’s own decides what is clear', () => {
    const strict = follow({ threshold: 0.1 });
    expect(strict.verdict).not.toBe('solved');
  });

  test('an untreated row beside it takes away what went by itself', () => {
    const alone = follow({ looks: [{ on: addDays(today, 6), counts: counts.map((one) => Math.round(one / 2)) }] });
    const beside = follow({
      looks: [{ on: addDays(today, 6), counts: counts.map((one) => Math.round(one / 2)) }],
      untreated: { before: counts, after: counts.map((one) => Math.round(one / 2)) },
    });
    expect(alone.change?.reduction).toBeGreaterThan(40);
    expect(Math.abs(beside.change?.reduction ?? 99)).toBeLessThan(5);
    expect(beside.change?.againstUntreated).toBe(true);
  });

  test('nothing is said of nothing: no look, a look before, a count below nought', () => {
    expect(said(() => follow({ looks: [] }))).toMatch(/looks/);
    expect(said(() => follow({ looks: [{ on: addDays(today, -1), counts }] }))).toMatch(/looks\[0\]\.on/);
    expect(said(() => follow({ before: { on: today, counts: [-1] } }))).toMatch(/before/);
    expect(said(() => follow({ remedy: 'moonshine' }))).toMatch(/remedy/);
  });
});

describe('a follow-up that cannot be', () => {
  const asked = (over: object) => () =>
    answerFollow(knowledge, {
      remedy: 'soap-spray',
      appliedOn: '2026-06-10',
      before: { on: '2026-06-10', counts: [10, 12, 14] },
      looks: [{ on: '2026-06-16', counts: [1, 2, 3] }],
      ...over,
    });

  test.each([
    ['a count below none', { before: { on: '2026-06-10', counts: [10, -1, 14] } }, /before/],
    ['half an aphid', { looks: [{ on: '2026-06-16', counts: [1.5, 2, 3] }] }, /looks/],
    [
      'a before after the spray',
      { before: { on: '2026-06-12', counts: [10, 12, 14] } },
      /before\.on.*after the remedy/,
    ],
    [
      'a look before the spray',
      { looks: [{ on: '2026-06-01', counts: [1, 2, 3] }] },
      /looks\[0\]\.on.*before the remedy/,
    ],
    ['no look at all', { looks: [] }, /looks/],
    ['a remedy nobody knows', { remedy: 'moon-dust' }, /moon-dust/],
  ])('%s is named with its field', (_, over, field) => expect(asked(over)).toThrow(field));

  test('seven caterpillars where only yes or no is asked', () => {
    const bt = () =>
      answerFollow(knowledge, {
        remedy: 'bt-spray',
        appliedOn: '2026-06-10',
        before: { on: '2026-06-10', counts: [1, 1, 0] },
        looks: [{ on: '2026-06-16', counts: [1, 0, 7] }],
      });
    expect(bt).toThrow(/looks\[0\]\.counts.*not 7/);
  });

  test('thousands on a leaf, one leaf only and unlike numbers of leaves are judged or told, never broken', () => {
    expect(
      asked({ before: { on: '2026-06-10', counts: [4000, 9000, 12_000, 300] } })().change?.reduction,
    ).toBeGreaterThan(99);
    expect(asked({ looks: [{ on: '2026-06-16', counts: [3] }] })().verdict).toBe('too-early');
    expect(asked({ looks: [{ on: '2026-06-16', counts: [3, 1, 0, 2, 5, 0, 0] }] })().now.n).toBe(7);
  });
});
