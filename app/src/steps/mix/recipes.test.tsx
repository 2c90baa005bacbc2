import { recipeOf } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { openGarden, type TestGarden } from '@/testing/garden';
import { field, holds, isDisabled, maybeButton, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { BenchPage } from './BenchPage';

beforeEach(() => globalThis.sessionStorage.clear());

function open(garden: TestGarden = openGarden()): TestGarden {
  place.params = { part: 'recipes' };
  draw(<BenchPage />);
  return garden;
}
const soap = knowledge.remedies.find(({ id }) => id === 'soap-spray');
const document = (name = 'Petra’s soap') => ({ ...recipeOf(knowledge, 'soap-spray'), name });
const kept = (garden: TestGarden) => garden.read('bench').recipes;
const saved = (garden: TestGarden, name?: string) =>
  garden.act('saveRecipe', { commandId: globalThis.crypto.randomUUID(), document: document(name) } as never);

describe('recipes of one’s own', () => {
  test('none yet is said, and one is begun from what is known', async () => {
    const garden = open();
    await reads('No recipes of your own');
    press(soap?.name ?? 'x');
    await reads('A recipe of your own');
    type('Name of the recipe', 'Evening soap');
    press('Save');
    await holds(() => expect(kept(garden).map(({ document: { name } }) => name)).toEqual(['Evening soap']));
    await reads('Evening soap');
  });

  test('half written, it is there again after a reload; left, it is forgotten', async () => {
    openGarden();
    place.params = { part: 'recipes' };
    const { unmount } = draw(<BenchPage />);
    await reads('No recipes of your own');
    press(soap?.name ?? 'x');
    await reads('A recipe of your own');
    type('Name of the recipe', 'Evening so');
    type('Steps, one a line', 'Stir it');
    unmount();
    const { unmount: leave } = draw(<BenchPage />);
    await reads('A recipe of your own');
    expect([field('Name of the recipe').value, field('Steps, one a line').value]).toEqual(['Evening so', 'Stir it']);
    press('Leave it');
    leave();
    draw(<BenchPage />);
    await reads('Begin from');
  });

  test('stronger than its parts bear it is not saved, and says the limit', async () => {
    const garden = open();
    await reads('No recipes of your own');
    press(soap?.name ?? 'x');
    await reads('A recipe of your own');
    type(/^How much true liquid soap/, '60');
    await reads(/over the limit of 2 %/);
    expect(isDisabled('Save')).toBe(true);
    type(/^How much true liquid soap/, '10');
    await holds(() => expect(isDisabled('Save')).toBe(false));
    expect(kept(garden)).toEqual([]);
  });

  test('begun from anything, a part is held to its own limit under whatever name it is typed', async () => {
    open();
    await reads('No recipes of your own');
    press(knowledge.remedies.find(({ id }) => id === 'milk-spray')?.name ?? 'x');
    await reads('A recipe of your own');
    type('Add an ingredient', 'dish soap');
    press('Add it');
    await reads(/How much dish soap|Leave out/);
    type(/^How much .*(dish soap|washing-up)/i, '80');
    await reads(/over the limit/);
    expect(isDisabled('Save')).toBe(true);
  });

  test('what nobody knows is named, and kept from being saved', async () => {
    open();
    await reads('No recipes of your own');
    press(soap?.name ?? 'x');
    await reads('A recipe of your own');
    type('Add an ingredient', 'flubberwax');
    press('Add it');
    await reads(/flubberwax/);
    await holds(() => expect(document_alert()).toMatch(/flubberwax/));
  });
  const document_alert = () =>
    [...globalThis.document.body.querySelectorAll('[role="alert"]')].map((one) => one.textContent).join(' ');

  test('it is mixed to any amount', async () => {
    const garden = openGarden();
    saved(garden);
    open(garden);
    await reads('Petra’s soap');
    press('Mix it');
    await reads(/nobody has tried it but you/);
    type(/^Ready mix wanted/, '3');
    // 1 % of 3 L is 30 mL.
    await reads(/30 mL|2 tablespoons/);
    expect(page()).not.toMatch(/NaN|undefined/);
  });

  test('deleted it comes back by undo', async () => {
    const garden = openGarden();
    saved(garden);
    open(garden);
    await reads('Petra’s soap');
    press('Delete Petra’s soap');
    await holds(() => expect(kept(garden)).toEqual([]));
    await reads('“Petra’s soap” is gone.');
    press('Undo');
    await holds(() => expect(kept(garden)[0]?.document).toEqual(document()));
  });

  test('changed it is the same recipe, not a second one', async () => {
    const garden = openGarden();
    saved(garden);
    open(garden);
    await reads('Petra’s soap');
    press('Change Petra’s soap');
    await reads('Change it');
    type('Name of the recipe', 'Petra’s mild soap');
    type(/^How much true liquid soap/, '5');
    press('Save');
    await holds(() => expect(kept(garden)).toHaveLength(1));
    await holds(() => expect(kept(garden)[0]?.document).toMatchObject({ name: 'Petra’s mild soap' }));
    expect(kept(garden)[0]?.document.parts[0]?.amount).toBeCloseTo(5, 5);
  });

  test('a file of somebody else’s is read whole before anything is kept', async () => {
    const garden = open();
    await reads('Take a recipe in');
    const paste = (text: string) => {
      type('Paste a recipe file’s text', text);
      press('Read it');
    };
    paste('{ not json');
    await reads('This is no recipe file');
    paste(JSON.stringify({ ...document(), parts: [] }));
    await holds(() => expect(document_alert()).toMatch(/parts/i));
    expect(maybeButton('Save')).toBeUndefined();
    paste(JSON.stringify(document('From the fair')));
    await reads('A recipe of your own');
    expect(field('Name of the recipe').value).toBe('From the fair');
    expect(kept(garden)).toEqual([]);
    press('Save');
    await holds(() => expect(kept(garden)).toHaveLength(1));
  });

  test('left it leaves nothing behind', async () => {
    const garden = open();
    await reads('No recipes of your own');
    press(soap?.name ?? 'x');
    await reads('A recipe of your own');
    press('Leave it');
    await reads('Begin from');
    expect(kept(garden)).toEqual([]);
  });
});
