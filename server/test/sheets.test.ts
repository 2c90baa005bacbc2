import { sheets } from '../src/sheets';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);

const csvOf = async (name: string, at = world) => (await at.api.get(`/api/sheets/${name}`).expect(200)).text;
const look = async (name: string, csv: string) =>
  (await world.api.post(`/api/sheets/${name}/look`).send({ csv }).expect(200)).body as {
    new: number;
    same: number;
    wrong: { field: string; message: string }[];
  };

describe('tables as CSV', () => {
  test.each(sheets.map(({ id }) => id))('%s goes out of a full garden and is known again, row by row', async (name) => {
    const full = newWorld({ demo: true });
    try {
      if (name === 'weather' || name === 'forecast')
        await full.api
          .post(`/api/sheets/${name}`)
          .send({ csv: 'date,low_c,high_c,rain_mm\n2026-06-01,8,21,4' })
          .expect(200);
      const csv = await csvOf(name, full);
      const rows = csv.trim().split('\n').length - 1;
      expect(rows).toBeGreaterThan(1);
      const { body } = await full.api.post(`/api/sheets/${name}/look`).send({ csv }).expect(200);
      expect(body).toMatchObject({ new: 0, wrong: [] });
      expect(body.same).toBeGreaterThanOrEqual(rows);
    } finally {
      full.close();
    }
  });

  test('cells are named by their true line and column, past blank lines and breaks within quotes; nothing comes in', async () => {
    await bedWithCurrants(world);
    const csv =
      'place,date,ph\n\n"Long Bed",2026-03-01,6.4\n"Long\nBed",2026-03-02,6\nLong Bed,2026-02-31,6\nLong Bed,2026-03-03,acid\n';
    const found = await look('soil-tests', csv);
    expect(found.new).toBe(1);
    expect(found.wrong.map(({ field }) => field)).toEqual([
      'line 4, column 1 (place)',
      'line 6, column 2 (date)',
      'line 7, column 3 (ph)',
    ]);
    await refused('/sheets/soil-tests', { csv }, 422);
    expect((await csvOf('soil-tests')).trim().split('\n')).toHaveLength(1);
  });

  test.each([
    ['no header', '', /csv/],
    ['a column that is not known', 'place,date,hue\nLong Bed,2026-03-01,red', /line 1, column 3 \(hue\)/],
    ['a column twice', 'place,date,ph,ph\nLong Bed,2026-03-01,6,6', /line 1, column 4/],
    ['a column that is missing', 'place,ph\nLong Bed,6', /line 1/],
    ['too many cells', 'place,date,ph\nLong Bed,2026-03-01,6,7', /line 2/],
    ['a quote left open', 'place,date,ph\n"Long Bed,2026-03-01,6', /line 2/],
  ])('%s is named', async (_, csv, field) => {
    await bedWithCurrants(world);
    const { fields } = (
      await world.api
        .post('/api/sheets/soil-tests')
        .send({ csv: csv || ' ' })
        .expect(422)
    ).body;
    expect(fields[0].field).toMatch(field);
  });

  test('what came in is undone in one tap, and the readings with it', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId, plantingId, name: 'Sticky tips' });
    const leading = async () => (await world.api.get('/api/cases').expect(200)).body.open[0].leading;
    const before = await leading();
    const taken = await post('/sheets/observations', {
      csv: 'case,date,sign,state,amount\nSticky tips,2026-06-09,honeydew,seen,\nSticky tips,2026-06-09,clusters,seen,12',
    });
    expect(taken).toMatchObject({ taken: 2, same: 0 });
    expect(await leading()).not.toEqual(before);
    const { body: takings } = await world.api.get('/api/takings').expect(200);
    expect(takings).toMatchObject([{ id: taken.id, what: 'observations', rows: 2 }]);
    await post(`/takings/${taken.id}/undo`);
    expect(await leading()).toEqual(before);
    expect((await world.api.get(`/api/cases/${id}`).expect(200)).body.situation.evidence).toEqual([]);
    expect((await world.api.get('/api/takings').expect(200)).body).toEqual([]);
  });

  test('an older look that comes in later does not stand before a newer one', async () => {
    const { bedId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId, name: 'Tips' });
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'honeydew', state: 'absent' }] });
    await post('/sheets/observations', { csv: 'case,date,sign,state\nTips,2026-06-01,honeydew,seen' });
    const { evidence } = (await world.api.get(`/api/cases/${id}`).expect(200)).body.situation;
    expect(evidence).toMatchObject([{ sign: 'honeydew', state: 'absent' }]);
  });

  test('what was put on elsewhere is kept apart from what is to come', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    await post('/sheets/applications', {
      csv: 'date,place,plant,remedy\n2026-06-09,Long Bed,redcurrant,soap-spray',
    });
    const { id = '' } = await post('/cases', { bedId, plantingId });
    const { recent } = (await world.api.get(`/api/cases/${id}`).expect(200)).body;
    expect(recent).toEqual([{ remedy: 'soap-spray', daysAgo: 1, where: 'plant' }]);
  });

  test('the gardener’s own weather stands before the stand-in’s: in the sky and in what a case is read by', async () => {
    const csv = ['date,low_c,high_c,rain_mm', ...[1, 2, 3, 4, 5, 6, 7, 8, 9].map((day) => `2026-06-0${day},-2,3,20`)];
    const { bedId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId });
    const weather = async () => (await world.api.get(`/api/cases/${id}`).expect(200)).body.situation.weather;
    const before = await weather();
    expect(before.lowest).toBeGreaterThan(0);
    const taken = await post('/sheets/weather', { csv: csv.join('\n') });
    expect(await weather()).toMatchObject({ lowest: -2, wetDays: expect.any(Number) });
    expect((await weather()).rain).toBeGreaterThanOrEqual(9 * 19.9);
    // The same day again is known, and another word on it is not taken over the first.
    expect(await look('weather', csv.join('\n'))).toMatchObject({ new: 0, same: 9 * 24 });
    expect((await look('weather', 'date,low_c,high_c\n2026-06-01,0,9')).wrong[0]?.message).toMatch(/that id/);
    const { fields } = await refused('/sheets/weather', { csv: 'date,low_c,high_c\n2026-06-20,9,3' }, 422);
    expect(fields[0]).toMatchObject({ field: 'line 2, column 3 (high_c)' });
    await post(`/takings/${taken.id}/undo`);
    expect(await weather()).toEqual(before);
  });

  test('counts, brews and plantings come in with all they say', async () => {
    const { bedId } = await bedWithCurrants(world);
    const { id: caseId = '' } = await post('/cases', { bedId, name: 'Tips' });
    await post('/sheets/counts', { csv: 'case,date,sign,counts\nTips,2026-06-09,clusters,3;0;4' });
    const view = (await world.api.get(`/api/cases/${caseId}`).expect(200)).body;
    expect(view.counts).toMatchObject([{ on: '2026-06-09', counts: [3, 0, 4] }]);
    await post('/sheets/batches', { csv: 'name,kind,started,volume_ml\nNettle tub,weed,2026-06-01,9000' });
    expect((await world.api.get('/api/bench').expect(200)).body.batches).toMatchObject([{ name: 'Nettle tub' }]);
    await post('/sheets/plantings', { csv: 'place,plant,planted,number\nLong Bed,lettuce,2026-05-01,12' });
    const bed = (await world.api.get(`/api/beds/${bedId}`).expect(200)).body;
    expect(bed.plantings).toContainEqual(expect.objectContaining({ plant: 'lettuce', number: 12 }));
    for (const [sheet, csv, field] of [
      ['counts', 'case,date,counts\nTips,2026-06-09,3;-1', 'line 2, column 3 (counts)'],
      ['counts', 'case,date,counts\nTops,2026-06-09,3', 'line 2, column 1 (case)'],
      ['batches', 'name,kind,started,volume_ml\nTub,beer,2026-06-01,9000', 'line 2, column 2 (kind)'],
      ['plantings', 'place,plant,planted\nLong Bed,triffid,2026-05-01', 'line 2, column 2 (plant)'],
      ['applications', 'date,place,remedy\n2026-06-09,Long Bed,elixir', 'line 2, column 3 (remedy)'],
    ] as const)
      expect((await refused(`/sheets/${sheet}`, { csv }, 422)).fields[0].field).toBe(field);
    await world.api.get('/api/sheets/dreams').expect(404);
  });

  test('a cell that a spreadsheet would reckon out is shielded, and comes in as it was', async () => {
    const { bedId } = await bedWithCurrants(world);
    await post('/cases', { bedId, name: '=1+1' });
    const { id = '' } = (await world.api.get('/api/cases').expect(200)).body.open[0];
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'honeydew', state: 'seen' }] });
    const csv = await csvOf('observations');
    expect(csv).toContain("'=1+1");
    expect(await look('observations', csv)).toMatchObject({ new: 0, same: 1, wrong: [] });
  });
});
