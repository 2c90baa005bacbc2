import { answerPlan, answerWeigh } from '@trowel/core/headless';
import { judge, remedyAct, seasonOn } from '@trowel/core/judge';
import type { Season } from '@trowel/core/tables';
import { cautionLine } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';

const dated = knowledge.remedies.filter(({ months }) => months !== undefined);
const lineOf = (id: string, season: Season, isSheltered = false) => {
  const row = knowledge.remedies.find((remedy) => remedy.id === id);
  if (!row) throw new Error(`no remedy ${id}`);
  const found = judge(knowledge, remedyAct(knowledge, row, { season, isSheltered })).find(
    (one) => 'code' in one && one.code === 'out-of-season',
  );
  return found && cautionLine(knowledge, found, 'metric');
};

describe('the calendar', () => {
  test('every remedy that has months has some, and not all, each once', () => {
    expect(dated.length).toBeGreaterThan(8);
    const targets = knowledge.remedies.flatMap(({ id, targets: all }) =>
      all.flatMap(({ of, months }) => (months ? [{ id: `${id} against ${of}`, months }] : [])),
    );
    expect(targets.length).toBeGreaterThan(5);
    for (const { id, months = [] } of [...dated, ...targets]) {
      expect([id, months.length > 0 && months.length < 12]).toEqual([id, true]);
      expect([id, new Set(months).size]).toEqual([id, months.length]);
      expect([id, months.every((month) => month >= 1 && month <= 12)]).toEqual([id, true]);
    }
  });

  test('grub nematodes are for late summer and spring, on the other side of the world half a year off', () => {
    expect(lineOf('grub-nematodes', { month: 1, latitude: 52 })).toBe(
      'It is for April to May and August to October. Note it for then.',
    );
    expect(lineOf('grub-nematodes', { month: 9, latitude: 52 })).toBeUndefined();
    expect(lineOf('grub-nematodes', { month: 3, latitude: -37 })).toBeUndefined();
    expect(lineOf('grub-nematodes', { month: 7, latitude: -37 })).toMatch(
      /It is for February to April and October to November/,
    );
  });

  test('under glass, and in the tropics, the month says nothing', () => {
    expect(lineOf('grub-nematodes', { month: 1, latitude: 52 }, true)).toBeUndefined();
    expect(lineOf('grub-nematodes', { month: 1, latitude: 4 })).toBeUndefined();
    expect(seasonOn('2026-07-09', -37, null)).toEqual({ month: 7, latitude: -37 });
  });

  test('what is out of season is left out, with its months; in season it is offered', () => {
    const lawn = (month: number) =>
      answerWeigh(knowledge, {
        plant: 'lawn',
        setting: 'lawn',
        month,
        latitude: 52,
        said: 'white c-shaped grubs with six legs under the turf, the turf lifts like a carpet, crows tear the lawn up',
      });
    expect(lawn(9).remedies.map(({ id }) => id)).toContain('grub-nematodes');
    const january = lawn(1);
    expect(january.remedies.map(({ id }) => id)).not.toContain('grub-nematodes');
    expect(january.nextTime.find(({ id }) => id === 'grub-nematodes')).toMatchObject({
      for: 'chafer-grubs',
      when: 'From August',
      months: [8, 9, 10],
    });
  });

  test('against each thing it has its own months: copper is no help against fire blight in August', () => {
    const struck = (month: number) =>
      answerWeigh(knowledge, {
        plant: 'pear',
        month,
        latitude: 52,
        said: 'shoot tips black as if burnt and bent like a crook, dead leaves stay on, sunken cracked bark',
      });
    const copper = (month: number) => {
      const { remedies, nextTime } = struck(month);
      return [
        remedies.some(({ id }) => id === 'copper-spray'),
        nextTime.some(({ id, for: of }) => id === 'copper-spray' && of === 'fire-blight'),
      ];
    };
    expect(copper(4)[1]).toBe(false);
    expect(copper(8)[0]).toBe(false);
  });

  test('the plan waits for the month', () => {
    const plan = answerPlan(
      knowledge,
      {
        today: '2026-03-20',
        at: { latitude: 52, longitude: -3, timeZone: 'UTC' },
        days: 60,
        jobs: [{ id: 'grubs', place: 'lawn', remedy: 'grub-nematodes', chosenOn: '2026-03-20' }],
      },
      () => [],
    );
    const pour = plan.steps.find(({ step }) => step === 'pour');
    const unplaced = plan.unplaced.find(({ step }) => step === 'pour');
    // Either it stands in April or later, or it is said that this is not its season.
    expect(pour === undefined || pour.date >= '2026-04-01').toBe(true);
    expect(pour !== undefined || /season/.test(JSON.stringify(unplaced))).toBe(true);
  });
});
