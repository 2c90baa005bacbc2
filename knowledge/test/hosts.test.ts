import { rowById, type CauseRow, type PlantRow, type Region } from '@trowel/core/tables';
import { chooseRemedies } from '@trowel/core/choose';
import { weigh } from '@trowel/core/weigh';
import { knowledge } from '../src';

/** The signs of a cause, the most telling first. */
const telling = ({ signs }: CauseRow) =>
  signs
    .map(({ sign, strength }) => ({
      sign,
      tells: strength * Math.log(strength / rowById(knowledge.signs, sign, 'signs').background),
    }))
    .sort((a, b) => b.tells - a.tells)
    .map(({ sign }) => sign);

const hostsOf = ({ hosts = [] }: CauseRow): PlantRow[] =>
  knowledge.plants.filter(({ id, groups }) => hosts.includes(id) || groups.some((group) => hosts.includes(group)));

const read = (signs: readonly string[], more: { plant?: string; region?: Region } = {}) =>
  weigh(
    knowledge,
    { setting: 'bed', evidence: signs.map((sign) => ({ sign, state: 'seen' as const })), ...more },
    { withChecks: false, withReasons: false },
  );

/** Whose two most telling signs say as well another cause of the same plant, which is commoner there. */
const commoner: Readonly<Record<string, string>> = { 'cherry-fruit-fly': 'spotted-wing-fly' };

describe('hosts', () => {
  test('on each of its plants a cause leads by its two most telling signs', () => {
    const wrong = knowledge.causes.flatMap((cause) =>
      hostsOf(cause).flatMap(({ id }) => {
        const [first] = read(telling(cause).slice(0, 2), { plant: id }).causes;
        return first?.id === cause.id || first?.id === commoner[cause.id]
          ? []
          : [`${cause.id} on ${id}: ${first?.id ?? 'nothing'} ${first?.probability.toFixed(2) ?? ''}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  test('by one sign alone it leads too, or shares it with a rival that is named among the first three', () => {
    const wrong = knowledge.causes.flatMap((cause) =>
      hostsOf(cause).flatMap(({ id }) => {
        const found = read(telling(cause).slice(0, 1), { plant: id }).causes;
        return found.slice(0, 3).some((one) => one.id === cause.id) ? [] : [`${cause.id} on ${id}`];
      }),
    );
    expect(wrong).toEqual([]);
  });
});

test('what is to be given up or reported can be, on every plant on which the action says so', () => {
  const kinds = { remove: ['lift'], report: ['report'] } as const;
  const missing = knowledge.causes.flatMap((cause) =>
    (cause.hosts ? hostsOf(cause) : knowledge.plants).flatMap(({ id, groups }) => {
      const names = [id, ...groups];
      const act = names.map((name) => cause.actOn?.[name]).find(Boolean) ?? cause.act;
      if (act !== 'remove' && act !== 'report') return [];
      const isOn = ({ notFor = [], onlyFor }: { notFor?: readonly string[]; onlyFor?: readonly string[] }) =>
        !names.some((name) => notFor.includes(name)) && (!onlyFor || names.some((name) => onlyFor.includes(name)));
      const isThere = knowledge.remedies.some(
        (row) =>
          isOn(row) &&
          (row.classes.includes(kinds[act][0]) || (act === 'remove' && row.takes === 'plant')) &&
          row.targets.some((target) => target.of === cause.id && !target.isBefore && isOn(target)),
      );
      return isThere ? [] : [`${act} ${cause.id} on ${id}`];
    }),
  );
  expect(missing).toEqual([]);
});

describe('parts of the world', () => {
  const suggests = (signs: readonly string[], plant: string, region: Region) => {
    const weighing = read(signs, { plant, region });
    const choice = chooseRemedies(knowledge, weighing, {
      plant,
      setting: 'bed',
      season: { month: 7, latitude: 45 },
    });
    return {
      action: weighing.action.class,
      suggested: choice.ranked.filter((one) => one.suggested).map(({ id }) => id),
    };
  };

  test('what is at home is met, what is new is reported: Colorado beetle', () => {
    const signs = ['striped-beetles', 'orange-eggs'];
    expect(suggests(signs, 'potato', 'europe')).toMatchObject({ action: 'report' });
    expect(suggests(signs, 'potato', 'europe').suggested).toContain('report-it');
    expect(suggests(signs, 'potato', 'north-america')).toEqual({ action: 'treat-now', suggested: ['squash-by-hand'] });
  });

  test('box tree moth: treated in Europe, reported in North America', () => {
    const signs = ['caterpillars', 'web-nest', 'green-frass'];
    expect(suggests(signs, 'box', 'europe')).toMatchObject({ action: 'treat-now', suggested: ['bt-spray'] });
    expect(suggests(signs, 'box', 'north-america').action).toBe('report');
  });

  test('what does not live there is hardly thought of', () => {
    const chance = (region: Region) =>
      read(['molehills'], { region }).causes.find(({ id }) => id === 'moles')?.probability ?? 0;
    expect(chance('europe')).toBeGreaterThan(0.5);
    expect(chance('australasia')).toBeLessThan(0.1);
  });

  test.each([
    ['lanternfly', ['spotted-planthoppers', 'honeydew'], 'grape', 'report'],
    ['xylella', ['banded-scorch', 'branch-dieback'], 'tree', 'report'],
    ['citrus-greening', ['lopsided-mottle', 'branch-dieback'], 'citrus', 'report'],
    ['psyllids', ['rolled-thick-edges'], 'laurel', 'watch'],
    ['camellia-petal-blight', ['brown-petals'], 'rhododendron', 'treat-now'],
    ['woody-phytophthora', ['stained-bark-foot', 'branch-dieback'], 'rhododendron', 'ask-expert'],
  ] as const)('%s is read and met', (cause, signs, plant, action) => {
    const weighing = read(signs, { plant });
    expect(weighing.causes[0]?.id).toBe(cause);
    expect(weighing.action.class).toBe(action);
    const choice = chooseRemedies(knowledge, weighing, { plant, setting: 'bed', season: { month: 5, latitude: 45 } });
    expect(choice.ranked.some(({ suggested, helps }) => suggested && helps.some(({ of }) => of === cause))).toBe(true);
  });
});
