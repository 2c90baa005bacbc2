/**
 * What becomes of a trouble that is left alone, said honestly: by cause, and by kind where nothing is known
 * of the cause itself. `asGood`: nothing one can do is better. Sources: extension practice and growers.
 */
import type { CourseRow } from '@trowel/core/tables';

const guideline = { source: 'extension', grade: 'guideline' } as const;
const practice = { source: 'growers', grade: 'practice' } as const;

export const courses: readonly CourseRow[] = [
  { id: 'pest', says: 'Numbers rise while it is warm, until helpers or the season end it.', ...guideline },
  {
    id: 'disease',
    says: 'It spreads in its own weather; what is marked stays marked, and a dry or cooler spell slows it.',
    ...guideline,
  },
  {
    id: 'shortage',
    says: 'New leaves stay pale and growth slow until it is mended; the plant seldom dies of it.',
    ...guideline,
  },
  { id: 'excess', says: 'It fades over some weeks of plain watering.', ...practice },
  { id: 'care', says: 'It stays as it is, or worsens, while the care stays as it is.', ...practice },
  { id: 'weather', says: 'What is marked stays; new growth comes clean.', asGood: true, ...practice },
  { id: 'helper', says: 'They go on helping.', asGood: true, ...guideline },
  { id: 'normal', says: 'Nothing comes of it.', asGood: true, ...guideline },
  {
    id: 'aphids',
    says: 'Doubling every two to three days in warmth; helpers catch up in one to two weeks, often before much is lost.',
    source: 'trials',
    grade: 'trial',
  },
  { id: 'whitefly', says: 'More each month under glass; outdoors the first cold ends it.', ...guideline },
  { id: 'ants-tending', says: 'They go on guarding the sap-suckers, and helpers stay away.', ...guideline },
  {
    id: 'spider-mites',
    says: 'In hot dry weather leaves bronze and fall within weeks; a wet spell stops them.',
    ...guideline,
  },
  { id: 'thrips', says: 'Silvered leaves and flowers for some weeks; grown plants bear it.', ...guideline },
  { id: 'leafhopper', says: 'Stippled leaves; grown plants outgrow it.', asGood: true, ...guideline },
  { id: 'sooty-mould', says: 'It stays while something drips honeydew, and washes off afterwards.', ...guideline },
  {
    id: 'cabbage-caterpillars',
    says: 'A plant can be stripped in one to two weeks; large plants grow new leaves.',
    ...guideline,
  },
  { id: 'slugs', says: 'Seedlings go in a night or two; grown plants bear the holes.', ...guideline },
  {
    id: 'flea-beetle',
    says: 'Seedlings can fail in dry weather; with four true leaves they outgrow it.',
    ...guideline,
  },
  { id: 'powdery-mildew', says: 'Older leaves fail early; the crop ends some weeks sooner.', ...guideline },
  { id: 'downy-mildew', says: 'In wet weather leaves fail within two weeks; dry weather stops it.', ...guideline },
  {
    id: 'fruit-end-rot',
    says: 'Later fruit is often sound without anything done, once watering is even and the plant has settled.',
    source: 'trials',
    grade: 'guideline',
  },
  { id: 'sunscald', says: 'Marked fruit stays marked; shaded fruit is sound.', asGood: true, ...practice },
  {
    id: 'late-blight',
    says: 'Leaves fall within a week in damp weather, then tubers and fruit rot, and neighbours catch it.',
    ...guideline,
  },
  { id: 'early-blight', says: 'It climbs slowly; most of the crop is picked first.', ...guideline },
  { id: 'grey-mould', says: 'It spreads through dead and wet parts while it is damp.', ...guideline },
  { id: 'rust', says: 'Leaves fail early; most plants come again next year.', ...guideline },
  { id: 'black-spot', says: 'Leaves fall from midsummer; a strong rose leafs again.', ...guideline },
  { id: 'scab', says: 'Marked fruit is good to eat; it comes back each wet spring.', ...guideline },
  {
    id: 'leaf-curl',
    says: 'Curled leaves fall and new ones come; no spray cures it this year.',
    asGood: true,
    ...guideline,
  },
  { id: 'fire-blight', says: 'It runs down the wood and can kill a limb or the tree within a season.', ...guideline },
  { id: 'virus', says: 'The plant stays poor and is a source for its neighbours; it never recovers.', ...guideline },
  { id: 'vascular-wilt', says: 'The plant dies within weeks, and the soil keeps it for years.', ...guideline },
  { id: 'damping-off', says: 'The tray is lost within days.', ...guideline },
  {
    id: 'root-rot',
    says: 'Roots go on dying while the soil is wet; let it dry and most plants grow new ones.',
    ...guideline,
  },
  {
    id: 'fungus-gnats',
    says: 'A nuisance; seedlings can suffer, and drying the top ends them in three to four weeks.',
    ...guideline,
  },
  { id: 'nitrogen-short', says: 'Growth stays slow and old leaves go; the plant lives.', ...guideline },
  { id: 'magnesium-short', says: 'Old leaves yellow; the crop is little less.', ...guideline },
  {
    id: 'iron-short',
    says: 'New leaves stay yellow and burn at the edges, year after year, until the soil or water changes.',
    ...guideline,
  },
  { id: 'overfed-seedling', says: 'With plain water it grows out of it in two to three weeks.', ...practice },
  { id: 'ageing', says: 'Old leaves fall; new ones come.', asGood: true, ...guideline },
  {
    id: 'blister-aphid',
    says: 'Leaves stay blistered until they fall; the crop hardly suffers.',
    asGood: true,
    ...guideline,
  },
  { id: 'gall-mites', says: 'Odd looks, no harm.', asGood: true, ...guideline },
  { id: 'spittlebugs', says: 'Gone in a few weeks.', asGood: true, ...guideline },
  { id: 'leaf-miner', says: 'Trails for some weeks; grown plants bear it.', ...guideline },
  { id: 'pear-slugworm', says: 'Leaves brown in midsummer; the tree comes again.', ...guideline },
  { id: 'mealybugs', says: 'Slowly more, for months; they do not leave indoors by themselves.', ...guideline },
  { id: 'scale-insects', says: 'Slowly more, for years.', ...guideline },
  { id: 'codling-moth', says: 'A part of the fruit is bored each year.', ...guideline },
  { id: 'vine-weevil', says: 'Grubs eat roots until the plant in the pot keels over.', ...guideline },
  { id: 'root-knot', says: 'Poorer each year that the same crop stands there.', ...guideline },
  {
    id: 'jumping-worm',
    says: 'They spread and leave the soil loose and poor; nothing known rids a garden of them.',
    ...guideline,
  },
  { id: 'mosquitoes', says: 'Biting adults within seven to ten days.', ...guideline },
  { id: 'chafer-grubs', says: 'Turf lifts, and animals dig for them, until they pupate.', ...guideline },
  { id: 'clubroot', says: 'The crop fails, and the soil keeps it for seven years and more.', ...guideline },
  { id: 'honey-fungus', says: 'It kills over years and goes on to neighbours.', ...guideline },
  { id: 'bad-set', says: 'Fruit sets again when nights are milder.', asGood: true, ...guideline },
  { id: 'june-drop', says: 'The tree keeps what it can feed.', asGood: true, ...guideline },
];
