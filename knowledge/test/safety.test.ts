import { rulesIn, type Scene, type Thing } from '@trowel/core/judge';
import { answerMix } from '@trowel/core/headless';
import type { SafetyRule } from '@trowel/core/tables';
import { knowledge } from '../src';
import { cautioned, passed, stopped } from './asked';

/** The least that brings a rule up. */
function sceneOf({ id, when }: SafetyRule): Scene {
  const things: Thing[] = (when.things ?? []).map((name) => ({ classes: [name] }));
  return {
    things: [
      ...things,
      ...(when.over ? [{ classes: [when.over.class], percent: when.over.percent + 0.5 }] : []),
      ...(when.dose ? [{ classes: [when.dose.class], dose: when.dose.percent + 0.5 }] : []),
    ],
    facts: [...(when.facts ?? [])],
    before: when.before
      ? [{ classes: [when.before.class], where: when.before.where, daysAgo: when.before.days - 1 }]
      : [],
    ...(when.harvestWithin === undefined ? {} : { daysToHarvest: when.harvestWithin - 1 }),
    ...(when.asked ? { asked: [id] } : {}),
  };
}

/** The same scene with one thing less, in every way that can be. */
function* lessThan(rule: SafetyRule): Generator<Scene> {
  const scene = sceneOf(rule);
  for (let at = 0; at < scene.things.length; at += 1)
    yield { ...scene, things: scene.things.filter((_, index) => index !== at) };
  for (const fact of scene.facts ?? [])
    yield { ...scene, facts: (scene.facts ?? []).filter((other) => other !== fact) };
  const { over, dose, before, harvestWithin, asked } = rule.when;
  if (asked) yield { ...scene, asked: [] };
  if (over) yield { ...scene, things: [{ classes: [over.class], percent: over.percent }] };
  if (dose) yield { ...scene, things: [{ classes: [dose.class], dose: dose.percent }] };
  if (before) {
    yield { ...scene, before: [] };
    yield { ...scene, before: (scene.before ?? []).map((item) => ({ ...item, daysAgo: before.days })) };
  }
  if (harvestWithin !== undefined) yield { ...scene, daysToHarvest: harvestWithin };
}

const speaks = (rule: SafetyRule, scene: Scene) => rulesIn(knowledge, scene).some(({ id }) => id === rule.id);

describe('safety rules', () => {
  test('there are more than sixty, with stops, cautions and notes', () => {
    expect(knowledge.safetyRules.length).toBeGreaterThan(60);
    expect(new Set(knowledge.safetyRules.map(({ level }) => level))).toEqual(new Set(['stop', 'caution', 'note']));
  });

  test.each(knowledge.safetyRules.map((rule) => [rule.id, rule] as const))(
    '%s speaks when all of it holds, is silent when anything is missing, and says what to do instead',
    (_, rule) => {
      expect(speaks(rule, sceneOf(rule))).toBe(true);
      const lesser = [...lessThan(rule)];
      expect(lesser.length).toBeGreaterThan(0);
      for (const scene of lesser) expect(speaks(rule, scene)).toBe(false);
      expect(rule.instead.length).toBeGreaterThan(8);
    },
  );

  test('the gravest rule comes first', () => {
    const found = rulesIn(knowledge, {
      things: [{ classes: ['soap', 'spray', 'ferment'] }],
      facts: ['very-hot', 'hot'],
    });
    expect(found.map(({ level }) => level)).toEqual(['stop', 'caution', 'note']);
  });

  test('every fact but the measured ones can be said in words', () => {
    const silent = knowledge.sceneFacts.filter(({ words }) => words.length === 0);
    expect(silent.map(({ id }) => id)).toEqual(['very-hot', 'on-tools']);
  });
});

describe('asking in plain words before pouring', () => {
  const ask = (line: string) => answerMix(knowledge, { ask: line });
  test.each([
    ['may I mix bleach and vinegar to clean the pots', 'bleach-acid'],
    ['bleach with household ammonia for the tools', 'bleach-ammonia'],
    ['peroxide and white vinegar in one sprayer', 'acid-peroxide'],
    ['bleach and rubbing alcohol', 'bleach-alcohol'],
    ['lime sulphur with lemon juice', 'sulphide-acid'],
    ['20% vinegar on weeds', 'acid-10'],
    ['spray 35 % hydrogen peroxide on the leaves', 'peroxide-12'],
    ['kill the weeds with salt', 'salt-weedkiller'],
    ['a splash of diesel on the nettles', 'fuel'],
    ['tobacco tea against aphids', 'nicotine'],
    ['rhubarb leaves boiled as a spray', 'rhubarb-leaves'],
    ['Bti in our drinking water', 'drinking-water'],
    ['borax in a saucer for the ants', 'open-bait'],
    ['borax syrup and I am pregnant', 'borate-pregnant'],
    ['honey with boric acid for ants', 'honey-borate'],
    ['boric acid sprayed on the beans', 'borate-spray'],
    ['keep the weed brew in a sealed jar', 'sealed-ferment'],
    ['egg shells and vinegar, lid on tight', 'sealed-shells'],
    ['store the soap mix in a lemonade bottle', 'drink-bottle'],
    ['soap the ladybird larva', 'helper'],
    ['spray soap at 34 °C', 'soap-heat'],
    ['oil spray at 95 degrees F', 'oil-heat'],
    ['neem oil on wilted seedlings', 'tender-oil'],
    ['soap on my maidenhair fern', 'tender-soap'],
    ['pyrethrin while it is in flower', 'bloom-insecticide'],
    ['pyrethrum beside the pond', 'pond-insecticide'],
    ['weed brew on the lettuce', 'raw-ferment'],
    ['microbe brew 60 days before harvest', 'starch-brew-harvest'],
    ['chicken manure 30 days before picking', 'manure-harvest'],
    ['pour the leftover soap down the drain', 'drain'],
    ['pool grade diatomaceous earth', 'dust-grade'],
    ['diatomaceous earth on a windy day', 'dust-wind'],
    ['epsom salts for blossom end rot', 'magnesium-rot'],
    ['put the late blight leaves on the compost heap', 'blight-compost'],
    ['pyrethrin and spinosad together', 'knockdowns'],
    ['potassium silicate with neem extract', 'silicate-active'],
    ['bleach on the leaves with mildew', 'bleach-on-leaves'],
    ['moth balls against moles', 'moth-balls'],
    ['something that is banned here', 'forbidden'],
    ['give away plants where there are jumping worms', 'worm-moves'],
    ['soap 1 % with 35 % peroxide', 'peroxide-12'],
    ['peroxide 3 % on the tools, then vinegar of 20 percent', 'acid-10'],
    ['pyrethrin, there are bees about', 'bloom-insecticide'],
  ])('“%s” is stopped', (line, rule) => {
    const answer = ask(line);
    expect(answer).toMatchObject({ kind: 'refused' });
    expect(answer.kind === 'refused' && answer.because.map((because) => because.rule)).toContain(rule);
  });

  test.each([
    ['soap near the pond', 'pond-soap'],
    ['wash the leaves with washing-up liquid', 'detergent'],
    ['peroxide 9 % on tools', 'peroxide-6'],
    ['soap in full sun', 'spray-sun'],
    ['chilli spray', 'pepper-eyes'],
    ['peppermint oil, we have a cat', 'oils-and-cats'],
    ['ash on manure', 'manure-lime'],
    ['neem leaf tea, I am pregnant', 'neem-pregnant'],
    ['pick the hairy caterpillars', 'hairy-caterpillar'],
    ['water the salad from the water butt', 'roof-water'],
  ])('“%s” is cautioned', (line, rule) => {
    const answer = ask(line);
    expect(answer).toMatchObject({ kind: 'checked' });
    expect(answer.kind === 'checked' && answer.cautions.map((caution) => caution.rule)).toContain(rule);
  });

  test.each([
    'milk and water on squash leaves',
    'worm castings in a seed mix',
    'water the beans in the evening',
    'soap on the roses as well as on the currants',
    'mustard water to count earthworms',
  ])('“%s” passes without a stop', (line) => expect(ask(line).kind).toBe('checked'));

  test.each(stopped)('“%s” is stopped, and says what to do instead', (line) => {
    const answer = ask(line);
    expect(answer.kind).toBe('refused');
    const grave = answer.kind === 'refused' ? answer.because.filter(({ level }) => level === 'stop') : [];
    expect(grave.some(({ instead = '' }) => instead.length > 8)).toBe(true);
  });

  test.each(cautioned)('“%s” is let through with a caution', (line) => {
    const answer = ask(line);
    expect(answer.kind).toBe('checked');
    expect(answer.kind === 'checked' && answer.cautions.map(({ level }) => level)).toContain('caution');
  });

  test.each(passed)('“%s” is not stopped', (line) => expect(ask(line).kind).toBe('checked'));

  test('a substance nobody here knows is named, and what it is in is not called safe', () => {
    for (const [line, word] of [
      ['zirconium phosphate on roses', 'zirconium'],
      ['soap with flubberwax on the beans', 'flubberwax'],
    ] as const)
      expect(ask(line)).toMatchObject({
        kind: 'checked',
        notUnderstood: expect.arrayContaining([word]),
        says: expect.stringMatching(/cannot be called safe/),
      });
  });

  test('amounts are held against the limit of their recipe, in any words', () => {
    for (const line of [
      '60 ml of soap per litre on roses',
      'a cup of soap in 2 litres',
      '1 part soap to 8 parts water',
    ])
      expect(ask(line)).toMatchObject({ kind: 'refused', says: expect.stringMatching(/over the limit of [23] %/) });
    for (const line of ['10 ml of soap per litre on roses', 'two teaspoons of soap in a litre of rain water'])
      expect(ask(line).kind).toBe('checked');
  });

  test('what went on first is told from what goes on now', () => {
    const rulesOf = (line: string) => {
      const answer = ask(line);
      return answer.kind === 'refused' ? answer.because.map(({ rule }) => rule) : [];
    };
    expect(rulesOf('sulphur one week after oil')).toContain('plant-oil-sulphur');
    expect(rulesOf('oil one week after sulphur')).toContain('plant-sulphur-oil');
    expect(ask('oil six weeks after sulphur').kind).toBe('checked');
    expect(rulesOf('nematodes in a sprayer that held soap')).toContain('sprayer-soap-living');
  });

  test('what was read is said, and what was not is not called safe', () => {
    expect(ask('bleach with vinegar 8 %')).toMatchObject({
      understood: expect.arrayContaining(['Bleach', 'Vinegar', '8 % on the label']),
    });
    expect(ask('plutonium in the sprayer')).toMatchObject({
      kind: 'checked',
      notUnderstood: ['plutonium'],
      says: expect.stringMatching(/cannot be called safe/),
    });
  });

  test('a strength on the label is read where things are listed', () => {
    expect(answerMix(knowledge, { together: ['vinegar 20 %'] }).kind).toBe('refused');
    expect(answerMix(knowledge, { together: ['vinegar 5 %'] }).kind).toBe('checked');
    expect(answerMix(knowledge, { together: ['soap'], facts: ['near-pond'] })).toMatchObject({
      cautions: [{ rule: 'pond-soap' }],
    });
  });

  test('a bottle too strong, and a plain dilution beside bleach, are refused like any other', () => {
    const volume = { amount: 1, unit: 'L' };
    expect(answerMix(knowledge, { remedy: 'peroxide-spray', volume, bottlePercent: 35 })).toMatchObject({
      kind: 'refused',
      says: expect.stringMatching(/above 12 %/),
    });
    expect(answerMix(knowledge, { remedy: 'peroxide-spray', volume, bottlePercent: 9 })).toMatchObject({ kind: 'mix' });
    expect(answerMix(knowledge, { oneTo: 9, volume, together: ['bleach', 'vinegar'] }).kind).toBe('refused');
  });

  test('a mix is judged with all that is known of the job', () => {
    const soap = { remedy: 'soap-spray', volume: { amount: 1, unit: 'L' } };
    expect(answerMix(knowledge, { ...soap, facts: ['very-hot'] })).toMatchObject({
      kind: 'refused',
      says: expect.stringMatching(/above 32/),
    });
    expect(answerMix(knowledge, { ...soap, facts: ['near-pond'] })).toMatchObject({ kind: 'mix' });
    expect(
      answerMix(knowledge, { remedy: 'ant-bait', volume: { amount: 100, unit: 'mL' }, facts: ['pregnant'] }).kind,
    ).toBe('refused');
  });
});
