import { signsByPart } from '@trowel/core/read';
import { knowledge } from '@trowel/knowledge';
import { openGarden } from '@/testing/garden';
import { isPressed, page, press, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { PlatesPage } from './PlatesPage';

const shelves = signsByPart(knowledge);
const plates = () => [...document.body.querySelectorAll('[role="group"]')].map((one) => one.getAttribute('aria-label'));

beforeEach(() => void openGarden());

describe('the plates', () => {
  test('one shelf stands open at a time, with all of its plates and no other', () => {
    draw(<PlatesPage />);
    const [first, second] = shelves;
    expect(plates()).toHaveLength(shelves.find(({ id }) => id === 'tips')?.signs.length ?? -1);
    const other = first?.id === 'tips' ? second : first;
    press(`${other?.label} · ${other?.signs.length}`);
    expect(plates()).toHaveLength(other?.signs.length ?? -1);
    expect(isPressed(`${other?.label} · ${other?.signs.length}`)).toBe(true);
  });

  test('every sign stands on a shelf, and how many there are is true', () => {
    draw(<PlatesPage />);
    expect(page()).toContain(`${knowledge.signs.length} signs, drawn`);
    const shelved = new Set(shelves.flatMap(({ signs }) => signs.map(({ id }) => id)));
    expect(knowledge.signs.filter(({ id }) => !shelved.has(id)).map(({ id }) => id)).toEqual([]);
  });

  test('a word is looked for on all shelves: what is named so stands first, then what people call so', () => {
    draw(<PlatesPage />);
    type('Find a plate', 'sticky');
    const named = knowledge.signs.filter(({ name }) => /sticky/i.test(name));
    const shown = plates();
    for (const { name } of named)
      expect(shown.slice(0, named.length).some((label) => label?.startsWith(name))).toBe(true);
    const tells = knowledge.signs.filter(({ name, plain }) => /sticky/i.test(`${name} ${plain}`));
    for (const { name } of tells) expect(shown.some((label) => label?.startsWith(name))).toBe(true);
    expect(shelves.some(({ label, signs }) => isPressed(`${label} · ${signs.length}`))).toBe(false);
  });

  test.each([
    ['greenfly', 'clusters'],
    ['blossom end rot', 'sunken-flower-end'],
    ['looks like icing sugar', 'white-powder'],
  ])('“%s”, which no plate is called, finds its plate', (said, sign) => {
    draw(<PlatesPage />);
    type('Find a plate', said);
    const name = knowledge.signs.find(({ id }) => id === sign)?.name ?? '-';
    expect(
      plates()
        .slice(0, 3)
        .some((label) => label?.startsWith(name)),
    ).toBe(true);
  });

  test('a word that nothing speaks of is said so, and a shelf clears the search', () => {
    draw(<PlatesPage />);
    type('Find a plate', 'flubberwax');
    expect(page()).toContain('No plate speaks of “flubberwax”.');
    const [shelf] = shelves;
    press(`${shelf?.label} · ${shelf?.signs.length}`);
    expect(plates()).toHaveLength(shelf?.signs.length ?? -1);
  });

  test('each plate says in words what is drawn', () => {
    draw(<PlatesPage />);
    for (const { signs } of shelves.filter(({ id }) => id === 'tips'))
      for (const { name, plain } of signs) expect(plates()).toContain(`${name}. ${plain}`);
  });
});
