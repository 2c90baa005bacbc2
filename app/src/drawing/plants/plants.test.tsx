import { knowledge } from '@trowel/knowledge';
import { render } from '@testing-library/react';
import { PlantFigure } from '.';

const drawn = (id: string) => render(<PlantFigure id={id} />).container.innerHTML;

describe('portraits of plants', () => {
  test('no two plants look the same', () => {
    const owners = new Map<string, string[]>();
    for (const { id } of knowledge.plants) owners.set(drawn(id), [...(owners.get(drawn(id)) ?? []), id]);
    expect([...owners.values()].filter((ids) => ids.length > 1)).toEqual([]);
  });

  test('no drawing holds a number that is none', () => {
    expect(knowledge.plants.filter(({ id }) => /NaN|undefined/.test(drawn(id)))).toEqual([]);
  });

  test('fruit that can be tapped is on the drawing, where it hangs in sight', () => {
    // Grown for leaves or wood, or bearing where it is not looked at.
    const bare = knowledge.plants.filter(
      ({ portrait, edible, parts }) => edible && parts.includes('fruit') && !portrait.fruit,
    );
    expect(bare.map(({ id }) => id)).toEqual(['potato', 'sweet-potato']);
  });

  test('a plant that is gone from the list keeps its place', () => {
    expect(render(<PlantFigure id="gone" size={40} />).container.querySelector('svg')).toBeNull();
  });
});
