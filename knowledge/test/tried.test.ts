/** What gardeners tell of what they tried: remedy, whether it helped (yes, no, or unsaid), and their words. */
import { triedIn } from '@trowel/core/read';
import { knowledge } from '../src';

const told: readonly (readonly [remedy: string, helped: 'yes' | 'no' | 'unsaid', line: string])[] = [
  [
    'soap-spray',
    'no',
    "aphids all over the lupins. gave em a good dose of washing up liquid and water last week but they're back in force",
  ],
  ['water-jet', 'no', 'i blast them off with the hose every morning and by teatime they have returned'],
  ['milk-spray', 'no', 'the milk trick did sweet nothing'],
  ['slug-pellets', 'unsaid', 'hostas like lace, put pellets down at the weekend'],
  ['swab', 'no', 'been dabbing the scale with surgical spirit for a month, they keep coming'],
  ['neem-seed', 'yes', 'neem has knocked the whitefly right back but a few remain'],
  ['copper-spray', 'no', 'sprayed bordeaux mixture in february and still got the curl'],
  ['bicarbonate-spray', 'no', 'bicarb two weeks ago, mildew is as bad as ever'],
  ['hand-pick', 'yes', 'picked the caterpillars off by hand and that has sorted most of it'],
  ['sticky-cards', 'unsaid', 'yellow sticky traps up since sunday, covered in gnats'],
  ['dry-barriers', 'no', 'eggshells round the lettuce were a complete waste of time'],
  ['even-watering', 'no', "watering it more hasn't helped one bit"],
  ['epsom-foliar', 'yes', 'gave it epsom salts and the new leaves came green'],
  ['bt-spray', 'no', 'did them with bt three days ago and the caterpillars are still munching'],
  ['repot', 'no', 'repotted into fresh compost in spring, no improvement'],
  ['pick-leaves', 'no', 'took off all the spotty leaves and it just carried on'],
  ['sulphur-spray', 'unsaid', 'dusted with sulphur yesterday'],
  ['gnat-nematodes', 'no', 'gnat nematodes were no good against the gnats'],
  ['traps-and-boards', 'yes', 'beer traps caught dozens, far fewer holes now'],
  ['ant-bait', 'yes', 'borax bait did the trick'],
  ['peroxide-drench', 'no', "poured peroxide through the compost, the fungus gnats couldn't care less"],
  ['pyrethrin', 'no', 'pyrethrum spray killed the bees and the beetles came back'],
  ['garlic-spray', 'no', 'garlic water was useless'],
  ['oil-spray', 'no', 'oiled the scale twice, no joy'],
  ['iron-chelate', 'yes', 'sequestered iron greened it up in a fortnight'],
  ['squash-by-hand', 'no', "I squish the lily beetles whenever i see them yet there's more each day"],
  ['net-cover', 'no', 'covered with fleece after planting but the fly got in anyway'],
  ['spinosad-spray', 'unsaid', 'hit with spinosad on the first of june'],
  ['soap-spray', 'no', 'Tried washing up liquid in a spray bottle, they were back within days.'],
  ['milk-spray', 'unsaid', "we've been spraying diluted milk every Sunday since june"],
  ['copper-spray', 'no', 'I gave the tomatoes two sprays of copper but the blight is marching on'],
  ['hand-pick', 'unsaid', 'picked off forty caterpillars on saturday'],
  ['slug-pellets', 'yes', 'organic slug pellets seem to have stopped the slaughter'],
  ['swab', 'yes', 'wiped the leaves with rubbing alcohol and the mealies have gone'],
  ['dry-barriers', 'no', "coffee grounds around the stems didn't stop a single slug"],
  ['even-watering', 'no', 'been giving it more water, still crispy'],
  ['neem-seed', 'no', 'neem oil 4 days ago, scale are still stuck on'],
  ['repot', 'unsaid', 'repotted it last month'],
  ['squash-by-hand', 'unsaid', 'squashed every one I could find this morning'],
  ['water-jet', 'yes', 'a strong jet of water got rid of most of the greenfly'],
  ['bt-spray', 'yes', "Bt worked brilliantly on the cabbages last year but now they're on the kale"],
  ['traps-and-boards', 'no', 'beer traps drowned nothing but a moth'],
  ['sulphur-spray', 'no', 'sulphur twice, the mites are worse than before'],
  ['net-cover', 'no', 'netted it in april, butterflies still find a way'],
  ['epsom-foliar', 'no', 'epsom salts every fortnight and it is as yellow as ever'],
  ['potash-feed', 'unsaid', 'fed weekly with tomato feed'],
  ['sticky-cards', 'no', 'hung sticky traps, gnats everywhere regardless'],
  ['lime-soil', 'unsaid', 'limed the bed in march'],
  ['ant-bait', 'no', 'ants ignored the borax'],
  ['bicarbonate-spray', 'yes', 'baking soda spray cleared the mildew up nicely'],
];
const untold: readonly string[] = [
  'should I try neem on this?',
  'my neighbour says to use soap spray',
  "I haven't sprayed anything yet, not even soap",
  'going to get some nematodes tomorrow',
  'the soap in the bathroom went missing',
  'Would a soap spray be any good here?',
  'never used neem in my life',
  'wife told me to put down slug pellets',
  'there is some milk in the fridge',
  'might try garlic spray if nothing else',
  'soap would probably hurt the ferns',
  'leaves look like somebody spilled milk on them',
];

describe('what was tried before', () => {
  test.each(told)('%s, %s: %s', (remedy, helped, line) => {
    const found = triedIn(knowledge, line, '2026-06-10');
    expect(found.map((one) => [one.remedy, one.helped === undefined ? 'unsaid' : one.helped ? 'yes' : 'no'])).toEqual([
      [remedy, helped],
    ]);
  });

  test.each(untold)('nothing was tried: %s', (line) => {
    expect(triedIn(knowledge, line)).toEqual([]);
  });
});
