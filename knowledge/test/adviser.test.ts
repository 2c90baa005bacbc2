import { chooseRemedies, isAvoided } from '@trowel/core/choose';
import { answerWeigh } from '@trowel/core/headless';
import { judge, remedyAct } from '@trowel/core/judge';
import {
  isTimeFor,
  rowById,
  settings,
  type ActionClass,
  type CauseRow,
  type Season,
  type Setting,
} from '@trowel/core/tables';
import { weigh } from '@trowel/core/weigh';
import fc from 'fast-check';
import { knowledge } from '../src';

interface Called {
  readonly cause: CauseRow;
  readonly plant?: string;
  readonly setting: Setting;
  readonly season: Season;
  /** How many of its own signs, the most telling first. */
  readonly signs: number;
}

/** A cause called up by its own signs, somewhere and sometime. */
function call({ cause, plant, setting, season, signs }: Called) {
  const telling = cause.signs
    .map(({ sign, strength }) => ({
      sign,
      tells: strength * Math.log(strength / rowById(knowledge.signs, sign, 'signs').background),
    }))
    .sort((a, b) => b.tells - a.tells)
    .slice(0, signs);
  const at = { setting, ...season, ...(plant === undefined ? {} : { plant }) };
  const weighing = weigh(
    knowledge,
    { ...at, evidence: telling.map(({ sign }) => ({ sign, state: 'seen' as const })) },
    { withChecks: false, withReasons: false },
  );
  const choice = chooseRemedies(knowledge, weighing, {
    setting,
    season,
    ...(plant === undefined ? {} : { plant }),
  });
  return { weighing, choice };
}

const anyCall: fc.Arbitrary<Called> = fc.record(
  {
    cause: fc.constantFrom(...knowledge.causes),
    plant: fc.constantFrom(...knowledge.plants.map(({ id }) => id)),
    setting: fc.constantFrom(...settings),
    season: fc.record({ month: fc.constantFrom(1, 4, 7, 10), latitude: fc.constantFrom(52, -37) }),
    signs: fc.integer({ min: 1, max: 4 }),
  },
  { requiredKeys: ['cause', 'setting', 'season', 'signs'] },
);
const runs = { numRuns: 400, seed: 20261126 };

describe('every answer, over causes, months, hemispheres, settings and odd hosts', () => {
  test('offers nothing that a likely cause or condition speaks against, or that what was seen makes useless', () => {
    fc.assert(
      fc.property(anyCall, (called) => {
        const { weighing, choice } = call(called);
        const notes = [...weighing.causes, ...weighing.conditions]
          .filter(({ probability }) => probability >= 0.35)
          .flatMap(({ row }) => row.avoid);
        for (const { row } of choice.ranked) {
          expect(notes.filter((note) => isAvoided(note, row))).toEqual([]);
          expect(row.notWith?.some(({ sign }) => weighing.seen.includes(sign)) ?? false).toBe(false);
        }
      }),
      runs,
    );
  });

  test('offers nothing that the judge stops, in the wrong month or the wrong kind of place', () => {
    fc.assert(
      fc.property(anyCall, (called) => {
        const { plant, setting, season } = called;
        const isSheltered = setting === 'indoors' || setting === 'greenhouse';
        for (const { row, strength, helps } of call(called).choice.ranked) {
          const found = judge(
            knowledge,
            remedyAct(knowledge, row, {
              ...(plant === undefined ? {} : { plants: [plant] }),
              ...(strength === undefined ? {} : { strength }),
              season,
              isSheltered,
            }),
          );
          expect(found.filter(({ level }) => level === 'stop')).toEqual([]);
          expect(row.settings === undefined || row.settings.includes(setting)).toBe(true);
          // Waiting answers whatever is likeliest, in any month.
          if (isSheltered || row.rung === 'leave') continue;
          for (const { of } of helps) {
            const targets = row.targets.filter((target) => target.of === of);
            expect(
              targets.length === 0 ||
                targets.some(
                  ({ months, isBefore }) => !isBefore && isTimeFor(months, season) && isTimeFor(row.months, season),
                ),
            ).toBe(true);
          }
        }
      }),
      runs,
    );
  });

  test('suggests what the action says: leaving only to leave, watching with one mild thing at most', () => {
    fc.assert(
      fc.property(anyCall, (called) => {
        const { weighing, choice } = call(called);
        const suggested = choice.ranked.filter((remedy) => remedy.suggested);
        const acts = suggested.filter(({ row }) => row.rung !== 'leave');
        if (weighing.action.class === 'leave') expect(acts).toEqual([]);
        if (weighing.action.class === 'watch') {
          expect(acts.length).toBeLessThanOrEqual(1);
          for (const { row } of acts) expect(['care', 'hand', 'helpers']).toContain(row.rung);
          for (const { row } of acts) expect(row.takes).toBeUndefined();
        }
        // Asking, reporting and giving up stand among what is suggested wherever the action says so.
        const backs = { 'ask-expert': ['ask'], report: ['report'], remove: ['lift'] } as const;
        if (weighing.action.class in backs) {
          const [name] = backs[weighing.action.class as keyof typeof backs];
          expect([
            weighing.action.class,
            suggested.some(({ row }) => row.classes.includes(name) || (name === 'lift' && row.takes === 'plant')),
          ]).toEqual([weighing.action.class, true]);
        }
        // A plant is given up only where the action says so, or it is to be treated and nothing gentler answers.
        if (suggested.some(({ row }) => row.takes === 'plant'))
          expect(['remove', 'treat-now']).toContain(weighing.action.class);
        if (suggested.some(({ row }) => row.takes === 'plant') && weighing.action.class !== 'remove')
          expect(
            choice.ranked.some(
              ({ row, helps }) =>
                row.takes === undefined &&
                row.rung !== 'leave' &&
                helps[0]?.fits !== undefined &&
                helps[0].fits >= 0.3 &&
                suggested[0]?.helps[0]?.of === helps[0].of,
            ),
          ).toBe(false);
      }),
      runs,
    );
  });

  test('what is for another time is not offered for the same thing now, and names the month that comes next', () => {
    let dated = 0;
    fc.assert(
      fc.property(anyCall, (called) => {
        const { choice } = call(called);
        for (const { row, of, from, chance } of choice.nextTime) {
          expect(chance).toBeGreaterThanOrEqual(0.4);
          expect(choice.ranked.find(({ id }) => id === row.id)?.helps.some((help) => help.of === of) ?? false).toBe(
            false,
          );
          if (from === undefined) continue;
          dated += 1;
          const target = row.targets.find((one) => one.of === of);
          expect(isTimeFor(target?.months ?? row.months, { ...called.season, month: from })).toBe(true);
        }
      }),
      runs,
    );
    expect(dated).toBeGreaterThan(8);
  });

  test('only one remedy is called the mildest, and it gives nothing up', () => {
    fc.assert(
      fc.property(anyCall, (called) => {
        const mildest = call(called).choice.ranked.filter(({ standing }) =>
          standing.some(({ kind }) => kind === 'mildest'),
        );
        expect(mildest.length).toBeLessThanOrEqual(1);
        for (const { row } of mildest) expect(row.takes).toBeUndefined();
      }),
      runs,
    );
  });
});

interface Case {
  readonly of: string;
  readonly tells: Parameters<typeof answerWeigh>[1] & object;
  readonly action?: readonly ActionClass[];
  readonly suggests?: readonly string[];
  readonly neverOffers?: readonly string[];
  readonly nextTime?: readonly string[];
}
const seen = (...signs: string[]) => signs.map((sign) => ({ sign, state: 'seen' as const }));
const north = { latitude: 52 };

/** What a clinic would say, each looked up by itself. */
const cases: readonly Case[] = [
  {
    of: 'leafhoppers on a rose: leaving is as good',
    tells: { plant: 'rose', setting: 'bed', month: 7, ...north, signs: seen('hoppers', 'stipple') },
    action: ['watch', 'leave'],
    neverOffers: ['pyrethrin'],
  },
  {
    of: 'leafhoppers on beans: hopperburn costs the crop, soap before any broad killer',
    tells: {
      plant: 'runner-bean',
      setting: 'bed',
      month: 7,
      ...north,
      signs: seen('hoppers', 'cupped-uneven', 'edge-burn-new'),
    },
    action: ['treat-now'],
    suggests: ['soap-spray'],
  },
  {
    of: 'root aphids in a bed: nursed, not repotted',
    tells: { plant: 'lettuce', setting: 'bed', month: 7, ...north, signs: seen('root-lice', 'noon-wilt') },
    suggests: ['nurse-roots'],
    neverOffers: ['repot'],
    nextTime: ['rotate'],
  },
  {
    of: 'peach leaf curl in May: curled leaves off, the roof is for midwinter',
    tells: { plant: 'peach', setting: 'bed', month: 5, ...north, signs: seen('red-pucker') },
    suggests: ['pick-leaves'],
    neverOffers: ['copper-spray', 'net-cover', 'remove-plant'],
    nextTime: ['rain-roof', 'copper-spray'],
  },
  {
    of: 'leatherjackets in April: a sheet overnight; nematodes in autumn',
    tells: { plant: 'lawn', setting: 'lawn', month: 4, ...north, signs: seen('leatherjackets', 'lawn-pecked') },
    suggests: ['sheet-overnight'],
    neverOffers: ['grub-nematodes'],
    nextTime: ['grub-nematodes'],
  },
  {
    of: 'codling moth in August: bored fruit off, bands; bags are for June',
    tells: { plant: 'apple', setting: 'tree', month: 8, ...north, signs: seen('eye-hole') },
    suggests: ['clear-away'],
    neverOffers: ['bag-fruit', 'net-cover'],
    nextTime: ['bag-fruit'],
  },
  {
    of: 'carrot fly with grubs inside: lift; the net is for next time',
    tells: { plant: 'carrot', setting: 'bed', month: 9, ...north, signs: seen('root-tunnels', 'root-maggots') },
    suggests: ['lift-now'],
    neverOffers: ['net-cover'],
    nextTime: ['net-cover'],
  },
  {
    of: 'wireworms in potatoes: lift',
    tells: { plant: 'potato', setting: 'bed', month: 9, ...north, signs: seen('tuber-holes', 'wireworms') },
    suggests: ['lift-now'],
  },
  {
    of: 'cabbage root fly: earth up and water, collars next time',
    tells: { plant: 'cabbage', setting: 'bed', month: 6, ...north, signs: seen('root-maggots', 'noon-wilt') },
    suggests: ['nurse-roots'],
    nextTime: ['collars', 'net-cover'],
  },
  {
    of: 'slugworm: hosed off',
    tells: { plant: 'pear', setting: 'tree', month: 7, ...north, signs: seen('slug-like-larvae', 'windows') },
    suggests: ['water-jet'],
  },
  {
    of: 'late blight on potatoes: tops off, wait, then lift',
    tells: { plant: 'potato', setting: 'bed', month: 8, ...north, signs: seen('greasy-patches', 'white-edge-below') },
    action: ['remove'],
    suggests: ['cut-haulms'],
    neverOffers: ['remove-plant'],
  },
  {
    of: 'downy mildew: leaves off, never the oak felled',
    tells: { plant: 'lettuce', setting: 'bed', month: 6, ...north, signs: seen('angular-patches', 'fuzz-below') },
    neverOffers: ['remove-plant', 'milk-spray'],
  },
  {
    of: 'a wilt in the pipes: out with it',
    tells: { plant: 'tomato', setting: 'bed', month: 8, ...north, signs: seen('brown-ring-in-stem', 'one-side-wilt') },
    action: ['remove'],
    suggests: ['remove-plant'],
  },
  {
    of: 'silver leaf in winter: no cut now',
    tells: { plant: 'plum', setting: 'tree', month: 1, ...north, signs: seen('silver-sheen', 'branch-dieback') },
    action: ['watch', 'leave'],
    neverOffers: ['prune-out'],
    nextTime: ['prune-out'],
  },
  {
    of: 'fire blight: cut out and report together',
    tells: { plant: 'pear', setting: 'tree', month: 6, ...north, signs: seen('shepherds-crook', 'canker') },
    action: ['report'],
    suggests: ['report-it', 'prune-out'],
  },
  {
    of: 'a pale lawn in October: no nitrogen',
    tells: { plant: 'lawn', setting: 'lawn', month: 10, ...north, signs: seen('lawn-pale', 'weed-clover') },
    neverOffers: ['lawn-feed', 'dilute-feed', 'slow-granules'],
    nextTime: ['lawn-feed'],
  },
  {
    of: 'a trodden lawn: hollow tines, no fork and no card',
    tells: { plant: 'lawn', setting: 'lawn', month: 4, ...north, signs: seen('probe-stops', 'puddles') },
    suggests: ['hollow-tines'],
    neverOffers: ['loosen-and-cover'],
  },
  {
    of: 'a lamp held close: further off',
    tells: { setting: 'indoors', month: 2, ...north, signs: seen('lamp-close', 'bleached-top') },
    suggests: ['move-lamp'],
  },
  {
    of: 'softened water, told: it settles itself',
    tells: { setting: 'indoors', month: 2, ...north, signs: seen('softened-water') },
    suggests: ['rain-water-mulch'],
  },
  {
    of: 'doubtful hay: set aside, and the bean test',
    tells: { plant: 'tomato', setting: 'bed', month: 6, ...north, signs: seen('hay-manure', 'strap-leaves') },
    neverOffers: ['compost-mulch'],
  },
  {
    of: 'raw granules: scraped off',
    tells: { setting: 'pot', month: 6, ...north, signs: seen('raw-granules') },
    suggests: ['set-aside'],
  },
  {
    of: 'a windy place: windbreak and ties',
    tells: { plant: 'runner-bean', setting: 'bed', month: 6, ...north, signs: seen('windy-place', 'wind-torn') },
    suggests: ['windbreak'],
  },
  {
    of: 'bolted: picked now',
    tells: { plant: 'lettuce', setting: 'bed', month: 7, ...north, signs: seen('bolting') },
    suggests: ['harvest-now'],
  },
  {
    of: 'phosphorus low by the laboratory: warmth, and phosphate as the sheet says',
    tells: { plant: 'tomato', setting: 'bed', month: 5, ...north, signs: seen('old-dark-purple', 'slow', 'lab-p-low') },
    suggests: ['phosphate-by-test'],
  },
  {
    of: 'iron short with free lime: sulphur is useless',
    tells: { plant: 'raspberry', setting: 'bed', month: 6, ...north, signs: seen('veins-green-new', 'fizz') },
    neverOffers: ['sulphur-soil', 'lime-soil', 'ash-soil'],
  },
  {
    of: 'root rot: let it dry, and no water because it wilts',
    tells: { setting: 'pot', month: 6, ...north, signs: seen('brown-soft-roots', 'wilt-in-wet') },
    suggests: ['let-dry'],
    neverOffers: ['even-watering', 'soak-from-below', 'dilute-feed'],
  },
  {
    of: 'ladybird young with aphids: nothing that washes or kills them',
    tells: { plant: 'rose', setting: 'bed', month: 6, ...north, signs: seen('ladybird-larvae', 'clusters') },
    action: ['watch', 'leave'],
    neverOffers: ['soap-spray', 'neem-seed', 'water-jet', 'pyrethrin', 'squash-by-hand'],
  },
  {
    of: 'autumn colour: it is left',
    tells: { plant: 'maple', setting: 'tree', month: 10, ...north, signs: seen('autumn-colour') },
    action: ['leave'],
  },
  {
    of: 'silver marbling: not sprayed, with sulphur neither',
    tells: { plant: 'courgette', setting: 'bed', month: 7, ...north, signs: seen('silver-vein-marks') },
    action: ['leave'],
    neverOffers: ['sulphur-spray', 'milk-spray', 'bicarbonate-spray'],
  },
  {
    of: 'no fruit under glass: pollinated by hand',
    tells: { plant: 'tomato', setting: 'greenhouse', month: 7, ...north, signs: seen('no-fruit-set') },
    suggests: ['hand-pollinate'],
  },
  {
    of: 'blackfly on broad beans: tips off',
    tells: { plant: 'broad-bean', setting: 'bed', month: 6, ...north, signs: seen('clusters', 'cast-skins') },
    suggests: ['pinch-tips'],
  },
  {
    of: 'wet leaves under glass: air',
    tells: { plant: 'tomato', setting: 'greenhouse', month: 9, ...north, signs: seen('grey-fur', 'still-humid') },
    suggests: ['ventilate'],
  },
];

describe('what a good adviser would say', () => {
  test.each(cases.map((one) => [one.of, one] as const))(
    '%s',
    (_, { tells, action, suggests = [], neverOffers = [], nextTime = [] }) => {
      const answer = answerWeigh(knowledge, tells);
      const offered = answer.remedies.map(({ id }) => id);
      const suggested = answer.remedies.filter((remedy) => remedy.suggested).map(({ id }) => id);
      if (action) expect(action).toContain(answer.action.class);
      expect(suggested).toEqual(expect.arrayContaining([...suggests]));
      expect(offered.filter((id) => neverOffers.includes(id))).toEqual([]);
      expect(answer.nextTime.map(({ id }) => id)).toEqual(expect.arrayContaining([...nextTime]));
    },
  );

  test.each(
    knowledge.conditions.flatMap((condition) =>
      condition.signs
        .filter(({ sign, strength }) => strength >= 0.95 && rowById(knowledge.signs, sign, 'signs').background <= 0.005)
        .map(({ sign }) => [sign, condition.id, condition.prior.bySetting] as const),
    ),
  )('%s, told, settles %s and says what to do about it', (sign, of, bySetting) => {
    const [setting] = [...settings].sort((a, b) => (bySetting?.[b] ?? 1) - (bySetting?.[a] ?? 1));
    const answer = answerWeigh(knowledge, { ...(setting ? { setting } : {}), month: 6, ...north, signs: seen(sign) });
    expect(answer.conditions.find(({ id }) => id === of)?.probability).toBeGreaterThan(0.6);
    const says = [...answer.remedies.map(({ id }) => id), ...answer.nextTime.map(({ id }) => id)];
    expect(says.length).toBeGreaterThan(0);
  });

  test('look-alikes of one family: what answers them all comes first, and the family is named', () => {
    const answer = answerWeigh(knowledge, {
      plant: 'cabbage',
      setting: 'bed',
      month: 7,
      ...north,
      signs: seen('ragged-holes', 'brown-caterpillars'),
    });
    expect(answer.rivals?.says).toMatch(/one of the caterpillars, and what answers them all comes first/);
    expect(answer.action.class).toBe('treat-now');
    const [first] = answer.remedies;
    expect(first?.standing.join()).toMatch(/whichever of the caterpillars it is/);
  });

  test('doing nothing is told for this cause and this month', () => {
    const says = (month: number, latitude: number) =>
      answerWeigh(knowledge, {
        plant: 'courgette',
        setting: 'bed',
        month,
        latitude,
        signs: seen('white-powder', 'white-marks'),
      }).leave;
    expect(says(7, 52)).toMatchObject({ asGood: false });
    expect(says(10, 52).courses[0]?.says).toMatch(/fall soon anyway/);
    expect(says(4, -37).courses[0]?.says).toMatch(/fall soon anyway/);
  });

  test('every cause has a course of its own or a kind whose sentence is true of it', () => {
    const own = new Set(knowledge.courses.map(({ id }) => id));
    const byKind = knowledge.causes.filter(({ id }) => !own.has(id));
    // Helpers and normal looks: "they go on helping", "nothing comes of it".
    expect(byKind.filter(({ kind }) => kind !== 'helper' && kind !== 'normal').map(({ id }) => id)).toEqual([]);
  });
});
