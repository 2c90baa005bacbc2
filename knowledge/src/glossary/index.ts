/** The few words of the trade that the product uses, each with its meaning. */
import type { TermRow } from '@trowel/core/tables';

const term = (id: string, name: string, stems: readonly string[], plain: string): TermRow => ({
  id,
  name,
  stems,
  plain,
});

export const glossary: readonly TermRow[] = [
  term(
    'bolt',
    'Bolting',
    ['bolting', 'bolts to', 'bolted', 'run to seed'],
    'Sending up a flower before its time, after cold, heat or drought. The leaves turn bitter.',
  ),
  term(
    'canker',
    'Canker',
    ['canker'],
    'A sunken dead patch in bark or on a stem, often with a raised rim. What stands above it dies when it reaches all round.',
  ),
  term(
    'castings',
    'Castings',
    ['casting'],
    'What worms leave behind: dark, crumbly and mild. Also called worm compost.',
  ),
  term(
    'chelate',
    'Chelate',
    ['chelat'],
    'A metal such as iron wrapped in another substance, so that a plant can take it up where lime would lock it away.',
  ),
  term(
    'crown',
    'Crown',
    ['crown'],
    'Where the stems of a plant meet its roots, at the soil. Of a tree, all of its branches together.',
  ),
  term(
    'damping-off',
    'Damping off',
    ['damping off'],
    'Seedlings that fall over at the soil, pinched thin and wet: moulds of the soil do it, where it is cold, wet and crowded.',
  ),
  term(
    'degree-day',
    'Degree-days',
    ['degree day'],
    'Warmth added up: each day counts as many as it was warmer than the pest needs. So many, and the eggs have hatched.',
  ),
  term('dormant', 'Dormant', ['dormant'], 'At rest: without leaves, buds still shut.'),
  term(
    'drench',
    'Drench',
    ['drench'],
    'Poured on the soil until it comes through at the bottom, for what lives among the roots.',
  ),
  term(
    'flush',
    'Flush',
    ['flush the', 'flushed with', 'flush with', 'flushing'],
    'Washing salts out of a pot with much plain water that runs away below.',
  ),
  term('gall', 'Gall', ['gall '], 'A swelling that a plant makes around a mite, a grub or a germ. Most do no harm.'),
  term('girdle', 'Girdled', ['girdl'], 'Bark or stem gone all the way round: nothing passes that ring any more.'),
  term(
    'grade',
    'How well it is known',
    ['trials agree', 'trials disagree', 'growers report', 'extension practice'],
    'Trials agree: tested side by side, with like results. Extension practice: what advisers teach. Growers report: many say so, nobody measured. Doubtful: tested, and little was found.',
  ),
  term(
    'hardness',
    'Hard water',
    ['hard water', 'hardness'],
    'Water with much dissolved lime. It takes soap away and leaves scale in the kettle.',
  ),
  term('haulm', 'Haulm', ['haulm'], 'Stems and leaves of a potato or a bean, all that stands above the soil.'),
  term(
    'honeydew',
    'Honeydew',
    ['honeydew'],
    'Sugary drops that sucking insects let fall. It makes leaves sticky, feeds ants, and grows a black film.',
  ),
  term('host', 'Host', ['host '], 'A plant that a pest or a disease can live on.'),
  term(
    'larva',
    'Larva',
    ['larva'],
    'The young of an insect, when it looks nothing like its parents: a grub, a maggot, a caterpillar.',
  ),
  term(
    'npk',
    'N-P-K',
    ['n p k'],
    'The three numbers on a bag of feed: nitrogen for leaves, phosphorus for roots, potassium for flower and fruit, in per cent.',
  ),
  term(
    'ph',
    'pH',
    ['ph '],
    'How sour or limy a soil is: 7 is neither, below is sour, above is limy. It decides which foods a root can reach.',
  ),
  term(
    'pupa',
    'Pupa',
    ['pupa', 'pupate'],
    'The resting stage in which a grub or caterpillar turns into a fly, a beetle or a moth. It does not eat, and sprays pass it by.',
  ),
  term(
    'pustule',
    'Pustule',
    ['pustule'],
    'A small blister that bursts and lets out dust: how rusts look under a leaf.',
  ),
  term('runner', 'Runner', ['runners'], 'A stem that creeps over or under the ground and roots as it goes.'),
  term('spore', 'Spores', ['spore'], 'The dust by which moulds, mildews and rusts spread, finer than flour.'),
  term('stipple', 'Stipple', ['stippl'], 'Very many pale pin-pricks on a leaf, where single cells were sucked empty.'),
  term(
    'sucker',
    'Sucker',
    ['sucker'],
    'A shoot from the roots or from below the join, which takes strength and bears nothing of use.',
  ),
  term(
    'tap-root',
    'Tap root',
    ['tap root'],
    'One thick root straight down, as a dandelion has. What is left of it grows again.',
  ),
  term(
    'test-leaf',
    'Test leaf',
    ['test leaf', 'test leaves'],
    'Two or three leaves that are sprayed first. If they are unhurt after two days, so will the rest be.',
  ),
  term(
    'threshold',
    'Level to act on',
    ['threshold', 'level to act'],
    'So many that leaving them would cost more than treating. Fewer are best let be: helpers live on them.',
  ),
];
