import { addDays, daysBetween } from '@trowel/core/quantities';
import { skies, skyAt } from '../src/weather/climates';
import { madeUpReadings, reckonedFrom } from '../src/weather/made-up-sensor';
import { standInForecast, standInWeather } from '../src/weather/stand-in';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);

const weather = async () => (await world.api.get('/api/weather').expect(200)).body;
const dayOf = async (date: string) =>
  (await weather()).days.find((day: { date: string }) => day.date === date) as Record<string, unknown>;
const today = '2026-06-10';
const meanOf = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;

describe('the sky that is made up', () => {
  test.each([
    ['maritime', 52.1, -4.6],
    ['maritime', -41.3, 174.8],
    ['continental', 44.9, -93.2],
    ['mediterranean', -33.9, 18.4],
    ['humid-summer', 33.7, -84.4],
    ['humid-summer', -27.5, 153],
    ['dry', 33.4, -112],
    ['tropical', 1.3, 103.8],
  ] as const)('it is %s at %d, %d', (kind, latitude, longitude) => expect(skyAt({ latitude, longitude })).toBe(kind));

  test('each of the six has the year of its kind, in both halves of the world', () => {
    const places = {
      maritime: [52.1, -4.6],
      continental: [44.9, -93.2],
      mediterranean: [-33.9, 18.4],
      'humid-summer': [-27.5, 153],
      dry: [33.4, -112],
      tropical: [-6.2, 106.8],
    } as const;
    const yearOf = (kind: (typeof skies)[number]) => {
      const [latitude, longitude] = places[kind];
      const days = standInWeather({ latitude, longitude, timeZone: 'UTC' }, '2025-01-01', 365);
      const of = (months: readonly number[]) => days.filter(({ date }) => months.includes(Number(date.slice(5, 7))));
      const warmth = (some: typeof days) => meanOf(some.flatMap(({ hours }) => hours.map((hour) => hour.temperature)));
      const wet = (some: typeof days) =>
        meanOf(some.map(({ hours }) => Number(hours.reduce((sum, { rain }) => sum + rain, 0) >= 1)));
      const [summer, winter] =
        latitude > 0
          ? [
              [6, 7, 8],
              [12, 1, 2],
            ]
          : [
              [12, 1, 2],
              [6, 7, 8],
            ];
      return {
        summer: warmth(of(summer)),
        winter: warmth(of(winter)),
        wetSummer: wet(of(summer)),
        wetWinter: wet(of(winter)),
        wet: wet(days),
      };
    };
    const years = Object.fromEntries(skies.map((kind) => [kind, yearOf(kind)])) as Record<
      (typeof skies)[number],
      ReturnType<typeof yearOf>
    >;
    for (const { summer, winter } of Object.values(years)) expect(summer).toBeGreaterThan(winter);
    expect(years.continental.summer - years.continental.winter).toBeGreaterThan(20);
    expect(years.maritime.summer - years.maritime.winter).toBeLessThan(17);
    expect(years.tropical.summer - years.tropical.winter).toBeLessThan(6);
    expect(years.mediterranean.wetWinter).toBeGreaterThan(years.mediterranean.wetSummer + 0.1);
    expect(years.tropical.wetSummer).toBeGreaterThan(years.tropical.wetWinter + 0.1);
    expect(years.dry.wet).toBeLessThan(0.12);
    expect(years.maritime.wet).toBeGreaterThan(0.25);
  });

  test('a forecast knows today and tomorrow, and less and less beyond; asked twice it says the same', () => {
    const place = { latitude: 52.1, longitude: -4.6, timeZone: 'UTC' };
    const missed = Array.from({ length: 14 }, () => [] as number[]);
    for (let back = 0; back < 120; back += 1) {
      const from = addDays('2025-03-01', back);
      const said = standInForecast(place, from, 0, 14);
      expect(standInForecast(place, from, 0, 14)).toEqual(said);
      standInWeather(place, from, 14).forEach(({ hours }, ahead) =>
        missed[ahead]?.push(
          meanOf(
            hours.map(({ temperature }, at) => Math.abs(temperature - (said[ahead]?.hours[at]?.temperature ?? 0))),
          ),
        ),
      );
    }
    const far = missed.map(meanOf);
    expect(far[0]).toBe(0);
    expect(far[1]).toBe(0);
    expect(far[4]!).toBeGreaterThan(0.1);
    expect(far[9]!).toBeGreaterThan(far[4]!);
    expect(far[13]!).toBeGreaterThan(1);
  });
});

describe('what was read', () => {
  test('a day is noted, noted better, and taken back', async () => {
    await post('/weather', { on: '2026-06-09', low: -1, high: 4, rain: 12, soil: 7 });
    expect(await dayOf('2026-06-09')).toMatchObject({ low: -1, high: 4, rain: 12, soil: 7, source: 'read' });
    await post('/weather', { on: '2026-06-09', low: 3, high: 9, rain: 0 });
    expect(await dayOf('2026-06-09')).toMatchObject({ low: 3, high: 9, rain: 0, source: 'read' });
    await post('/weather/2026-06-09/drop');
    expect(await dayOf('2026-06-09')).toMatchObject({ source: 'stand-in' });
    await refused('/weather/2026-06-09/drop', {}, 404);
  });

  test('a day to come, and a highest below the lowest, are named', async () => {
    const ahead = await refused('/weather', { on: '2026-06-11', low: 3, high: 9, rain: 0 }, 422);
    expect(ahead.fields[0]).toMatchObject({ field: 'on' });
    const crossed = await refused('/weather', { on: '2026-06-09', low: 9, high: 3, rain: 0 }, 422);
    expect(crossed.fields[0]).toMatchObject({ field: 'high' });
  });
});

describe('a forecast that was brought', () => {
  const list = (rain: number, more: object = {}) =>
    JSON.stringify([{ date: '2026-06-12', low_c: 8, high_c: 18, rain_mm: rain, ...more }]);

  test('it comes as a JSON list, the newest tells, and what is read tells before it', async () => {
    await post('/sheets/forecast', { csv: list(9) });
    expect(await dayOf('2026-06-12')).toMatchObject({ rain: 9, source: 'forecast' });
    world.setNow('2026-06-11T09:00:00Z');
    const second = await post('/sheets/forecast', { csv: list(0) });
    expect(await dayOf('2026-06-12')).toMatchObject({ rain: 0 });
    world.setNow('2026-06-13T09:00:00Z');
    await post('/weather', { on: '2026-06-12', low: 7, high: 15, rain: 3 });
    expect(await dayOf('2026-06-12')).toMatchObject({ rain: 3, source: 'read' });
    await post('/weather/2026-06-12/drop');
    await post(`/takings/${second.id}/undo`);
    expect(await dayOf('2026-06-12')).toMatchObject({ rain: 9, source: 'forecast' });
  });

  test.each([
    ['broken text', '[{"date"', 'file'],
    ['no list', '{"date":"2026-06-12"}', 'file'],
    ['a list in a field', '[{"date":["2026-06-12"]}]', 'entry 1, date'],
    ['a strange field', list(1, { hue: 'red' }), 'entry 1, hue'],
    ['no day', '[{"low_c":1,"high_c":2}]', 'entry 1'],
    ['no figure', list(1, { wind_kmh: 'a lot' }), 'entry 1, wind_kmh'],
  ])('%s is named, and nothing comes in', async (_, csv, field) => {
    const { fields } = await refused('/sheets/forecast', { csv }, 422);
    expect(fields[0].field).toBe(field);
    expect(await dayOf('2026-06-12')).toMatchObject({ source: 'stand-in' });
  });
});

describe('what the weather moves', () => {
  const today_ = async () => (await world.api.get('/api/today').expect(200)).body;

  test('is told the whole day long, also once the plan was remembered, and not on the next', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: jobId } = await post('/jobs', { remedy: 'milk-spray', places: [{ bedId, plantingId }], everyDays: 10 });
    await post('/steps', { jobId, step: 'prune', outcome: 'done' });
    const { steps } = (await world.api.get(`/api/jobs/${jobId}`).expect(200)).body;
    const spray = steps.find((step: { phase: string }) => step.phase === 'apply') as { date: string; does: string };
    expect(spray.date > today).toBe(true);
    // Chosen today, it has stood nowhere long enough to be missed.
    expect((await today_()).moved).toEqual([]);
    world.setNow(`${spray.date}T02:00:00Z`);
    const rain = [0, 1, 2].map((later) => ({ date: addDays(spray.date, later), low_c: 9, high_c: 15, rain_mm: 40 }));
    const hours = rain.flatMap(({ date }) =>
      Array.from({ length: 24 }, (_, hour) => ({ date, hour, temperature_c: 12, rain_mm: 2 })),
    );
    await post('/sheets/forecast', { csv: JSON.stringify(hours) });
    const told = async () =>
      (await today_()).moved.filter((one: { does: string }) => one.does === spray.does) as {
        from: string;
        why: string;
      }[];
    expect(await told()).toMatchObject([{ from: spray.date, why: expect.stringMatching(/rain/) }]);
    await post('/visits', { visits: null });
    expect(await told()).toMatchObject([{ from: spray.date, why: expect.stringMatching(/rain/) }]);
    world.setNow(`${addDays(spray.date, 1)}T02:00:00Z`);
    expect((await told()).filter(({ from }) => from === spray.date)).toEqual([]);
  });

  test('each hour of a day says what is in its way, and today the hours that are over', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: caseId } = await post('/cases', { bedId, plantingId });
    const { id: jobId } = await post(`/cases/${caseId}/remedies`, { remedy: 'soap-spray' });
    const { days } = (await world.api.get(`/api/slots/${jobId}:spray`).expect(200)).body;
    for (const day of days.slice(0, 14)) {
      expect(day.spells[0].from).toBe(0);
      expect(day.spells.at(-1).to).toBe(24);
      for (const [at, { from }] of day.spells.entries()) if (at > 0) expect(from).toBe(day.spells[at - 1].to);
      const open = day.spells.flatMap((spell: { from: number; to: number; against: string | null }) =>
        spell.against === null ? Array.from({ length: spell.to - spell.from }, (_, hour) => spell.from + hour) : [],
      );
      // What the day offers lies within what the weather allows; the test leaf and other rounds may take from it.
      for (const hour of day.hours) expect(open).toContain(hour);
    }
    expect(days[0].spells[0].against).toBe('the right hours were over');
  });
});

describe('in flower', () => {
  test('what hurts bees waits until it is over, in the plan and when it is ticked; what does not goes on', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const until = addDays(today, 9);
    const { id: caseId } = await post('/cases', { bedId, plantingId });
    const jobs = {
      pyrethrin: (await post(`/cases/${caseId}/remedies`, { remedy: 'pyrethrin' })).id ?? '',
      soap: (await post(`/cases/${caseId}/remedies`, { remedy: 'soap-spray' })).id ?? '',
    };
    const applied = async (job: string) => {
      const { steps } = (await world.api.get(`/api/jobs/${job}`).expect(200)).body;
      return steps.find(
        ({ phase, step }: { phase: string; step: string }) => phase === 'apply' && step !== 'test-leaf',
      ) as { date: string | null; whyThen: string; cautions: { level: string; says: string }[] };
    };
    expect((await applied(jobs.pyrethrin)).date! <= until).toBe(true);
    await post(`/plantings/${plantingId}/bloom`, { until });
    expect((await world.api.get(`/api/cases/${caseId}`).expect(200)).body.bloomUntil).toBe(until);
    const waits = await applied(jobs.pyrethrin);
    expect(waits.date! > until).toBe(true);
    expect(waits.whyThen).toMatch(/in flower/);
    expect(waits.cautions).toContainEqual(
      expect.objectContaining({ level: 'stop', says: expect.stringMatching(/bees/) }),
    );
    // At dusk soap is to be minded on blossom, not forbidden.
    expect((await applied(jobs.soap)).date! <= until).toBe(true);
    await post(`/plantings/${plantingId}/bloom`, { until: null });
    expect((await applied(jobs.pyrethrin)).cautions.some(({ level }) => level === 'stop')).toBe(false);
    world.setNow(`${addDays(until, 1)}T09:00:00Z`);
    expect((await world.api.get(`/api/cases/${caseId}`).expect(200)).body.bloomUntil).toBeNull();
  });
});

describe('days off', () => {
  test('what waits for them, and what somebody else would have to do, is said some days before', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: jobId } = await post('/jobs', {
      wish: 'Tie in the canes',
      places: [{ bedId, plantingId }],
      everyDays: 3,
    });
    await post('/steps', { jobId, step: 'do', outcome: 'done' });
    await post('/batches', { name: 'Nettle tub', kind: 'weed', volumeMl: 9000 });
    const away = async () => (await world.api.get('/api/today').expect(200)).body.away;
    expect(await away()).toBeNull();
    await post('/away', { from: '2026-06-20', until: '2026-06-22' });
    expect(await away()).toBeNull();
    await post('/away', { from: '2026-06-13', until: '2026-06-15' });
    expect(await away()).toEqual({
      from: '2026-06-13',
      until: '2026-06-15',
      says: 'You are away from Saturday to Monday.',
      waits: ['“Tie in the canes” (Tie in the canes) waits until Tuesday.'],
      others: ['Nettle tub: stir it', 'Nettle tub: see that the lid is loose'],
    });
    world.setNow('2026-06-14T09:00:00Z');
    expect((await away()).says).toBe('You are away until tomorrow.');
  });
});

describe('what to take along', () => {
  test('is added up over all that is due, and told place by place', async () => {
    const { body: bed } = await world.api.get('/api/garden').expect(200);
    expect(bed.beds).toEqual([]);
    const { bedId } = await bedWithCurrants(world);
    const other = await post('/beds', { name: 'Gate Bed', setting: 'bed' });
    for (const place of [bedId, other.id])
      await post('/jobs', { remedy: 'seaweed-feed', places: [{ bedId: place }], everyDays: 14, volumeMl: 4000 });
    const { due: now, coming } = (await world.api.get('/api/today').expect(200)).body;
    const rounds = [...now, ...coming].filter(({ phase }: { phase: string }) => phase === 'apply') as {
      date: string;
    }[];
    // Both wait for the same evening.
    expect(new Set(rounds.map(({ date }) => date)).size).toBe(1);
    world.setNow(`${rounds[0]?.date}T10:00:00Z`);
    const { bring } = (await world.api.get('/api/today').expect(200)).body;
    expect(bring.inAll.at(-1)).toBe('7.98 L of tap water');
    expect(bring.places).toMatchObject([{ place: 'Long Bed' }, { place: 'Gate Bed' }]);
  });
});

describe('a sensor in the soil', () => {
  const sent = (moisture: number, soil: number, hour = 9) => ({
    readings: [{ date: today, hour, moisture, soil, air: 15 }],
  });

  test('a made-up one follows rain and sun, is watered before it is dry, and under a roof no rain falls', () => {
    const place = { latitude: 52.1, longitude: -4.6, timeZone: 'UTC' };
    const from = '2026-06-01';
    const first = reckonedFrom(from);
    const sky = { first, days: standInWeather(place, first, daysBetween(first, from) + 60) };
    const hours = madeUpReadings(sky, 52.1, 'bed', from, 60);
    expect(hours).toHaveLength(60 * 24);
    for (const [at, { moisture, soil, rain }] of hours.entries()) {
      expect(moisture).toBeGreaterThanOrEqual(10);
      expect(moisture).toBeLessThanOrEqual(100);
      expect(soil).toBeGreaterThan(2);
      expect(soil).toBeLessThan(30);
      const before = hours[at - 1];
      if (before && rain >= 2) expect(moisture).toBeGreaterThanOrEqual(before.moisture);
      if (before && rain === 0 && hours[at]?.hour !== 19) expect(moisture).toBeLessThanOrEqual(before.moisture);
    }
    expect(madeUpReadings(sky, 52.1, 'greenhouse', from, 60).every(({ rain }) => rain === 0)).toBe(true);
  });

  test('one is put in, says what it says, is taken out and put back', async () => {
    const { bedId } = await bedWithCurrants(world);
    const { id } = await post(`/beds/${bedId}/sensor`, { kind: 'made-up' });
    world.setNow('2026-06-12T09:00:00Z');
    const [sensor] = (await weather()).sensors;
    expect(sensor).toMatchObject({ id, bedName: 'Long Bed', kind: 'made-up', since: today });
    expect(sensor.says).toMatch(/% *\).*soil \d+ °C/);
    // The page of the bed says the same of the same hour.
    expect((await world.api.get(`/api/beds/${bedId}`).expect(200)).body.sensor).toBe(sensor.says);
    expect(daysBetween(today, sensor.hours[0].date)).toBe(0);
    await refused(`/beds/${bedId}/sensor`, { kind: 'own' }, 409);
    await refused(`/sensors/${id}/readings`, sent(50, 12), 409);
    await post(`/sensors/${id}/remove`);
    expect((await weather()).sensors).toEqual([]);
    await post(`/sensors/${id}/restore`);
    expect((await weather()).sensors).toHaveLength(1);
  });

  test('one of one’s own sends what it reads; a reading to come is refused with all the others', async () => {
    const { bedId } = await bedWithCurrants(world);
    const { id } = await post(`/beds/${bedId}/sensor`, { kind: 'own' });
    expect((await weather()).sensors[0].says).toBeNull();
    await post(`/sensors/${id}/readings`, sent(62, 13));
    expect((await world.api.get(`/api/beds/${bedId}`).expect(200)).body.sensor).toBe(
      'Moist (62 %), soil 13 °C and air 15 °C, at 09:00.',
    );
    const { readings } = sent(10, 1);
    const { fields } = await refused(
      `/sensors/${id}/readings`,
      { readings: [...readings, { ...readings[0], date: '2026-06-11' }] },
      422,
    );
    expect(fields[0].field).toBe('readings[1].date');
    expect((await weather()).sensors[0].hours).toMatchObject([{ moisture: 62 }]);
  });

  test('thirsty plants are not soaped', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: sensor } = await post(`/beds/${bedId}/sensor`, { kind: 'own' });
    const { id: caseId } = await post('/cases', { bedId, plantingId });
    const { id: jobId } = await post(`/cases/${caseId}/remedies`, { remedy: 'soap-spray' });
    const cautions = async () => {
      const { steps } = (await world.api.get(`/api/jobs/${jobId}`).expect(200)).body;
      return JSON.stringify(steps.find((step: { phase: string }) => step.phase === 'apply').cautions);
    };
    expect(await cautions()).not.toContain('Water first');
    await post(`/sensors/${sensor}/readings`, sent(12, 15));
    expect(await cautions()).toContain('Water first');
    await post(`/sensors/${sensor}/readings`, sent(70, 15));
    expect(await cautions()).not.toContain('Water first');
  });

  test('pours for helpers wait for warm soil, by what is measured there', async () => {
    world.setNow('2026-10-05T09:00:00Z');
    const { bedId } = await bedWithCurrants(world);
    const { id: jobId } = await post('/jobs', { remedy: 'grub-nematodes', places: [{ bedId }] });
    for (let back = 0; back < 12; back += 1)
      await post('/weather', { on: addDays('2026-10-05', -back), low: 4, high: 10, rain: 0 });
    const pour = async () => {
      const { steps } = (await world.api.get(`/api/jobs/${jobId}`).expect(200)).body;
      return steps.find((step: { step: string }) => step.step === 'pour');
    };
    const cold = await pour();
    expect(cold.whyThen).toMatch(/the soil is too cold/);
    expect(daysBetween('2026-10-05', cold.date)).toBeGreaterThan(10);
    const { id } = await post(`/beds/${bedId}/sensor`, { kind: 'own' });
    await post(`/sensors/${id}/readings`, {
      readings: Array.from({ length: 9 }, (_, hour) => ({ date: '2026-10-05', hour, moisture: 60, soil: 16 })),
    });
    const warm = await pour();
    expect(warm.whyThen).not.toMatch(/the soil is too cold/);
    expect(daysBetween('2026-10-05', warm.date)).toBeLessThanOrEqual(3);
  });
});

describe('rain after a spray', () => {
  interface Shown {
    readonly step: string;
    readonly phase: string;
    readonly state: string;
    readonly date: string;
    readonly why: string;
    readonly cautions: { readonly rule: string }[];
    readonly asks: { readonly results: { readonly id: string }[] } | null;
  }
  const stepsOf = async (jobId: string) =>
    (await world.api.get(`/api/jobs/${jobId}`).expect(200)).body.steps as Shown[];

  /** Up to the first spray, each step on its evening. @returns the job, and the day of the spray */
  async function sprayed(): Promise<{ jobId: string; on: string }> {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: caseId } = await post('/cases', { bedId, plantingId });
    const { id: jobId = '' } = await post(`/cases/${caseId}/remedies`, { remedy: 'milk-spray' });
    for (;;) {
      const step = (await stepsOf(jobId)).find(({ state }) => state === 'planned')!;
      world.setNow(`${step.date}T08:10:00Z`);
      const now = (await stepsOf(jobId)).find(({ step: id }) => id === step.step)!;
      const result = ['unharmed', 'could-not'].find((one) => now.asks?.results.some(({ id }) => id === one));
      await post('/steps', {
        jobId,
        step: step.step,
        outcome: 'done',
        acknowledged: now.cautions.map(({ rule }) => rule),
        ...(result ? { result } : {}),
      });
      if (step.phase === 'apply' && step.step !== 'test-leaf') return { jobId, on: step.date };
    }
  }

  test('within the hours it needs, the next round comes as soon as it may, and says so; a dry night moves nothing', async () => {
    const { jobId, on } = await sprayed();
    const next = async () =>
      (await stepsOf(jobId)).find(({ phase, state }) => phase === 'apply' && state === 'planned')!;
    const hours = (rain: number) =>
      [8, 9, 10, 11, 12, 13].map((hour) => `${on},${hour},14,${hour === 9 ? rain : 0}`).join('\n');
    world.setNow(`${addDays(on, 1)}T05:00:00Z`);
    const dry = await post('/sheets/weather', { csv: `date,hour,temperature_c,rain_mm\n${hours(0)}` });
    const usual = await next();
    expect(usual.why).not.toMatch(/rain/);
    await post(`/takings/${dry.id}/undo`);
    await post('/sheets/weather', { csv: `date,hour,temperature_c,rain_mm\n${hours(6)}` });
    const early = await next();
    expect(early.why).toMatch(/^it rained within the hour of the last round/);
    expect(early.date < usual.date).toBe(true);
    // It can be put on then as well: the judge does not count the rhythm from what is gone.
    expect(JSON.stringify(early.cautions)).not.toMatch(/between two rounds/);
  });
});
