import { openGarden } from '@/testing/garden';
import { field, holds, isPressed, maybeButton, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { BenchPage } from './BenchPage';
import { LabelsPage } from './LabelsPage';

beforeEach(() => globalThis.sessionStorage.clear());

const open = (part: string, demo = false) => {
  const garden = openGarden({ demo });
  place.params = { part };
  draw(<BenchPage />);
  return garden;
};

describe('what the bench keeps', () => {
  test('a sprayer is noted with what it holds, in the gardener’s measures', async () => {
    const garden = open('cupboard');
    await reads('None noted');
    type('Name of a sprayer or jar', 'The small one');
    press('Add it');
    await reads('The small one');
    expect(garden.read('bench').vessels).toMatchObject([{ name: 'The small one', kind: 'sprayer', volumeMl: 1500 }]);
    expect(page()).toContain('1.5 L · clean');
  });

  test('a sprayer that held something is washed by a tap', async () => {
    const garden = open('cupboard', true);
    const held = garden.read('bench').vessels.find(({ held: what }) => what !== null);
    await reads(held?.name ?? 'x');
    press(`Washed 3 times: ${held?.name}`);
    await reads(`${held?.name} is clean.`);
    expect(garden.read('bench').vessels.find(({ id }) => id === held?.id)?.held).toBeNull();
  });

  test('what is taken out of the cupboard comes back by undo, as it was', async () => {
    const garden = open('cupboard', true);
    const [row] = garden.read('bench').cupboard;
    const shelf = () => garden.read('bench').cupboard.find(({ ingredient }) => ingredient === row?.ingredient);
    await reads(row?.name ?? 'x');
    press(new RegExp(`^Take ${row?.name} out$`, 'i'));
    await reads(`${row?.name} is out of the cupboard.`);
    expect(shelf()).toBeUndefined();
    press('Undo');
    await holds(() => expect(shelf()).toEqual(row));
  });

  test('a rule of the house is set and lifted by the same tap', async () => {
    const garden = open('cupboard');
    await reads('My rules');
    expect(isPressed('Only from the cupboard')).toBe(false);
    press('Only from the cupboard');
    await holds(() => expect(garden.read('bench').preferences.onlyFromCupboard).toBe(true));
    await holds(() => expect(isPressed('Only from the cupboard')).toBe(true));
    press('Only from the cupboard');
    await holds(() => expect(garden.read('bench').preferences.onlyFromCupboard).toBe(false));
  });

  test('a brew is stirred, and unstirred by undo', async () => {
    const garden = open('brews', true);
    const working = garden.read('bench').batches.find(({ stage }) => stage === 'working');
    await reads(working?.name ?? 'x');
    press('Stirred');
    await reads(`${working?.name}: stirred.`);
    const after = garden.done.length;
    press('Undo');
    await holds(() => expect(garden.done.slice(after)).toEqual(['takeBackBatchEvent']));
  });

  test('nothing brewing is said, with what could', async () => {
    open('brews');
    await reads('Nothing is brewing');
    expect(maybeButton('Labels to print')).toBeUndefined();
  });

  test('labels say what stands in each jar, and how strong', async () => {
    const garden = openGarden({ demo: true });
    draw(<LabelsPage />);
    const standing = garden.read('bench').batches.filter(({ stage }) => stage !== 'gone');
    await reads(standing[0]?.name ?? 'x');
    for (const { name } of standing) expect(page()).toContain(name);
    expect(page()).not.toMatch(/undefined|NaN/);
  });

  test('a spray is mixed without a case: amounts, order, and how much', async () => {
    open('mix');
    await reads(/Soap/);
    expect(page()).toMatch(/\d (mL|teaspoon|tablespoon)/);
    expect(page()).not.toMatch(/\b(gallon|qt|fl oz)\b/);
    type('Ready mix wanted, in L', '2');
    expect(page()).not.toMatch(/NaN|undefined/);
    type('Ready mix wanted, in L', 'a lot');
    expect(field('Ready mix wanted, in L').value).toBe('a lot');
    expect(page()).toContain('“lot” is not a unit that is known here');
  });
});
