import { jobView, logView, routinesView, routineView, todayView, type RoutineView } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge';
import { callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const { post, refused } = callsOf(() => world);
const theRoutine = async (id: string): Promise<RoutineView> =>
  routineView.parse((await world.api.get(`/api/routines/${id}`).expect(200)).body);
const theJob = async (id: string) => jobView.parse((await world.api.get(`/api/jobs/${id}`).expect(200)).body);
const today = async () => todayView.parse((await world.api.get('/api/today').expect(200)).body);
const partOf = (routine: RoutineView, name: string) => {
  const found = routine.parts.find((part) => part.name.toLowerCase() === name);
  if (!found)
    throw new Error(`${routine.name} has no part "${name}": ${routine.parts.map((part) => part.name).join()}`);
  return found;
};
async function tick(jobId: string | null, step: string, more: object = {}) {
  const found = (await theJob(jobId ?? '')).steps.find((one) => one.step === step);
  return post('/steps', {
    jobId,
    step,
    outcome: 'done',
    acknowledged: found?.cautions.map(({ rule }) => rule) ?? [],
    ...more,
  });
}

/** Two measured beds with plants in them. */
async function twoBeds(): Promise<[string, string]> {
  const beds = await Promise.all(
    (['Gate Bed', 'Wall Bed'] as const).map(async (name) => {
      const { id = '' } = await post('/beds', { name, setting: 'bed' });
      await post(`/beds/${id}/size`, { values: { shape: 'rectangle', length: '3 m', width: '1.2 m' } });
      await post(`/beds/${id}/plantings`, { plant: 'tomatoes' });
      return id;
    }),
  );
  return beds as [string, string];
}

describe('every routine of the knowledge', () => {
  test.each(knowledge.routines.map(({ id }) => id))(
    '%s is planned whole, shown, rests, goes on and ends',
    async (kind) => {
      const row = knowledge.routines.find(({ id }) => id === kind)!;
      const [first, second] = await twoBeds();
      const groups = row.groups?.map(({ id }) => id) ?? [undefined];
      const places = [first, second].map((bedId, at) => ({
        bedId,
        ...(groups[0] ? { group: groups[at % groups.length] } : {}),
      }));
      for (const way of row.ways?.of.map(({ id }) => id) ?? [undefined]) {
        const { id = '' } = await post('/routines', {
          routine: kind,
          begins: '2026-06-20',
          places: row.isAnywhere ? [] : places,
          ...(way === undefined ? {} : { way }),
        });
        const shown = await theRoutine(id);
        expect(shown.parts.length).toBeGreaterThan(1);
        expect(shown.isOver).toBe(false);
        for (const part of shown.parts) if (part.jobId) expect((await theJob(part.jobId)).routine?.id).toBe(id);
        await post(`/routines/${id}/pause`);
        expect((await today()).coming.filter(({ caseName }) => caseName.startsWith(shown.name))).toEqual([]);
        await post(`/routines/${id}/resume`);
        const ended = await post(`/routines/${id}/end`);
        expect(ended.jobs?.length).toBe(shown.parts.filter(({ jobId }) => jobId).length);
        expect((await theRoutine(id)).isOver).toBe(true);
        // Read as a stranger would, the log says which routine, and where.
        const { entries } = logView.parse((await world.api.get('/api/log').expect(200)).body);
        const said = entries.map(({ says }) => says);
        expect(said.find((line) => line.startsWith('Routine planned'))).toMatch(
          new RegExp(`${shown.name}${row.isAnywhere ? '' : ' · Gate Bed · Wall Bed'}`),
        );
        expect(said.find((line) => line.startsWith('Routine ended'))).toContain(shown.name);
      }
    },
  );
});

/** A tray of seedlings that sprouted on a day. */
async function tray(name: string, sprouted: string, number = 12) {
  const { id: bedId = '' } = await post('/beds', { name, setting: 'indoors' });
  const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'tomatoes' });
  await post(`/plantings/${plantingId}/sprouted`, { on: sprouted });
  await post(`/plantings/${plantingId}/number`, { number });
  return { bedId, plantingId };
}

describe('feeding seedlings', () => {
  let named = 1;
  const planned = async (more: object = {}) => {
    const at = named++;
    const places = [await tray(`Sill ${at}`, '2026-05-28'), await tray(`Bench ${at}`, '2026-06-06')];
    const { id = '' } = await post('/routines', { routine: 'feed-seedlings', begins: '2026-06-10', places, ...more });
    return { id, feed: partOf(await theRoutine(id), 'the feed').jobId ?? '' };
  };

  test('one can for the trays that are old enough; a younger one joins on its day', async () => {
    const { feed } = await planned();
    const { amounts } = await theJob(feed);
    expect(amounts?.shares.map(({ ml }) => ml > 0)).toEqual([true, false]);
    expect(amounts?.shares[1]?.says).toMatch(/Tomato joins/);
  });

  test('a quarter of the label, and never more nitrogen than seedlings bear', async () => {
    const { feed } = await planned({ label: { mlPerLitre: 4, nitrogen: 6 } });
    // 4 mL/L ÷ 4 = 1 mL/L, which is 66 mg/L.
    expect((await theJob(feed)).setting.strength).toBeCloseTo(0.1, 9);
    const strong = await planned({ label: { mlPerLitre: 10, nitrogen: 8 } });
    // 2.5 mL/L would be 220 mg/L; 100 mg/L are 100 ÷ (1.1 × 8 × 10) mL/L.
    expect((await theJob(strong.feed)).setting.strength).toBeCloseTo(100 / 88 / 10, 9);
  });

  const fed = async (result: string) => {
    const { id, feed } = await planned({ way: 'medium' });
    await post('/steps', { jobId: feed, step: 'moisten', outcome: 'skipped' });
    await tick(feed, 'feed');
    world.setNow('2026-06-14T09:00:00Z');
    await refused('/steps', { jobId: feed, step: 'look', outcome: 'done' }, 422);
    await tick(feed, 'look', { result });
    return { id, feed };
  };
  const nextFeed = async (jobId: string) => {
    const next = (await theJob(jobId)).steps.find(({ step, round }) => step === 'moisten' && round === 2);
    return next?.date;
  };

  test('green and growing, the next comes when it always does, counted from the feed', async () => {
    const { feed } = await fed('thriving');
    expect(await nextFeed(feed)).toBe('2026-06-18');
  });
  test('pale from below, it comes sooner', async () => {
    const { feed } = await fed('pale');
    expect(await nextFeed(feed)).toBe('2026-06-15');
  });
  test('overfed, it is flushed at once, and not fed for a week after; taken back, the flush goes too', async () => {
    const { id, feed } = await fed('overfed');
    const flush = partOf(await theRoutine(id), 'a flush');
    expect(flush.state).toBe('under-way');
    expect(flush.next?.date).toBe('2026-06-14');
    expect((await nextFeed(feed)) ?? '').toMatch(/2026-06-2[1-9]/);
    await post('/steps', { jobId: feed, step: 'look', outcome: 'undone' });
    expect(partOf(await theRoutine(id), 'a flush').state).toBe('stopped');
  });
});

describe('a season’s calcium', () => {
  test('the stock is begun two weeks ahead, enough for all rounds, and leaf and soil take turns from it', async () => {
    const [bedId] = await twoBeds();
    const { id = '' } = await post('/routines', {
      routine: 'calcium-season',
      begins: '2026-06-28',
      ends: '2026-09-20',
      places: [{ bedId }],
    });
    const shown = await theRoutine(id);
    expect(partOf(shown, 'the stock').next?.date).toBe('2026-06-14');
    const [leaf, soil] = [partOf(shown, 'on the leaves'), partOf(shown, 'on the soil')];
    const [onLeaf, onSoil] = [await theJob(leaf.jobId ?? ''), await theJob(soil.jobId ?? '')];
    expect([onLeaf.chosenOn, onSoil.chosenOn]).toEqual(['2026-06-28', '2026-07-05']);
    // 28 June to 20 September by 14 days: 7 rounds; 5 July on: 6. Each takes a 1001st of its mix.
    expect([leaf.says, soil.says].map((says) => /\d+ times/.exec(says)?.[0])).toEqual(['7 times', '6 times']);
    const takes = ((onLeaf.amounts?.volumeMl ?? 0) * 7 + (onSoil.amounts?.volumeMl ?? 0) * 6) / 1001;
    expect(shown.stock).toMatch(new RegExp(`${Math.ceil((takes * 1.1) / 10) * 10} mL in all, for 13 rounds`));
    // The stock is begun at the bench: its step is ticked, and both draw from it.
    world.setNow('2026-06-14T09:00:00Z');
    const { id: batchId = '' } = await post('/batches', {
      kind: 'shell-extract',
      volumeMl: 200,
      shell: { grams: 15, acidPercent: 5, grain: 'crushed' },
    });
    const begun = await theRoutine(id);
    expect(partOf(begun, 'the stock').state).toBe('done');
    expect(partOf(begun, 'straining the stock').next?.date).toBe('2026-06-20');
    for (const { jobId } of [leaf, soil]) expect((await theJob(jobId ?? '')).setting.batchId).toBe(batchId);
    world.setNow('2026-06-28T18:00:00Z');
    await tick(leaf.jobId, 'spray');
    expect(JSON.stringify((await theJob(leaf.jobId ?? '')).applied)).toMatch(/1000/);
    // Burnt tips end it on the leaves, and only there.
    world.setNow('2026-07-02T18:00:00Z');
    await tick(leaf.jobId, 'look', { result: 'burnt' });
    const after = await theJob(leaf.jobId ?? '');
    expect(after.steps.find(({ step, round }) => step === 'spray' && round === 2)).toMatchObject({
      state: 'unplaced',
      stuck: 'halted',
    });
    expect((await theJob(soil.jobId ?? '')).steps.find(({ step }) => step === 'pour')?.date).toBe('2026-07-05');
  });
});

test('shells that stand already are the stock: none is begun or strained, and leaf and soil still take turns', async () => {
  const [bedId] = await twoBeds();
  const { id: batchId = '' } = await post('/batches', {
    kind: 'shell-extract',
    volumeMl: 500,
    shell: { grams: 20, acidPercent: 5, grain: 'powder' },
  });
  const { id = '' } = await post('/routines', { routine: 'calcium-season', begins: '2026-06-20', places: [{ bedId }] });
  const shown = await theRoutine(id);
  expect(shown.parts.map(({ name }) => name)).toEqual(['On the leaves', 'On the soil']);
  const jobs = await Promise.all(shown.parts.map(({ jobId }) => theJob(jobId ?? '')));
  expect(jobs.map(({ chosenOn }) => chosenOn)).toEqual(['2026-06-20', '2026-06-27']);
  expect(jobs.map(({ setting }) => setting.batchId)).toEqual([batchId, batchId]);
});

describe('work on the ground', () => {
  test('clippings: so many litres by bed and slugs, looks by the day that it was laid, and answers that are asked for', async () => {
    const [bedId] = await twoBeds();
    const planned = async (way: string) => {
      const { id = '' } = await post('/routines', {
        routine: 'clippings-worms',
        way,
        begins: '2026-06-12',
        places: [{ bedId }],
      });
      return theRoutine(id);
    };
    const [few, many] = [await planned('few'), await planned('many')];
    // 3.6 m² × 2.5 cm and × 1 cm.
    expect(partOf(few, 'the layer').carry).toMatch(/^90 L of fresh clippings, 2\.5 cm thick/);
    expect(partOf(many, 'the layer').carry).toMatch(/^36 L of fresh clippings, 1 cm thick/);
    await post(`/routines/${many.id}/end`);
    const layer = partOf(few, 'the layer').jobId;
    world.setNow('2026-06-14T09:00:00Z');
    await post('/steps', { jobId: layer, step: 'loosen', outcome: 'skipped' });
    await tick(layer, 'spread');
    const after = await theRoutine(few.id);
    expect(partOf(after, 'moisture').next?.date).toBe('2026-06-15');
    expect(partOf(after, 'threads').next?.date).toBe('2026-06-18');
    expect(partOf(after, 'tunnels').next?.date).toBe('2026-06-24');
    world.setNow('2026-06-15T09:00:00Z');
    await tick(partOf(after, 'moisture').jobId, 'look', { result: 'dry' });
    expect(partOf(await theRoutine(few.id), 'moisture').next?.date).toBe('2026-06-16');
    const worms = partOf(after, 'worms before').jobId;
    await refused('/steps', { jobId: worms, step: 'count', outcome: 'done' }, 422);
    await post('/counts', { jobId: worms, step: 'count', counts: [4] });
    expect(partOf(await theRoutine(few.id), 'worms before').state).toBe('done');
  });

  test('a layer that is left out is none: what looks after it waits for the one that is laid', async () => {
    const [bedId] = await twoBeds();
    const { id = '' } = await post('/routines', {
      routine: 'clippings-worms',
      begins: '2026-06-10',
      places: [{ bedId }],
    });
    const layer = partOf(await theRoutine(id), 'the layer').jobId;
    for (const step of ['loosen', 'spread']) await post('/steps', { jobId: layer, step, outcome: 'skipped' });
    world.setNow('2026-06-17T09:00:00Z');
    expect(partOf(await theRoutine(id), 'threads').next?.date).toBe('2026-06-21');
    await post('/steps', { jobId: layer, step: 'loosen', outcome: 'skipped' });
    world.setNow('2026-06-18T09:00:00Z');
    await tick(layer, 'spread');
    const shown = await theRoutine(id);
    expect([partOf(shown, 'moisture'), partOf(shown, 'threads')].map(({ next }) => next?.date)).toEqual([
      '2026-06-19',
      '2026-06-22',
    ]);
  });

  test('weeds: lifted by their root, whole sheets in rows and chips for the bed, shoots answered for', async () => {
    const [bedId] = await twoBeds();
    const { id = '' } = await post('/routines', {
      routine: 'lift-and-cover',
      way: 'runners',
      begins: '2026-06-12',
      places: [{ bedId }],
    });
    const shown = await theRoutine(id);
    expect((await theJob(partOf(shown, 'lifting').jobId ?? '')).remedy).toBe('fork-runners');
    expect(partOf(shown, 'the cover').carry).toMatch(
      /^12 sheets of card; 360 L of bark chips, 10 cm thick: \d barrow loads/,
    );
  });

  test('too little compost goes on the beds that get some, by their size, as thick as there is', async () => {
    const [first, second] = await twoBeds();
    const { id: third = '' } = await post('/beds', { name: 'Low Bed', setting: 'bed' });
    const { id = '' } = await post('/routines', {
      routine: 'share-compost',
      begins: '2026-06-12',
      thereMl: 72_000,
      places: [
        { bedId: first, group: 'gets' },
        { bedId: second, group: 'gets' },
        { bedId: third, group: 'little' },
      ],
    });
    const shown = await theRoutine(id);
    const compost = await theJob(partOf(shown, 'the compost').jobId ?? '');
    expect(compost.spread?.says).toMatch(/^72 L of ripe compost, 1 cm thick/);
    expect(compost.spread?.shares).toEqual(['Gate Bed: 36 L', 'Wall Bed: 36 L']);
    expect((await theJob(partOf(shown, 'chop and drop').jobId ?? '')).places.map(({ bedName }) => bedName)).toEqual([
      'Low Bed',
    ]);
    expect(shown.parts.map(({ name }) => name.toLowerCase())).not.toContain('how it does without');
    await refused('/routines', { routine: 'share-compost', begins: '2026-06-12', places: [{ bedId: first }] }, 422);
  });

  test('worms: squares over both beds, again after five days, then monthly; every pour wants its count', async () => {
    const [first, second] = await twoBeds();
    world.setNow('2026-08-20T09:00:00Z');
    const { id = '' } = await post('/routines', {
      routine: 'worm-pours',
      begins: '2026-08-20',
      places: [{ bedId: first }, { bedId: second }],
      leaveOut: ['report', 'pots'],
    });
    const pour = await theJob(partOf(await theRoutine(id), 'the first pour').jobId ?? '');
    // 7.2 m² in squares of 0.09 m², 4 L each, are 320 L; no more than 200 L are mixed at once.
    expect(pour.amounts?.volumeMl).toBe(200_000);
    await post('/steps', { jobId: pour.id, step: 'clear', outcome: 'skipped' });
    await tick(pour.id, 'pour');
    await refused('/steps', { jobId: pour.id, step: 'count', outcome: 'done' }, 422);
    await post('/counts', { jobId: pour.id, step: 'count', counts: [3, 5] });
    const shown = await theRoutine(id);
    expect(partOf(shown, 'the first pour').state).toBe('done');
    expect(partOf(shown, 'five days on').next?.date).toBe('2026-08-25');
    expect((await theJob(partOf(shown, 'each month').jobId ?? '')).chosenOn >= '2026-09-24').toBe(true);
  });
});

test('nematodes over two beds: how many for the area, and the water that each gets', async () => {
  const [first, second] = await twoBeds();
  const { id = '' } = await post('/routines', {
    routine: 'helpers-over-beds',
    begins: '2026-06-12',
    places: [{ bedId: first }, { bedId: second, isWorst: true }],
  });
  const { spread, order } = await theJob(partOf(await theRoutine(id), 'the pour').jobId ?? '');
  expect(order).toBe('Wall Bed last: what is left of the pack goes there, with its carrier dug in');
  // 7.2 m² at half a million and half a litre.
  expect(spread).toEqual({
    says: '3.6 million for 7.2 m², in 3.6 L of water',
    shares: ['Gate Bed: 1.8 L', 'Wall Bed: 1.8 L'],
  });
});

describe('a series and a brew', () => {
  test('different sprays stand in their order, each days after the one before', async () => {
    const [bedId] = await twoBeds();
    const { id = '' } = await post('/routines', { routine: 'spray-series', begins: '2026-06-10', places: [{ bedId }] });
    const shown = await theRoutine(id);
    for (const part of shown.parts)
      if (part.jobId) {
        const { steps } = await theJob(part.jobId);
        expect(steps.filter(({ state }) => state === 'unplaced')).toEqual([]);
      }
    const starts = ['adults', 'the young', 'moulting', 'help to grow on'].map(
      (name) => partOf(shown, name).next?.date ?? '',
    );
    expect(starts).toEqual([...starts].sort());
    expect(new Set(starts).size).toBe(4);
  });

  test('a weed brew that stands is used; when it runs short the next is asked for, and then drawn from', async () => {
    world.setNow('2026-05-20T09:00:00Z');
    const { id: brewId = '' } = await post('/batches', { kind: 'weed', volumeMl: 1200, warmth: 20 });
    world.setNow('2026-06-10T09:00:00Z');
    const [bedId] = await twoBeds();
    const { id = '' } = await post('/routines', {
      routine: 'weed-brew-kept',
      begins: '2026-06-10',
      places: [{ bedId }],
    });
    const shown = await theRoutine(id);
    expect(shown.parts.map(({ name }) => name.toLowerCase())).not.toContain('the brew');
    const pour = partOf(shown, 'on the beds').jobId ?? '';
    const job = await theJob(pour);
    expect(job.amounts?.brew?.id).toBe(brewId);
    const brews = async () => JSON.stringify((await today()).brews.filter(({ id: one }) => one === brewId));
    // What it takes each fortnight empties it before long: the next has to be begun in time.
    await post(`/jobs/${pour}`, { volumeMl: 60_000 });
    expect((await theJob(pour)).amounts?.brew?.takesMl ?? 0).toBeGreaterThan(1200);
    expect(await brews()).toMatch(/begin-next/);
    const { id: next = '' } = await post(`/batches/${brewId}/again`);
    expect(await brews()).not.toMatch(/begin-next/);
    await post(`/batches/${brewId}/events`, { kind: 'thrown-out' });
    expect((await theJob(pour)).amounts?.brew?.id).toBe(next);
  });
});

test('what cannot be is refused by name, and nothing of it is kept', async () => {
  const [bedId] = await twoBeds();
  const good = { routine: 'calcium-season', begins: '2026-06-20', places: [{ bedId }] };
  for (const [bad, field] of [
    [{ routine: 'moon-planting' }, 'routine'],
    [{ way: 'sideways' }, 'way'],
    [{ ends: '2026-06-01' }, 'ends'],
    [{ places: [] }, 'places'],
    [{ leaveOut: ['leaf'] }, 'leaveOut[0]'],
    [{ places: [{ bedId: 'nowhere' }] }, 'places[0].bedId'],
  ] as const) {
    const { fields } = await refused('/routines', { ...good, ...bad }, 422);
    expect(fields[0].field).toBe(field);
  }
  expect(routinesView.parse((await world.api.get('/api/routines').expect(200)).body)).toEqual([]);
  expect((await today()).coming).toEqual([]);
});

test('a mix that does not go in at once is told by the can: what goes into each, and where the last one goes', async () => {
  const [first, second] = await twoBeds();
  const { id: vesselId = '' } = await post('/vessels', { name: 'Blue can', kind: 'can', volumeMl: 5000 });
  const { id = '' } = await post('/jobs', {
    remedy: 'soap-spray',
    places: [{ bedId: first }, { bedId: second, isWorst: true }],
    volumeMl: 12_000,
    strength: 1,
    vesselId,
  });
  // 1 % of 5 L is 50 mL, of the 2 L that are left 20 mL.
  expect((await theJob(id)).amounts?.fills).toBe(
    'Blue can: 2 fills of 5 L with 3 tablespoons + 1 teaspoon of true liquid soap each, and 2 L more with 1 tablespoon + 1 teaspoon of true liquid soap: that goes on Wall Bed, where it is worst',
  );
});

test('a routine that rests can be ended, and is taken up again whole', async () => {
  const [bedId] = await twoBeds();
  const { id = '' } = await post('/routines', {
    routine: 'clippings-worms',
    begins: '2026-06-12',
    places: [{ bedId }],
  });
  await post(`/routines/${id}/pause`);
  await refused(`/routines/${id}/pause`, {}, 409);
  await post(`/routines/${id}/end`);
  expect(await theRoutine(id)).toMatchObject({ isOver: true, pausedOn: null });
  await post(`/routines/${id}/resume`);
  expect((await theRoutine(id)).isOver).toBe(false);
  await refused(`/routines/${id}/resume`, {}, 409);
});
