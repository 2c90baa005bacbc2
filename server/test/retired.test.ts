import { caseView, notebookView, todayView } from '@trowel/core/contract';
import type { RetiredRow } from '@trowel/core/tables';
import { retired } from '@trowel/knowledge';
import { bedWithCurrants, newWorld, type World } from './world';

let world: World;
/** The table of retired ids, as it would stand after rows were renamed and taken out. */
const table = retired as RetiredRow[];
beforeEach(() => (world = newWorld()));
afterEach(() => {
  table.length = 0;
  world.close();
});

const post = async (path: string, body: object = {}) =>
  (await world.api.post(`/api${path}`).send(body).expect(200)).body as Record<string, string>;

/** A case whose garden was written when ids were other ones. */
async function oldCase(): Promise<string> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  const { id = '' } = await post('/cases', { bedId, plantingId });
  await post(`/cases/${id}/evidence`, {
    items: [
      { sign: 'honeydew', state: 'seen' },
      { sign: 'curled-tips', state: 'seen' },
    ],
  });
  await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
  world.db.exec(`
    UPDATE observation SET sign = 'stickiness' WHERE sign = 'honeydew';
    UPDATE observation SET sign = 'fairy-dust' WHERE sign = 'curled-tips';
    UPDATE job SET remedy = 'soap-wash' WHERE remedy = 'soap-spray';
    UPDATE planting SET plant = 'ribes' WHERE plant = 'redcurrant';
  `);
  return id;
}

describe('ids that are no longer in the tables', () => {
  test('a renamed one is given out as the one of today, however often it was renamed', async () => {
    const id = await oldCase();
    table.push(
      { table: 'signs', id: 'stickiness', now: 'sticky', name: 'Stickiness' },
      { table: 'signs', id: 'sticky', now: 'honeydew', name: 'Sticky' },
      { table: 'remedies', id: 'soap-wash', now: 'soap-spray', name: 'Soap wash' },
      { table: 'plants', id: 'ribes', now: 'redcurrant', name: 'Ribes' },
      { table: 'signs', id: 'fairy-dust', now: null, name: 'Fairy dust' },
    );
    const view = caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
    expect(view.situation.plant).toBe('redcurrant');
    expect(view.situation.evidence).toEqual([expect.objectContaining({ sign: 'honeydew', state: 'seen' })]);
    expect(view.jobs[0]).toMatchObject({ remedy: 'soap-spray' });
    expect(view.jobs[0]?.steps.length).toBeGreaterThan(2);
    // What is gone for good is shown by the name it had.
    expect(view.noLongerKnown.join()).toContain('Fairy dust');
    // What is noted now stands under today's id, and takes back what was noted under the old one.
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'honeydew', state: 'not-looked' }] });
    const after = caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
    expect(after.situation.evidence).toEqual([]);
  });

  test('one that nobody wrote down still leaves every page standing', async () => {
    const id = await oldCase();
    const view = caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
    expect(view.noLongerKnown.join()).toMatch(/fairy-dust/);
    todayView.parse((await world.api.get('/api/today').expect(200)).body);
    notebookView.parse((await world.api.get('/api/notebook').expect(200)).body);
    await world.api.get('/api/garden').expect(200);
    await world.api.get('/api/cases').expect(200);
  });
});
