import { answered, dealPlant, nextCause, practisable } from '@trowel/core/practice';
import { knowledge } from '../src';

describe('practice', () => {
  test('every cause can be dealt: something is shown, the truth is among four options, no check lies', () => {
    const causes = practisable(knowledge);
    expect(causes.length).toBeGreaterThan(120);
    for (const [index, cause] of causes.entries()) {
      const deal = dealPlant(knowledge, { seed: 100 + index, cause: cause.id });
      expect(deal.shown.length).toBeGreaterThan(0);
      expect(deal.options).toHaveLength(4);
      expect(deal.options.map(({ id }) => id)).toContain(cause.id);
      expect(new Set(deal.options.map(({ id }) => id)).size).toBe(4);
      // A sign shown is one that the cause really shows.
      for (const { sign } of deal.shown) expect(cause.signs.some((link) => link.sign === sign)).toBe(true);
      // What a check finds never says "seen" of a sign the cause does not show.
      for (const { finds } of deal.checks)
        for (const { sign, state } of finds)
          if (state === 'seen') expect(cause.signs.some((link) => link.sign === sign)).toBe(true);
    }
  });

  test('what is dealt stands where it is met, on a plant that has what it shows on', () => {
    const odd = practisable(knowledge).flatMap(({ id, prior, hosts }) =>
      [1, 2, 3].flatMap((seed) => {
        const { plant, setting, shown } = dealPlant(knowledge, { seed, cause: id });
        const wheres = shown.map(({ sign }) => knowledge.signs.find((row) => row.id === sign)?.where ?? 'leaves');
        const isNotThere = wheres.some(
          (where) => ['bark', 'fruit', 'flower'].includes(where) && !plant.parts.includes(where),
        );
        // Those that live on few plants keep to them.
        const isElsewhere = hosts === undefined && (prior.bySetting?.[setting] ?? 1) < 0.5;
        return isElsewhere || (hosts === undefined && isNotThere) ? [`${id} on ${plant.id}, ${setting}`] : [];
      }),
    );
    expect(odd).toEqual([]);
  });

  test('the same seed deals the same plant', () => {
    expect(dealPlant(knowledge, { seed: 5 })).toEqual(dealPlant(knowledge, { seed: 5 }));
    expect(dealPlant(knowledge, { seed: 5 })).not.toEqual(dealPlant(knowledge, { seed: 6 }));
  });

  test('what was missed comes back the same day, what is known ever later', () => {
    const missed = answered(undefined, 'aphids', false, '2026-06-10');
    expect(missed).toMatchObject({ box: 0, dueOn: '2026-06-10', wrong: 1 });
    expect(nextCause([missed], ['aphids', 'thrips'], '2026-06-10', 1)).toBe('aphids');
    let card = missed;
    const due: string[] = [];
    for (let time = 0; time < 4; time += 1) {
      card = answered(card, 'aphids', true, card.dueOn);
      due.push(card.dueOn);
    }
    expect(due).toEqual(['2026-06-11', '2026-06-14', '2026-06-21', '2026-07-07']);
    expect(nextCause([card], ['aphids', 'thrips'], '2026-06-12', 1)).toBe('thrips');
  });
});
