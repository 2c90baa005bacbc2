import { benchView, caseView, jobView, todayView, type StepView } from '@trowel/core/contract';
import { addDays } from '@trowel/core/quantities';
import { z } from 'zod';
import { callsOf, newWorld, type World } from './world';

/**
 * A June lived day by day: three trays of seedlings, two brews, four cases, a season's feed and a mown lawn. Whatever is
 * due is done, whatever asks is answered; then every amount that was put on has to come from the amount that was mixed,
 * every count to stand once, and nothing to have been asked for twice.
 */
let world: World;
afterEach(() => world.close());
const { post } = callsOf(() => world);

const today = async () => todayView.parse((await world.api.get('/api/today').expect(200)).body);
const job = async (id: string) => jobView.parse((await world.api.get(`/api/jobs/${id}`).expect(200)).body);
const oneCase = async (id: string) => caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const bench = async () => benchView.parse((await world.api.get('/api/bench').expect(200)).body);

/** What a gardener would answer; a good June. */
const answers: Readonly<Record<string, string>> = {
  'test-look': 'unharmed',
  cards: 'to-sugar',
  moisture: 'moist',
  threads: 'threads',
  tunnels: 'tunnels',
  seedlings: 'thriving',
  'leaf-tips': 'unburnt',
  acidity: 'sour',
  shoots: 'no-shoots',
};

/** Does one step as it stands on Today. @returns false where it has to wait */
async function does(step: StepView, falling: number): Promise<boolean> {
  if (step.waits !== null || step.cautions.some(({ level }) => level === 'stop')) return false;
  if (step.asks?.for === 'count') {
    const [way] = step.asks.ways;
    const counts = Array.from({ length: 10 }, (_, at) =>
      way?.unit === 'number' ? Math.round((at % 4) * falling * 6) : at < falling * 8 ? 1 : 0,
    );
    await post('/counts', { jobId: step.jobId, step: step.step, counts, ...(way ? { unit: way.unit } : {}) });
    return true;
  }
  await post('/steps', {
    jobId: step.jobId,
    step: step.step,
    outcome: 'done',
    acknowledged: step.cautions.map(({ rule }) => rule),
    ...(step.asks ? { result: answers[step.asks.for] } : {}),
  });
  return true;
}

async function bed(name: string, setting: string, plant?: string, number?: number) {
  const { id: bedId = '' } = await post('/beds', { name, setting });
  if (plant === undefined) return { bedId };
  const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant });
  if (number !== undefined) await post(`/plantings/${plantingId}/number`, { number });
  return { bedId, plantingId };
}

const cases = [
  { plant: 'redcurrants', signs: ['sticky-film', 'curled-leaves'], remedy: 'soap-spray' },
  { plant: 'courgettes', signs: ['white-powder'], remedy: 'milk-spray' },
  { plant: 'cabbage', signs: ['holes'], remedy: 'hand-pick' },
  { plant: 'roses', signs: ['curled-leaves'], remedy: 'water-jet' },
] as const;

async function prepare(measures: 'metric' | 'us') {
  world = newWorld({ now: '2026-06-01T07:00:00Z' });
  await post('/garden', { measures });
  const trays = [
    { ...(await bed('Sill', 'indoors', 'tomatoes', 12)), sprouted: '2026-05-20' },
    { ...(await bed('Bench tray', 'indoors', 'cabbage', 24)), sprouted: '2026-05-28' },
    { ...(await bed('Frame', 'greenhouse', 'lettuce', 20)), sprouted: '2026-06-04' },
  ];
  for (const { plantingId, sprouted } of trays)
    await post(`/plantings/${plantingId}/sprouted`, { on: sprouted > '2026-06-01' ? '2026-06-01' : sprouted });
  const row = await bed('Row', 'bed', 'tomatoes', 8);
  await post(`/beds/${row.bedId}/size`, { values: { shape: 'rectangle', length: '4 m', width: '1 m' } });
  await post('/batches', { kind: 'weed', volumeMl: 10_000, warmth: 20 });
  const routines = [
    {
      routine: 'feed-seedlings',
      begins: '2026-06-01',
      places: trays.map(({ bedId, plantingId }) => ({ bedId, plantingId })),
      label: { mlPerLitre: 4, nitrogen: 6 },
    },
    { routine: 'calcium-season', begins: '2026-06-15', places: [row] },
    { routine: 'clippings-worms', begins: '2026-06-03', places: [{ bedId: row.bedId }] },
    { routine: 'weed-brew-kept', begins: '2026-06-02', places: [row] },
  ];
  const ids = [];
  for (const one of routines) ids.push((await post('/routines', one)).id ?? '');
  const opened = [];
  for (const [at, { plant, signs, remedy }] of cases.entries()) {
    const place = await bed(`Bed ${at + 1}`, 'bed', plant, 4);
    const { id = '' } = await post('/cases', place);
    for (const sign of signs) await post(`/cases/${id}/signs`, { sign, state: 'seen' }).catch(() => undefined);
    await post(`/cases/${id}/remedies`, { remedy });
    opened.push(id);
  }
  return { ids, opened };
}

describe.each(['metric', 'us'] as const)('a June in %s', (measures) => {
  test('is lived through', async () => {
    const { opened } = await prepare(measures);
    const ticked = new Set<string>();
    const counted = new Set<string>();
    let stockBegun = false;
    for (let at = 0; at < 30; at++) {
      const date = addDays('2026-06-01', at);
      const falling = Math.max(0, 1 - at / 20);
      // Whoever comes by at the hours that the plan names.
      let next = 6;
      while (next < 22) {
        world.setNow(`${date}T${String(next).padStart(2, '0')}:10:00Z`);
        const { due, overdue } = await today();
        // Then nothing is overdue for long.
        expect(overdue).toEqual([]);
        for (const step of due) {
          // What one count answers is not asked again.
          const stands = (await job(step.jobId)).steps.find(
            (one) => one.step === step.step && one.round === step.round,
          );
          if (stands?.state !== 'planned') continue;
          if (step.does.startsWith('Begin the stock')) {
            await post('/batches', {
              kind: 'shell-extract',
              volumeMl: 300,
              shell: { grams: 20, acidPercent: 5, grain: 'crushed' },
            });
            stockBegun = true;
            continue;
          }
          const key = `${step.jobId} ${step.round} ${step.step}`;
          expect(ticked.has(key)).toBe(false);
          if (await does(stands, falling)) ticked.add(key);
        }
        const after = (await today()).due.flatMap(({ hour }) => (hour !== null && hour > next ? [hour] : []));
        next = after.length === 0 ? 22 : Math.min(...after);
        for (const { id, chores } of (await today()).brews)
          if (chores.some(({ kind }) => kind === 'begin-next')) await post(`/batches/${id}/again`);
      }
    }
    expect(stockBegun).toBe(true);
    expect(ticked.size).toBeGreaterThan(50);

    // Every amount put on comes from the mix that was made for it, and every mix from its brew.
    const all = z
      .array(
        z.object({
          mix_id: z.string(),
          volume_ml: z.number(),
          put: z.number(),
          batch_id: z.string().nullable(),
          batch_ml: z.number().nullable(),
        }),
      )
      .parse(
        world.db
          .prepare(
            `SELECT a.mix_id, m.volume_ml, SUM(a.volume_ml) AS put, m.batch_id, m.batch_ml
             FROM application AS a JOIN mix AS m ON m.id = a.mix_id GROUP BY a.mix_id`,
          )
          .all(),
      );
    expect(all.length).toBeGreaterThan(8);
    for (const { volume_ml, put } of all) expect(put).toBeCloseTo(volume_ml, 3);
    const drawn = all.filter(({ batch_id }) => batch_id !== null);
    expect(new Set(drawn.map(({ batch_id }) => batch_id)).size).toBeGreaterThan(1);
    for (const { id, volumeMl, leftMl } of (await bench()).batches) {
      const taken = drawn
        .filter(({ batch_id }) => batch_id === id)
        .reduce((sum, { batch_ml }) => sum + (batch_ml ?? 0), 0);
      expect(volumeMl - taken).toBeCloseTo(leftMl, 1);
    }
    // Every count stands once, in the case it was made for.
    for (const id of opened)
      for (const { id: count } of (await oneCase(id)).counts) {
        expect(counted.has(count)).toBe(false);
        counted.add(count);
      }
    expect(counted.size).toBeGreaterThan(4);

    // The seedlings were fed what their label gives, all that were due from one can.
    const strengths = world.db
      .prepare("SELECT DISTINCT strength FROM application WHERE remedy = 'dilute-feed'")
      .pluck()
      .all();
    expect(strengths).toEqual([0.1]);

    // Closed, a case takes its coming steps along, and Today knows none of it.
    for (const id of opened) await post(`/cases/${id}/close`, { outcome: 'solved' });
    const left = [...(await today()).due, ...(await today()).coming];
    expect(left.filter(({ caseId }) => caseId !== null)).toEqual([]);
    expect(left.length).toBeGreaterThan(0);
  }, 240_000);
});
