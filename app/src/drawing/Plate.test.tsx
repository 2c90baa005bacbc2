import { knowledge } from '@trowel/knowledge';
import { render } from '@testing-library/react';
import { namedMarks } from './marks/named';
import { Plate } from './Plate';

describe('plates', () => {
  test('every mark that a sign asks for by name is drawn', () => {
    const asked = new Set(
      knowledge.signs.flatMap(({ plate }) => plate.marks.filter((mark) => typeof mark === 'string')),
    );
    expect(asked.size).toBeGreaterThan(60);
    expect([...asked].filter((name) => !namedMarks[name])).toEqual([]);
  });

  test('no two signs share the same drawing', () => {
    const owners = new Map<string, string[]>();
    for (const { id, plate } of knowledge.signs) {
      const drawn = render(<Plate spec={plate} />).container.innerHTML;
      owners.set(drawn, [...(owners.get(drawn) ?? []), id]);
    }
    expect([...owners.values()].filter((ids) => ids.length > 1)).toEqual([]);
    expect(owners.size).toBe(knowledge.signs.length);
  });

  test('no drawing holds a number that is none', () => {
    const broken = knowledge.signs.filter(({ plate }) =>
      /NaN|undefined/.test(render(<Plate spec={plate} />).container.innerHTML),
    );
    expect(broken.map(({ id }) => id)).toEqual([]);
  });
});
