import { knowledge } from '@trowel/knowledge/reader';
import { askedDigest, lessonDigest, rowsOf, scenesDigest } from '../../scripts/lessons';
import { bedWithCurrants, newWorld, type World } from './world';

test('the reader has learned from the voices and tables as they are (else: npm run fit)', () => {
  expect(knowledge.meanings?.from).toBe(lessonDigest(knowledge));
  expect(knowledge.meanings?.signs).toEqual(knowledge.signs.map(({ id }) => id));
});

test('what questions mean was learned from those that are there (else: npm run fit:acts), and each is a rule or none', () => {
  expect(knowledge.meanings?.acts?.from).toBe(askedDigest(knowledge));
  const meanings = rowsOf<{ is: string }>('asked.jsonl').map(({ is }) => is);
  const rules = new Set(knowledge.safetyRules.map(({ id }) => id));
  expect(meanings.filter((is) => !rules.has(is))).toEqual(['harmless', 'unknown']);
  const onlyAsked = knowledge.safetyRules.filter(({ when }) => when.asked).map(({ id }) => id);
  expect(onlyAsked.filter((id) => !meanings.includes(id))).toEqual([]);
});

test('how people say what else is so was learned from what is there (else: npm run fit:scenes), and each is a fact or none', () => {
  expect(knowledge.meanings?.scenes?.from).toBe(scenesDigest(knowledge));
  const facts = new Set<string>(knowledge.sceneFacts.map(({ id }) => id));
  expect(
    rowsOf<{ is: string }>('scenes.jsonl')
      .map(({ is }) => is)
      .filter((is) => !facts.has(is)),
  ).toEqual(['none']);
});

describe('a line is kept with how sure its reading was', () => {
  let world: World;
  beforeEach(() => (world = newWorld()));
  afterEach(() => world.close());

  const say = async (id: string, body: object) =>
    (await world.api.post(`/api/cases/${id}/evidence`).send(body).expect(200)).body;
  const evidenceOf = async (id: string) =>
    (await world.api.get(`/api/cases/${id}`).expect(200)).body.situation.evidence as {
      sign: string;
      state: string;
      sure?: number;
    }[];

  test('words are never as sure as a tap, and a tap is not undone by words', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id } = (await world.api.post('/api/cases').send({ bedId, plantingId }).expect(200)).body as { id: string };
    const { understood } = await say(id, { said: 'sticky leaves' });
    expect(understood[0].sign).toBe('honeydew');
    const [read] = await evidenceOf(id);
    expect(read?.sure).toBeGreaterThan(0.5);
    expect(read?.sure).toBeLessThan(1);
    await say(id, { items: [{ sign: 'honeydew', state: 'seen' }] });
    expect(await evidenceOf(id)).toEqual([{ sign: 'honeydew', state: 'seen' }]);
    await say(id, { said: 'the leaves are sticky' });
    expect(await evidenceOf(id)).toEqual([{ sign: 'honeydew', state: 'seen' }]);
  });

  test('what is only perhaps meant is offered with six signs at most, the likeliest first', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id } = (await world.api.post('/api/cases').send({ bedId, plantingId }).expect(200)).body as { id: string };
    const { understood, perhaps, notUnderstood } = await say(id, { said: 'the flux capacitor glows' });
    expect(understood).toEqual([]);
    expect(perhaps).toHaveLength(1);
    expect(perhaps[0].signs.length).toBeLessThanOrEqual(6);
    // It counts for nothing, and is said not to be understood.
    expect(perhaps[0]).not.toHaveProperty('sure');
    expect(notUnderstood).toEqual(['the flux capacitor glows']);
    expect(await evidenceOf(id)).toEqual([]);
  });
});
