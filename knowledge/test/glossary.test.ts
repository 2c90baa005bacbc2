import { termsIn } from '@trowel/core/tables';
import { glossary, knowledge } from '../src';

/** What the product says where words of the trade stand. */
const said = JSON.stringify([
  knowledge.causes.map(({ name, plain }) => [name, plain]),
  knowledge.conditions.map(({ name, plain }) => [name, plain]),
  knowledge.signs.map(({ name, plain }) => [name, plain]),
  knowledge.remedies.map(({ name, plain, honest, rate, limits }) => [name, plain, honest, rate, limits]),
  knowledge.checks.map(({ ask, steps }) => [ask, steps]),
]);
/** Of the screens' own sentences. */
const onScreens = ['npk', 'degree-day', 'grade', 'flush', 'haulm', 'test-leaf', 'hardness', 'threshold'];

describe('words of the trade', () => {
  test('each is one that the product uses', () => {
    const used = termsIn(glossary, [said]).map(({ id }) => id);
    expect(glossary.map(({ id }) => id).filter((id) => !used.includes(id) && !onScreens.includes(id))).toEqual([]);
  });

  test('each is told without another of them', () => {
    const circular = glossary.flatMap(({ id, plain }) =>
      termsIn(glossary, [plain])
        .filter((term) => term.id !== id)
        .map((term) => `${id} says ${term.id}`),
    );
    expect(circular).toEqual([]);
  });

  test('are found in running text as whole words, in any form', () => {
    const found = (text: string) => termsIn(glossary, [text]).map(({ id }) => id);
    expect(found('Sticky honeydew, and larvae on it.')).toEqual(['honeydew', 'larva']);
    expect(found('Gallons of water, and a galling sight')).toEqual([]);
    expect(found('The test leaves are unhurt.')).toEqual(['test-leaf']);
  });
});
