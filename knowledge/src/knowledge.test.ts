import { causesInOrder } from '@trowel/core/weigh';
import { integrityProblems } from '@trowel/core/integrity';
import type { Tables } from '@trowel/core/tables';
import { knowledge } from './index';
import { roles } from './words/roles';

describe('the knowledge tables', () => {
  test('hold together: every id exists, every number is in range, every remedy says what it must', () => {
    expect(integrityProblems(knowledge)).toEqual([]);
  });

  test('causes never make each other likelier in a ring', () => {
    expect(causesInOrder(knowledge.causes)).toHaveLength(knowledge.causes.length);
  });

  test('every part played in a line is played by a concept that there is', () => {
    const known = new Set(knowledge.concepts.map(({ id }) => id));
    expect(Object.keys(roles).filter((id) => !known.has(id))).toEqual([]);
  });

  test('every sign is linked to something that brings it about', () => {
    const linked = new Set(
      [...knowledge.causes, ...knowledge.conditions].flatMap(({ signs }) => signs.map(({ sign }) => sign)),
    );
    expect(knowledge.signs.map(({ id }) => id).filter((id) => !linked.has(id))).toEqual([]);
  });

  test('a word stands under one concept only, so that a phrase is never read two ways', () => {
    const owners = new Map<string, string[]>();
    for (const { id, words } of knowledge.concepts)
      for (const word of words) owners.set(word, [...(owners.get(word) ?? []), id]);
    expect([...owners].filter(([, ids]) => ids.length > 1)).toEqual([]);
  });

  test.each<[string, (tables: Tables) => Tables, RegExp]>([
    [
      'a cause that shows a sign nobody knows',
      (t) => ({
        ...t,
        causes: [{ ...t.causes[0]!, signs: [{ sign: 'unheard-of', strength: 0.5, why: 'because it is so' }] }],
      }),
      /unheard-of/,
    ],
    [
      'a strength of one',
      (t) => ({
        ...t,
        causes: [{ ...t.causes[0]!, signs: [{ sign: t.signs[0]!.id, strength: 1, why: 'because it is so' }] }],
      }),
      /between 0 and 1/,
    ],
    ['a remedy with no honest sentence', (t) => ({ ...t, remedies: [{ ...t.remedies[0]!, honest: '' }] }), /honest/],
    [
      'a sign that cannot be said',
      (t) => ({ ...t, signs: t.signs.map((sign, index) => (index === 0 ? { ...sign, says: [] } : sign)) }),
      /cannot be said/,
    ],
    [
      'a strength beyond the cap',
      (t) => ({
        ...t,
        remedies: t.remedies.map((r) =>
          r.recipe ? { ...r, recipe: { ...r.recipe, cap: r.recipe.kind === 'one-to-n' ? 1000 : 0.01 } } : r,
        ),
      }),
      /beyond its own cap/,
    ],
    [
      'an amount written bare',
      (t) => ({ ...t, conditions: [{ ...t.conditions[0]!, plain: 'Mulch it 5 cm deep.' }, ...t.conditions.slice(1)] }),
      /"5 cm" bare/,
    ],
    [
      'braces that hold no amount',
      (t) => ({ ...t, conditions: [{ ...t.conditions[0]!, plain: 'Mulch it {5 hands} deep.' }] }),
      /5 hands/,
    ],
    [
      'a link that tells look-alikes apart and does not say why it is so strong',
      (t) => ({
        ...t,
        causes: t.causes.map((row) => ({
          ...row,
          signs: row.signs.map(({ sign, strength, why }) => ({ sign, strength, why })),
        })),
      }),
      /"clubroot" → "swollen-fingers" tells look-alikes apart/,
    ],
    [
      'an opposite that nobody knows',
      (t) => ({ ...t, conditions: [{ ...t.conditions[0]!, opposite: 'upside-down' }, ...t.conditions.slice(1)] }),
      /upside-down/,
    ],
    [
      'a sign of soil tests that is gone',
      (t) => ({ ...t, signs: t.signs.filter(({ id }) => id !== 'ph-high') }),
      /a soil test refers to signs "ph-high"/,
    ],
    [
      'a caution that stands twice',
      (t) => ({
        ...t,
        remedies: t.remedies.map((row) => ({ ...row, cautions: [...row.cautions, ...row.cautions] })),
      }),
      /caution's id twice/,
    ],
    [
      'a retired id that is used again',
      (t) => ({ ...t, retired: [{ table: 'causes', id: t.causes[0]!.id, now: null, name: 'Once' }] }),
      /may not be used again/,
    ],
    [
      'a retired id with a successor that nobody knows',
      (t) => ({ ...t, retired: [{ table: 'causes', id: 'once', now: 'unheard-of', name: 'Once' }] }),
      /became "unheard-of"/,
    ],
  ])('the check finds %s', (_, spoil, message) => {
    expect(integrityProblems(spoil(knowledge)).join('\n')).toMatch(message);
  });

  test('what lives in the soil is poured only where the judge has nothing against its warmth', () => {
    const rows = knowledge.temperatures.filter(({ of }) => of === 'nematode-pack' || of === 'cool-nematodes');
    const least = Math.min(...rows.flatMap(({ least: one }) => one ?? []));
    const most = Math.min(...rows.flatMap(({ most: one }) => one ?? []));
    const poured = knowledge.remedies.filter(({ classes }) => classes.includes('moist-living'));
    expect(poured.length).toBeGreaterThan(3);
    for (const { id, steps } of poured)
      for (const { applies, window } of steps.filter((step) => step.applies)) {
        expect([id, applies, window.soil !== undefined]).toEqual([id, true, true]);
        expect(window.soil?.[0]).toBeGreaterThanOrEqual(least);
        expect(window.soil?.[1]).toBeLessThanOrEqual(most);
      }
  });
});
