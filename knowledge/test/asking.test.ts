import { answerOrder, answerMix } from '@trowel/core/headless';
import { readQuestion, type Asked } from '@trowel/core/judge';
import type { MixResponse } from '@trowel/core/contract';
import { measureSystems, type MeasureSystem } from '@trowel/core/quantities';
import { knowledge } from '@trowel/knowledge/reader';
import fc from 'fast-check';
import questions from './questions.json';

const read = (line: string, measures: MeasureSystem = 'metric'): Asked =>
  readQuestion(knowledge, line, { measures, today: '2026-06-10' });
const ask = (line: string, measures: MeasureSystem = 'metric'): MixResponse =>
  answerOrder(knowledge, { way: 'ask', ask: line, measures, today: '2026-06-10' });
const ingredientsIn = (line: string) =>
  read(line).understood.flatMap((one) => (one.kind === 'ingredient' ? [one.id] : []));
const factsIn = (line: string) => read(line).understood.flatMap((one) => (one.kind === 'fact' ? [one.fact] : []));
const worksIn = (line: string) => read(line).understood.flatMap((one) => (one.kind === 'work' ? [one.id] : []));
const levels = (answer: MixResponse) =>
  (answer.kind === 'refused' ? answer.because : answer.kind === 'checked' ? answer.cautions : []).map(
    ({ level }) => level,
  );

describe('what is named', () => {
  test.each([
    ['fleece over the carrots', ['cover']],
    ['sawdust between the rows', ['fresh-wood']],
    ['old carpet over the bed', ['carpet']],
    ['toothpaste on the wound', ['household-chemical']],
    ['aspirin in the water', ['medicine', 'water']],
    ['banana skins round the rose', ['scraps']],
    ['well-rotted horse manure on the bed', ['rotted-manure']],
    ['fresh horse manure on the bed', ['manure']],
    ['chook pellets', []],
    ['chicken pellets round the lemon', ['rotted-manure']],
    ['bath water on the beans', ['used-water']],
    ['jam jar', []],
    ['jam on a card', ['sugar']],
    ['nettle and dock brew, two weeks in the tub', ['weed-brew']],
    ['castor meal in the planting hole', ['castor-meal']],
    ['kraussei nematodes in the pots', ['cool-nematodes']],
  ])('%s: %j', (line, ids) => expect(ingredientsIn(line)).toEqual(ids));

  test('a lemon tree is no lemon juice, fire blight no fire, plant lice are not on people', () => {
    expect(ingredientsIn('chicken manure under the lemon')).toEqual(['manure']);
    expect(factsIn('pruned out the fire blight')).not.toContain('near-flame');
    expect(factsIn('plant lice on my beans')).not.toContain('treats-body');
    expect(factsIn('head lice on my son')).toContain('treats-body');
  });

  test('to feed is no feed, a feed is one', () => {
    expect(ingredientsIn('to feed the tubs with seaweed')).toEqual(['seaweed']);
    expect(ingredientsIn('liquid feed on the tubs')).toEqual(['seedling-feed']);
  });

  test('verbs name what they put on', () => {
    expect(ingredientsIn('i manured the bed')).toEqual(['manure']);
    expect(ingredientsIn('soaped the roses')).toEqual(['liquid-soap']);
    expect(ingredientsIn('oiled the pear')).toEqual(['oil']);
  });
});

describe('work of the hands', () => {
  test.each([
    ['may i prune the roses', 'cutting'],
    ['can i pick the caterpillars off by hand', 'picking-off'],
    ['a jet of water on the aphids', 'water-jet'],
    ['may i cover the carrots', 'covering'],
    ['moving the pot', 'planting'],
    ['should i leave them alone', 'helping'],
  ])('%s: %s, and nothing speaks against it', (line, work) => {
    expect(worksIn(line)).toContain(work);
    const answer = ask(line);
    expect(answer.kind).toBe('checked');
    expect(answer.kind === 'checked' && answer.asks).toBeUndefined();
  });

  test('helpers that are let be are no target; sprayed they are', () => {
    expect(ask('may i leave the ladybirds on my beans alone').kind).toBe('checked');
    expect(ask('soap spray on the ladybirds on my beans, 1 %').kind).toBe('refused');
  });
});

describe('warmth and age', () => {
  test.each([
    ['nematodes into the pots, soil at 8 °C', 'too-cold'],
    ['kraussei nematodes into the pots, soil at 8 °C', undefined],
    ['nematodes into the pots, soil at 32 °C', 'too-warm'],
    ['sulphur by the label on the roses, 28 °C', 'too-warm'],
    ['Bt by the label on the cabbage, 6 °C', 'too-cold'],
  ])('%s: %s', (line, code) => {
    const found = read(line).cautions.flatMap((one) => ('code' in one ? [one.code] : []));
    const warmth = found.find((one) => one.startsWith('too-'));
    expect(warmth).toBe(code);
  });

  test('a warm oven is no weather', () =>
    expect(factsIn('egg shells baked at 200 °C in vinegar')).not.toContain('very-hot'));

  test('an old brew may go on thinner', () => {
    const stale = (line: string) => read(line).cautions.some((one) => 'code' in one && one.code === 'too-old');
    expect(stale('nettle brew, five weeks old, 1 to 10 on the soil of the beans')).toBe(true);
    expect(stale('nettle brew, five weeks old, 1 to 40 on the soil of the beans')).toBe(false);
    expect(stale('nettle brew, two weeks old, 1 to 10 on the soil of the beans')).toBe(false);
  });
});

describe('closed vessels, by any words', () => {
  test.each([
    'jar of nettles in water with the lid screwed down for two weeks',
    'nettle brew in a screw-top bottle',
    'weed brew, cap it tight',
    'comfrey brew in a stoppered demijohn',
    'seal the nettle brew so that it does not smell',
    'vinegar on egg shells, capped and shaken',
    'weed brew clipped shut in a preserving jar',
  ])('%s', (line) => expect(ask(line).kind).toBe('refused'));

  test.each(['nettle brew with a loose lid', 'weed brew under a cloth'])('%s is let be', (line) =>
    expect(ask(line).kind).toBe('checked'),
  );
});

describe('people and animals', () => {
  test.each([
    'my toddler swallowed some soap',
    'i got vinegar in my eyes',
    'the dog ate the slug pellets, what do i mix',
    'may i put neem on the dog for fleas',
    'peroxide on my athlete’s foot'.replace('’', "'"),
    'garlic water for head lice',
  ])('%s: a doctor, a vet, the poison line', (line) => {
    const answer = ask(line);
    expect(answer.kind).toBe('refused');
    expect(JSON.stringify(answer)).toMatch(/poison line|vet|doctor|pharmacist/);
  });
});

describe('what has no name', () => {
  test('is asked after, not refused, and called nothing else', () => {
    const answer = ask('a bottle without a label, i think it is oil, on the apples');
    expect(answer).toMatchObject({ kind: 'checked', asks: [{ asks: expect.stringMatching(/name on its label/) }] });
  });
  test('two things that react are stopped all the same', () =>
    expect(ask('some blue liquid with bleach and vinegar, no label').kind).toBe('refused'));
});

describe('every word', () => {
  test('stands in what was read, in what was not used, or is a word of asking', () => {
    const { notUsed, understood } = read('may i put 1 % soap on the roses that Petronella dug, 17');
    expect(notUsed).toEqual(expect.arrayContaining(['petronella', '17']));
    expect(notUsed).not.toEqual(expect.arrayContaining(['soap']));
    expect(understood.length).toBeGreaterThan(2);
  });
  test('a figure that is read is not told as unused', () => {
    for (const line of ['10 ml soap in 1 litre', 'soap 1:9', '3 % peroxide 1 to 9', '20-20-20 at 2 g per litre'])
      expect([line, read(line).notUsed]).toEqual([line, []]);
  });
  test('an unknown substance is never fine, wherever it stands', () => {
    for (const line of [
      'flubberwax on my roses',
      'two spoons of flubberwax in a litre',
      'soap with flubberwax on the beans, 1 %',
      'spray flubberwax at dusk',
      'flubberwax spray for aphids',
      'flubberwax sulphate on the lawn',
    ]) {
      const answer = ask(line);
      expect([
        line,
        answer.kind === 'refused' || (answer.kind === 'checked' && answer.notUnderstood.length > 0),
      ]).toEqual([line, true]);
    }
  });
});

describe('bad input', () => {
  test('what is no question is answered with one, and nothing is called fine', () => {
    for (const line of ['...', '?????', '   -   ', '12345', 'asdf qwer zxcv', 'ok?', 'Ist das gut so?']) {
      const answer = ask(line);
      if (answer.kind === 'refused') continue;
      expect([line, answer.kind === 'checked' && (answer.asks?.length ?? 0) + answer.notUnderstood.length > 0]).toEqual(
        [line, true],
      );
    }
  });

  test('empty and far too long are named by their field', () => {
    const refused = (question: string) => {
      try {
        answerMix(knowledge, { ask: question });
        return 'nothing';
      } catch (error) {
        return (error as Error).message;
      }
    };
    expect(refused('')).toMatch(/ask/i);
    expect(refused('soap '.repeat(2000))).toMatch(/ask/i);
  });

  test('impossible strengths are stopped', () => {
    for (const line of ['150 % soap on the roses', '900 ml of soap in 100 ml of water on the roses'])
      expect([line, ask(line).kind]).toEqual([line, 'refused']);
  });

  test('any text in any measures is answered, and answered the same twice', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.constantFrom(
              'soap',
              'bleach',
              '10',
              'ml',
              '%',
              'in',
              'a',
              'gallon',
              'on',
              'roses',
              'no',
              ':',
              '1:9',
              'since',
            ),
            fc.string({ maxLength: 8 }),
          ),
          { minLength: 1, maxLength: 25 },
        ),
        fc.constantFrom(...measureSystems),
        (words, measures) => {
          const line = words.join(' ').slice(0, 900);
          if (line.trim().length < 3) return;
          const once = ask(line, measures);
          expect(['checked', 'refused']).toContain(once.kind);
          expect(JSON.stringify(once)).not.toMatch(/NaN|undefined|Infinity/);
          expect(ask(line, measures)).toEqual(once);
        },
      ),
      { numRuns: 60 },
    ));

  test('more words never turn a stop into fine: politeness is no strength', () => {
    const stops = questions.filter(({ level }, at) => level === 'stop' && at % 8 !== 7).slice(0, 40);
    for (const { ask: line, measures } of stops) {
      const before = ask(line, measures as MeasureSystem);
      const after = ask(`Hello there, hope you are well. ${line} Many thanks!`, measures as MeasureSystem);
      if (before.kind === 'refused') expect([line, after.kind]).toEqual([line, 'refused']);
    }
  });

  test('capitals and spaces change nothing', () => {
    for (const { ask: line, measures } of questions.slice(0, 40)) {
      const system = measures as MeasureSystem;
      expect(levels(ask(line.replace(/ /g, '  '), system)).includes('stop')).toBe(
        levels(ask(line, system)).includes('stop'),
      );
    }
  });
});

describe('work that puts nothing on', () => {
  const rulesFor = (line: string) =>
    read(line).cautions.flatMap((found) => ('rule' in found && found.level !== 'note' ? [found.rule] : []));
  test.each([
    ['Thinning the heavy limbs of my cherry tree at the end of November, in the wet?', 'prune-wet-season'],
    ['I would pull a stuck branch from the shredder while it is on', 'saw-alone'],
    ['we have a coal fire going in the shut polytunnel tonight', 'heater-closed'],
    ['let my spare worms go by the river in the wood', 'helpers-released-wild'],
    ['onions where last year the onions rotted', 'same-family-again'],
  ])('%s: %s', (line, rule) => expect(rulesFor(line)).toContain(rule));

  test.each([
    'May I turn my lemon pots towards the window every week?',
    'Can I lay two planks between the rows so I do not tread on the soil?',
    'Can I hang an old curtain over the greenhouse roof to shade it in the heat?',
  ])('%s is let be, and said to be work by hand', (line) => {
    expect(levels(ask(line)).filter((level) => level !== 'note')).toEqual([]);
    expect(read(line).needs).toEqual([]);
  });

  test('something put on without a name is asked for, however harmless it sounds', () => {
    for (const line of ['can I spray what is left over the pots', 'may I pour some round the carrots each morning'])
      expect(read(line).needs).toContainEqual({ kind: 'what' });
  });

  test('a name put together of plain words is a name', () => {
    expect(read('A spoonful of Dew-o-Bloom in the watering can').notUnderstood).toEqual(['dew-o-bloom']);
  });

  test('in a fortnight is fourteen days; what stands on the soil of a rose is not on its leaves', () => {
    expect(read('fresh manure on the leeks that I lift in a fortnight').act.daysToHarvest).toBe(14);
    expect(read('nettle brew one to ten on the roses’ soil').act.use).not.toBe('leaf');
    expect(read('soap on the roses').act.use).toBe('leaf');
  });

  test.each([
    ['fish emulsion for the kale full of whitefly', 'nitrogen-suckers'],
    ['blood meal for tomatoes that are all leaf', 'nitrogen-all-leaf'],
    ['liquid feed for a plant in soggy soil', 'feed-soaked'],
    ['garden lime on the bed, I have never tested it', 'lime-untested'],
    ['beer traps, and our dog roams at night', 'beer-pets'],
    ['garlic spray where the cat sleeps', 'garlic-cats'],
  ])('%s: %s', (line, rule) => expect(rulesFor(line)).toContain(rule));

  test('peroxide of which neither strength nor place is known is never called fine', () => {
    for (const line of ['May I pour peroxide on the gnats?', 'peroxide in the watering can, a good splash'])
      expect(read(line).needs.length).toBeGreaterThan(0);
  });
});

describe('everyday words are no alarm', () => {
  test.each([
    ['would soap hurt the leaves of my beans?', 'plant-hurt'],
    ['the lettuce has burnt tips from the heat, is more even watering right?', 'plant-hurt'],
    ['the hydrangea went brown after the frost, may I cut it back?', 'plant-hurt'],
    ['it wilted after I transplanted it, shall I shade it?', 'plant-hurt'],
    ['a mere teaspoon of pyrethrum', 'near-pond'],
    ['the reservoir of my self-watering pot', 'near-pond'],
    ['a rash of brown spots on the roses', 'person-hurt'],
    ['peach leaves blistered and red', 'person-hurt'],
    ['soap on a swarm of aphids', 'bee-or-wasp-nest'],
    ['a bee hotel for mason bees on the wall', 'bee-or-wasp-nest'],
    ['seedlings in a milk carton', 'drink-bottle'],
    ['my nephew gave me sulphur for the roses', 'by-a-child'],
    ['pyrethrum, and the grandchildren come on Sunday', 'by-a-child'],
    ['soap on eggs of the cabbage white', 'birds-nesting'],
    ['birds are in the cherries', 'birds-nesting'],
    ['rot in the crown of the strawberries', 'ladder'],
    ['sedum on the roof of the shed', 'ladder'],
    ['the bed beside the septic tank', 'to-drain'],
    ['rotted sheep manure on the bed', 'near-children-or-pets'],
    ['two weeks gone since the last soap', 'pregnant'],
    ['feed the tomatoes in december, we are in the south', 'resting'],
    ['water once the soil is dry', 'thirsty'],
    ['fleece to warm the soil', 'heated'],
    ['the bed gets morning sun, soap in the evening', 'sun'],
    ['seeds rolled in the wet sand', 'animal-hurt'],
  ] as const)('%s: not %s', (line, fact) => expect(factsIn(line)).not.toContain(fact));
});

describe('what else is so, in words that no list holds', () => {
  test.each([
    ["soap on the beans, our water's like liquid rock", 'hard-water'],
    ["neem on the roses, it's been blowing hard all day", 'wind'],
    ["bicarbonate on the vine, there'll be a shower within the hour", 'rain-soon'],
    ['fish feed for begonias whose soil has gone to dust', 'thirsty'],
    ['can my lad of seven help me mix it', 'by-a-child'],
    ['I keep it in a canister with the cap screwed home', 'lid-tight'],
    ['bone meal where our labrador digs up anything that smells', 'near-children-or-pets'],
    ['spread borax bait, I am twenty weeks along', 'pregnant'],
    ['lime on the lawn, my inhaler is always with me', 'asthma'],
    ['the soap left the leaves looking singed', 'plant-hurt'],
  ] as const)('%s: %s', (line, fact) => expect(factsIn(line)).toContain(fact));

  test.each([
    'would two teaspoons of soap in a quart be fine on the peas by the dog rose',
    'is soap in rainwater fine on the cat mint',
    'soap 1 % on the beans, my daughter says they look tired',
    'the barn is red, the roses too: 1% insecticidal soap at dusk',
    'my son built the raised bed; may I fill it with compost',
    'test leaf was right as rain, so soap 1 % on the roses',
    'ant bait in a closed box on the garage wall 2 m up',
  ])('%s: no alarm', (line) => {
    const alarms: readonly string[] = [
      ...['treats-body', 'near-cats', 'by-a-child', 'near-children-or-pets', 'rain-soon', 'ladder', 'closed-room'],
      ...['animal-hurt', 'person-hurt', 'plant-hurt', 'pregnant', 'hot', 'sun', 'wind', 'frost'],
    ];
    expect(factsIn(line).filter((fact) => alarms.includes(fact))).toEqual([]);
  });

  test('how old somebody is, is no time to wait', () =>
    expect(factsIn('water for the empty trays, my five-year-old helps')).not.toContain('waits-long'));
});

describe('eating', () => {
  const rulesOf = (line: string) =>
    read(line).cautions.map((found) => ('rule' in found ? found.rule : 'code' in found ? found.code : ''));
  test.each([
    'can I eat the mint I sprayed with copper soap this morning',
    'can I eat the kale I sprayed with spinosad this morning',
    'sprayed the kale with sulphur today, may we serve it tonight',
    'how soon after a milk spray may I pick the courgettes',
    'I dusted the chard with copper; is it safe to eat',
  ])('%s: the wait is told', (line) => expect(rulesOf(line)).toContain('wait-to-pick'));

  test('what is fed long before is eaten', () =>
    expect(rulesOf('manure dug in last October, can I eat the carrots in July')).not.toContain('wait-to-pick'));
});

describe('where nothing but water goes on', () => {
  test.each([
    'stake the tomatoes before the storm tonight',
    'ten litres of water for the thirsty hydrangea at the roots',
  ])('%s: rain and thirst are no harm', (line) => expect(levels(ask(line))).not.toContain('caution'));

  test('what is pulled next fortnight had no raw manure', () =>
    expect(ask('fresh pig manure on the radishes we pull next fortnight').kind).toBe('refused'));
});

describe('what has its months and its pace', () => {
  const cautions = (line: string, latitude?: number) =>
    readQuestion(knowledge, line, {
      measures: 'metric',
      today: '2026-06-10',
      ...(latitude === undefined ? {} : { latitude }),
    }).cautions.map((found) => ('rule' in found ? found.rule : 'code' in found ? found.code : ''));

  test('hedges are cut when nothing breeds in them, by the month that is said and the half of the world', () => {
    expect(cautions('cut back the hedge in the middle of May')).toContain('hedge-nesting');
    expect(cautions('cut back the hedge')).toContain('hedge-nesting');
    expect(cautions('cut back the hedge in January')).not.toContain('hedge-nesting');
    expect(cautions('cut back the hedge in January', -35)).toContain('hedge-nesting');
    expect(cautions('cut back the hedge', -35)).not.toContain('hedge-nesting');
  });

  test.each([
    'wood ash round the garlic every week',
    'milk 1 to 9 on the courgettes daily',
    'coffee grounds on the basil every day',
  ])('%s: a caution, and no stop', (line) => {
    const found = read(line).cautions;
    expect(found.map((one) => ('code' in one ? one.code : ''))).toContain('too-often');
    expect(found.map(({ level }) => level)).not.toContain('stop');
  });

  test('what bubbles is not shut up, whatever it is', () =>
    expect(cautions('screwed the lid down on my fruit scrap vinegar, day three and bubbling')).toContain('sealed-gas'));

  test('mulch that is kept off the stem is let be', () =>
    expect(levels(ask('mulch round the peppers, not touching the stems'))).not.toContain('caution'));

  test('"should I?" asks nothing', () => expect(read('Should I?').needs).toEqual([{ kind: 'what' }]));

  test('no water lately is no neat feed', () =>
    expect(cautions("feed the fuchsias at half strength, they've had no water since last weekend")).not.toContain(
      'over-limit',
    ));
});
