import { dealPlant } from '@trowel/core/practice';
import { rowById } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { openGarden, type TestGarden } from '@/testing/garden';
import { holds, isDisabled, maybeButton, page, press, presses, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { PracticePage } from './PracticePage';

/** The plant that the page deals, worked out apart from it. */
const dealt = (garden: TestGarden) => {
  const view = garden.read('practice');
  return dealPlant(knowledge, {
    seed: view.dealt + 1,
    latitude: view.latitude,
    ...(view.next === null ? {} : { cause: view.next }),
  });
};
const nameOf = (cause: string) => rowById(knowledge.causes, cause, 'causes').name;

describe('practice', () => {
  test('a plant is dealt with its signs, and its name is not given away', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    const { plant, shown, options } = dealt(garden);
    expect(page()).toContain(plant.name);
    for (const { sign } of shown) expect(page()).toContain(rowById(knowledge.signs, sign, 'signs').name);
    for (const { name } of options) expect(maybeButton(name)).toBeDefined();
    expect(page()).not.toContain('Right:');
  });

  test('a check is bought once, with its minutes, and says what it found', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    const [check] = dealt(garden).checks;
    if (!check) return expect(page()).toContain('No check helps here');
    const name = `${rowById(knowledge.checks, check.id, 'checks').name} · ${check.minutes} min`;
    press(name);
    await reads(`${check.minutes} min spent`);
    expect(page()).toContain(check.says);
    expect(isDisabled(name)).toBe(true);
  });

  test('the right answer is told with its reasons, and goes into the record with “next”', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    const deal = dealt(garden);
    press(nameOf(deal.truth));
    await reads(`Right: ${nameOf(deal.truth)}`);
    expect(garden.done).toEqual([]);
    press('Next plant');
    await holds(() => expect(garden.done).toEqual(['answerPractice']));
    await reads('1 dealt, 1 right');
  });

  test('a wrong answer tells what it was, and what is missed comes back', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    const deal = dealt(garden);
    const wrong = deal.options.find(({ id }) => id !== deal.truth);
    press(wrong?.name ?? 'x');
    await reads(`It was ${nameOf(deal.truth)}`);
    // The others wait: one answer is one answer.
    expect(isDisabled(nameOf(deal.truth))).toBe(true);
    press('Next plant');
    await reads('1 dealt, 0 right');
    const card = garden.read('practice').cards.find(({ cause }) => cause === deal.truth);
    expect(card).toMatchObject({ right: 0 });
  });

  test('without a line the answer stays, and is sent when there is one again', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    const deal = dealt(garden);
    press(nameOf(deal.truth));
    await reads('Next plant');
    garden.cutLine();
    press('Next plant');
    await reads(/not answering|no line|again/i);
    expect(page()).toContain(`Right: ${nameOf(deal.truth)}`);
    garden.mendLine();
    await presses('Next plant');
    await reads('1 dealt, 1 right');
  });
});
