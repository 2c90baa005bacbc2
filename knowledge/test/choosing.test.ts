import { chooseRemedies } from '@trowel/core/choose';
import { answerWeigh } from '@trowel/core/headless';
import type { WeighResponse } from '@trowel/core/contract';
import { rowById } from '@trowel/core/tables';
import type { Weighing } from '@trowel/core/weigh';
import { knowledge } from '../src';

const aphidsAndAnts = {
  plant: 'redcurrant',
  setting: 'bed',
  month: 5,
  latitude: 52,
  said: 'clusters of aphids on the tips, cast skins, sticky curled leaves, ants running up the stem',
};
const ids = ({ remedies }: WeighResponse) => remedies.map(({ id }) => id);
const leftOut = ({ leftOut: out }: WeighResponse, id: string) => out.find((row) => row.id === id)?.why;

describe('choosing a remedy', () => {
  test('ants with sap-suckers are met together, bait and soap, and it says why', () => {
    const answer = answerWeigh(knowledge, aphidsAndAnts);
    expect(answer.together[0]).toMatchObject({
      remedies: ['ant-bait', 'soap-spray'],
      why: expect.stringMatching(/guard/),
    });
    expect(answer.remedies.filter(({ suggested }) => suggested).map(({ id }) => id)).toContain('ant-bait');
  });

  test('doing nothing is always there, with what is then to be expected', () => {
    const answer = answerWeigh(knowledge, aphidsAndAnts);
    expect(answer.leave.asGood).toBe(false);
    expect(answer.leave.courses.find(({ cause }) => cause === 'aphids')?.says).toMatch(/helpers catch up/);
    const ladybirds = answerWeigh(knowledge, { said: 'black and orange larva like a small crocodile eating aphids' });
    expect(ladybirds.leave.courses.length).toBeGreaterThan(0);
  });

  test('each says why it stands where it does, the mildest first among equals', () => {
    const answer = answerWeigh(knowledge, aphidsAndAnts);
    expect(answer.remedies.every(({ standing, honest }) => Array.isArray(standing) && honest.length > 20)).toBe(true);
    const soap = answer.remedies.find(({ id }) => id === 'soap-spray');
    expect(soap?.standing.join()).toMatch(/Stronger than .*, and it helps clearly more/);
    const neem = answer.remedies.find(({ id }) => id === 'neem-leaf');
    expect(neem?.standing.join()).toMatch(/Stronger than .*: try that first/);
    // Hand work and helpers are not called strong.
    expect(answer.remedies.find(({ id }) => id === 'spare-helpers')?.standing.join() ?? '').not.toMatch(/Stronger/);
  });

  test('where days count, the surest comes before the mildest, and it says so', () => {
    const answer = answerWeigh(knowledge, {
      plant: 'tomato',
      setting: 'greenhouse',
      month: 7,
      signs: ['bronze-hard', 'rough-skin'].map((sign) => ({ sign })),
    });
    const [first] = answer.remedies;
    expect(first?.id).toBe('sulphur-spray');
    expect(first?.standing.join()).toMatch(/Stronger than .*, and it helps clearly more.*Days count here/);
    // Where hands are as sure, they come first, and nothing is said of days.
    const kale = answerWeigh(knowledge, {
      plant: 'cabbage',
      month: 7,
      said: 'ragged holes, green caterpillars on the leaves, green droppings',
    });
    expect(kale.remedies[0]?.id).toBe('hand-pick');
    for (const { remedies } of [kale, answerWeigh(knowledge, aphidsAndAnts)])
      expect(remedies.flatMap(({ standing }) => standing).join()).not.toMatch(/Days count/);
  });

  test('what the gardener has ruled out is left out, by name, class or ingredient', () => {
    const answer = answerWeigh(knowledge, { ...aphidsAndAnts, forbids: ['soap', 'boric-acid'] });
    expect(leftOut(answer, 'soap-spray')).toBe('You have set a rule against it.');
    expect(leftOut(answer, 'ant-bait')).toBe('You have set a rule against it.');
    expect(ids(answer)).not.toContain('soap-spray');
  });

  test('an empty cupboard marks what would have to be bought; only-from-the-cupboard leaves it out', () => {
    expect(ids(answerWeigh(knowledge, { ...aphidsAndAnts, cupboard: ['milk'] }))).toContain('soap-spray');
    const strict = answerWeigh(knowledge, { ...aphidsAndAnts, cupboard: ['milk'], onlyFromCupboard: true });
    expect(leftOut(strict, 'soap-spray')).toMatch(/Not in your cupboard: true liquid soap/);
    expect(ids(strict)).toContain('water-jet');
  });

  test('nothing is sprayed on open blossom', () => {
    const answer = answerWeigh(knowledge, { ...aphidsAndAnts, facts: ['on-open-bloom'] });
    expect(leftOut(answer, 'soap-spray')).toMatch(/in flower/);
    expect(leftOut(answer, 'neem-seed')).toMatch(/bees/);
  });

  test('above 32 °C, soap is left out by the rule that says so', () => {
    expect(leftOut(answerWeigh(knowledge, { ...aphidsAndAnts, facts: ['very-hot'] }), 'soap-spray')).toMatch(
      /above 32 °C/,
    );
  });

  test('what was done last week keeps its distance', () => {
    const mildew = { plant: 'courgette', month: 7, said: 'white powder on the leaves that rubs off' };
    expect(ids(answerWeigh(knowledge, mildew))).toContain('milk-spray');
    const answer = answerWeigh(knowledge, { ...mildew, recent: [{ remedy: 'soap-spray', daysAgo: 0 }] });
    expect(leftOut(answer, 'milk-spray')).toMatch(/Leave 1 day between them: soap washes the milk film off/);
  });

  test('fruit-end rot: water before calcium; calcium sprays are shown as not worth making; Epsom never', () => {
    const answer = answerWeigh(knowledge, {
      plant: 'tomato',
      setting: 'pot',
      month: 7,
      said: 'dark sunken patch at the bottom of the fruit, watering was hit and miss',
    });
    expect(answer.together[0]?.why).toMatch(/even watering/);
    expect(answer.notWorth.map(({ id }) => id)).toEqual(expect.arrayContaining(['shell-feed', 'raw-shells']));
    expect(answer.notWorth.find(({ id }) => id === 'shell-feed')?.honest).toMatch(/1 to 1000 no effect/);
    expect(ids(answer)).not.toContain('epsom-foliar');
  });

  test('a remedy that a fairly likely cause speaks against is marked down and says so; a likely one shuts it out', () => {
    const rowOf = (id: string) => rowById(knowledge.causes, id, 'causes');
    const against = knowledge.causes.find(
      ({ id, avoid }) => id !== 'aphids' && avoid.some(({ remedies = [] }) => remedies.includes('soap-spray')),
    );
    if (!against) throw new Error('no cause speaks against soap');
    const choiceWith = (probability: number) =>
      chooseRemedies(
        knowledge,
        {
          causes: [
            { id: 'aphids', row: rowOf('aphids'), probability: 0.9 },
            { id: against.id, row: against, probability },
          ],
          conditions: [],
          action: { class: 'treat-now' },
        } as unknown as Weighing,
        {},
      );
    const soap = (probability: number) => choiceWith(probability).ranked.find(({ id }) => id === 'soap-spray');
    expect(soap(0)?.standing.map(({ kind }) => kind)).not.toContain('risky-if-wrong');
    expect(soap(0.2)?.standing).toContainEqual({ kind: 'risky-if-wrong', cause: against.id, chance: 0.2 });
    expect(soap(0.2)?.score).toBeLessThan(soap(0)?.score ?? 0);
    expect(choiceWith(0.5).leftOut.find(({ id }) => id === 'soap-spray')?.reason.kind).toBe('speaks-against');
  });

  test.each([
    ['an unknown ingredient', { ...aphidsAndAnts, cupboard: ['moon dust'] }, /cupboard\[0\]: "moon dust" is not known/],
    [
      'an unknown remedy',
      { ...aphidsAndAnts, recent: [{ remedy: 'dance', daysAgo: 1 }] },
      /recent\[0\]\.remedy: "dance"/,
    ],
    ['an unknown fact', { ...aphidsAndAnts, facts: ['full-moon'] }, /facts\[0\]: must be one of/],
  ])('%s is refused by name', (_, body, message) => expect(() => answerWeigh(knowledge, body)).toThrow(message));
});
