import { chooseRemedies } from '@trowel/core/choose';
import { weigh, type Situation } from '@trowel/core/weigh';
import { knowledge } from '@trowel/knowledge';

/** Every cause by its own strongest signs, on a plant that it lives on. */
const situations = knowledge.causes.map((cause): readonly [string, Situation] => {
  const host = knowledge.plants.find(({ id, groups }) =>
    cause.hosts?.some((name) => name === id || (groups as readonly string[]).includes(name)),
  );
  const evidence = [...cause.signs]
    .sort((a, b) => b.strength - a.strength)
    .slice(0, 3)
    .map(({ sign }) => ({ sign, state: 'seen' as const }));
  return [cause.id, { evidence, latitude: 52, month: 7, ...(host === undefined ? {} : { plant: host.id }) }];
});

describe('what a choice rests on', () => {
  const answers = situations.map(([id, situation]) => {
    const weighing = weigh(knowledge, situation, { withChecks: false, withReasons: false });
    return { id, weighing, choice: chooseRemedies(knowledge, weighing, { season: { month: 7, latitude: 52 } }) };
  });

  test('no line rests on the background: what it is for is likely by itself, or half as likely as the likeliest', () => {
    for (const { id, weighing, choice } of answers) {
      const likeliest = Math.max(...[...weighing.causes, ...weighing.conditions].map(({ probability }) => probability));
      for (const { id: remedy, helps } of choice.ranked)
        expect([
          id,
          remedy,
          Math.max(...helps.map(({ chance }) => chance)) >= Math.max(0.15, Math.min(0.35, likeliest / 2)),
        ]).toEqual([id, remedy, true]);
    }
  });

  test('what cannot be taken back waits until it is likelier than not, and is said to', () => {
    const takes = new Map(knowledge.remedies.flatMap((row) => (row.takes ? [[row.id, row] as const] : [])));
    expect(new Set([...takes.values()].map((row) => row.takes))).toEqual(new Set(['plant', 'wood']));
    let waits = 0;
    for (const { id, choice } of answers) {
      for (const { id: remedy, row, helps, suggested } of choice.ranked) {
        if (!takes.has(remedy)) continue;
        // One of several that it would answer alike, or one by itself.
        const any = 1 - helps.reduce((none, { chance }) => none * (1 - chance), 1);
        const surest = Math.max(...helps.map(({ chance }) => chance));
        expect([id, Math.max(any, surest) >= (row.takes === 'plant' ? 0.5 : 0.35)]).toEqual([id, true]);
        if (suggested) expect([id, Math.max(any, surest) >= 0.5]).toEqual([id, true]);
      }
      waits += choice.leftOut.filter(({ reason }) => reason.kind === 'not-sure').length;
    }
    expect(waits).toBeGreaterThan(0);
  });

  test('where helpers are at work nothing is offered that kills them', () => {
    const harms = new Set(
      knowledge.remedies.filter(({ facts }) => facts.spares.helpers === 'harm').map(({ id }) => id),
    );
    const helped = answers.filter(({ weighing }) =>
      weighing.causes.some(({ row, probability }) => row.kind === 'helper' && probability >= 0.35),
    );
    expect(helped.length).toBeGreaterThan(5);
    for (const { id, choice } of helped)
      expect([id, choice.ranked.filter(({ id: remedy }) => harms.has(remedy)).map(({ id: remedy }) => remedy)]).toEqual(
        [id, []],
      );
  });
});
