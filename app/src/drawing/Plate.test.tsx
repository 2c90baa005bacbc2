import { knowledge } from '@trowel/knowledge';
import { render } from '@testing-library/react';
import { marks, Plate } from './Plate';

describe('plates', () => {
  test('every mark that a sign asks for is drawn', () => {
    const asked = new Set(knowledge.signs.flatMap(({ plate }) => plate.marks));
    expect(asked.size).toBeGreaterThan(60);
    expect([...asked].filter((name) => !marks[name])).toEqual([]);
  });

  test('no two signs share the same drawing', () => {
    const drawn = knowledge.signs.map(({ plate }) => render(<Plate spec={plate} />).container.innerHTML);
    expect(new Set(drawn).size).toBe(drawn.length);
  });
});
