import { knowledge } from '@trowel/knowledge';
import type { PlateSpec } from '@trowel/core/tables';
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

  test('a ring goes round what is asked for: small things whole, of what is strewn over all one place', () => {
    // The page of a test draws nothing: here the shapes stand in a row, each so far from the one before.
    let apart = 0;
    let at = 0;
    jest.spyOn(globalThis.Element.prototype, 'getBoundingClientRect').mockImplementation(function (this: Element) {
      const isWhole = this.tagName === 'svg';
      return (
        isWhole
          ? { left: 0, top: 0, width: 106, height: 106 }
          : { left: apart * (at += 1), top: 40, width: 8, height: 6 }
      ) as DOMRect;
    });
    const drawn = (ringed: readonly number[]) => {
      const plate: PlateSpec = { base: 'leaf', marks: [{ draw: 'spots', tone: 'brown', count: 5 }] };
      const { container } = render(<Plate spec={plate} ringed={ringed} />);
      return [...container.querySelectorAll('ellipse[stroke-dasharray]')];
    };
    expect(drawn([])).toHaveLength(0);
    for (apart of [0, 3, 30]) {
      const [ring, ...more] = drawn([0]);
      expect(more).toHaveLength(0);
      const [rx, ry] = ['rx', 'ry'].map((radius) => Number(ring?.getAttribute(radius)));
      expect(ry).toBe(11);
      // Apart from each other but within reach, all of them; strewn over the plate, one.
      if (apart === 3) expect(rx).toBeGreaterThan(11);
      else expect(rx).toBe(11);
    }
    jest.restoreAllMocks();
  });

  test('no drawing holds a number that is none', () => {
    const broken = knowledge.signs.filter(({ plate }) =>
      /NaN|undefined/.test(render(<Plate spec={plate} />).container.innerHTML),
    );
    expect(broken.map(({ id }) => id)).toEqual([]);
  });
});
