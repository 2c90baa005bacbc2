import { barrowMl, isMetric, trim } from '../../measures';
import { choice, number, quantity } from './field';
import { areaOf, bedFields } from './shapes';
import { caution, defineTool, line, note, result, stop } from './tool';

/** L of a layer: m² × cm × 10, and more by what it settles. Source: geometry. */
export const layerLitres = (area: number, depthCm: number, settles: number): number =>
  (area * depthCm * 10) / (1 - settles / 100);

export const mulch = defineTool({
  id: 'mulch',
  name: 'Mulch',
  plain: 'How many barrows or bags a bed takes.',
  group: 'ground',
  fields: {
    ...bedFields,
    depth: quantity('length', 'Depth when settled', { usual: 0.1, to: 1 }),
    settles: number('It settles by', '%', {
      usual: 20,
      from: 0,
      to: 60,
      hint: 'Chips 15–25, straw 40–50, compost 10–20.',
    }),
    bag: quantity('volume', 'A bag holds', { usual: 50_000, to: 2e6 }),
  },
  work({ depth, settles, bag, ...bed }, bench) {
    const { area, working } = areaOf(bed);
    const litres = layerLitres(area, depth * 100, settles);
    const barrow = barrowMl(bench.measures) / 1000;
    const metric = isMetric(bench.measures);
    return {
      results: [
        result('barrows', 'Barrow loads', Math.ceil(litres / barrow), '', { digits: 0, main: true }),
        result('bags', 'Bags', Math.ceil(litres / (bag / 1000)), '', { digits: 0, main: true }),
        result('litres', 'Volume', litres, 'L', { digits: 0 }),
        metric ? result('cubic', 'or', litres / 1000, 'm³') : result('cubic', 'or', litres / 764.55486, 'cu yd'),
        ...(metric ? [] : [result('cubic-feet', 'or', litres / 28.316847, 'cu ft', { digits: 1 })]),
        result('area', 'Area', area, 'm²'),
      ],
      order: ['Weed and water first', 'Spread it evenly', 'Keep it 5 cm off stems and 10 cm off trunks'],
      cautions: [
        note('Chips lie on the soil, not in it: dug in they lock nitrogen up.'),
        ...(depth > 0.15 ? [caution('Deeper than 15 cm keeps air from roots.', '5–10 cm does.')] : []),
      ],
      working: [
        working,
        line(
          'Loose volume',
          `${trim(area, 2)} m² × ${trim(depth * 100, 1)} cm × 10 ÷ (1 − ${trim(settles, 0)} %)`,
          `${trim(litres, 0)} L`,
        ),
        line('Barrows', `${trim(litres, 0)} L ÷ ${trim(barrow, 0)} L, rounded up`, `${Math.ceil(litres / barrow)}`),
      ],
      grade: 'guideline',
    };
  },
});

/** Sheets for an area when each overlaps its neighbours: only (l − o) × (w − o) of each counts. Source: geometry. */
export const sheetsFor = (area: number, length: number, width: number, overlap: number): number =>
  Math.ceil(area / ((length - overlap) * (width - overlap)) - 1e-9);

export const cardboard = defineTool({
  id: 'cardboard',
  name: 'Cardboard under mulch',
  plain: 'How many sheets smother a bed, with what they overlap, and what lies on top.',
  group: 'ground',
  fields: {
    ...bedFields,
    sheetLength: quantity('length', 'A sheet, length', { usual: 1, to: 10 }),
    sheetWidth: quantity('length', 'A sheet, width', { usual: 0.6, to: 10 }),
    overlap: quantity('length', 'Overlap', { usual: 0.15, from: 0, to: 1 }),
    cover: choice('On top', { chips: '10 cm wood chips', compost: '15 cm compost', straw: '18 cm straw' }, 'chips'),
  },
  work({ sheetLength, sheetWidth, overlap, cover, ...bed }, bench) {
    const { area, working } = areaOf(bed);
    if (overlap >= Math.min(sheetLength, sheetWidth))
      return stop('The overlap is as wide as the sheet.', 'Use larger sheets; 15 cm overlap keeps runners down.');
    const sheets = sheetsFor(area, sheetLength, sheetWidth, overlap);
    const depth = { chips: 10, compost: 15, straw: 18 }[cover];
    const litres = layerLitres(area, depth, 0);
    return {
      results: [
        result('sheets', 'Sheets', sheets, '', { digits: 0, main: true }),
        result('barrows', 'Barrow loads on top', Math.ceil((litres * 1000) / barrowMl(bench.measures)), '', {
          digits: 0,
          main: true,
        }),
        result('litres', 'or', litres, 'L', { digits: 0 }),
        result('area', 'Area', area, 'm²'),
      ],
      order: [
        'Tape and staples off; plain brown card only',
        'Mow or flatten the weeds, water well',
        `Lay sheets with ${trim(overlap * 100, 0)} cm overlap; wet them`,
        `Cover with ${depth} cm`,
      ],
      cautions:
        overlap < 0.15
          ? [caution('Under 15 cm of overlap runners find the gap.')]
          : [note('Damp card draws slugs: no seedlings beside it for a month.')],
      working: [
        working,
        line(
          'Sheets',
          `${trim(area, 2)} m² ÷ ((${trim(sheetLength, 2)} − ${trim(overlap, 2)}) × (${trim(sheetWidth, 2)} − ${trim(overlap, 2)})), rounded up`,
          `${sheets}`,
        ),
        line('Cover', `${trim(area, 2)} m² × ${depth} cm × 10`, `${trim(litres, 0)} L`),
      ],
      grade: 'practice',
    };
  },
});

/** Depth that clippings may lie, cm: fresh mats and sours beyond 2.5, dried to 5 (reviewed). */
const clippingsMost = { fresh: 2.5, dried: 5 } as const;

export const clippings = defineTool({
  id: 'clippings',
  name: 'Clippings as mulch',
  plain: 'How much a bed takes, and how much lawn gives it.',
  group: 'ground',
  fields: {
    ...bedFields,
    state: choice('Clippings are', { fresh: 'fresh', dried: 'dried' }, 'fresh'),
    depth: quantity('length', 'Depth', { usual: 0.02, to: 0.5 }),
    sprayed: choice('Lawn weedkiller this season', { no: 'none', yes: 'used', unknown: 'not known' }, 'no'),
  },
  work({ state, depth, sprayed, ...bed }) {
    const { area, working } = areaOf(bed);
    if (sprayed === 'yes')
      return stop(
        'Clippings from a treated lawn carry weedkiller that cripples crops.',
        'Leave them on the lawn for at least one season.',
      );
    const most = clippingsMost[state];
    if (depth * 100 > most + 1e-9)
      return stop(
        `${trim(depth * 100, 1)} cm of ${state} clippings mats and sours.`,
        `At most ${most} cm, then let it dry before more.`,
      );
    const litres = area * depth * 1000;
    // A mowing takes about 2 cm of grass off: near 1.5 L loose clippings a square metre (judgement).
    const lawn = litres / 1.5;
    return {
      results: [
        result('litres', 'Clippings', litres, 'L', { digits: 0, main: true }),
        result('lawn', 'Lawn mown for it, about', lawn, 'm²', { digits: 0 }),
        result('area', 'Bed', area, 'm²'),
      ],
      order: [
        'Loosen the top 5 cm and water',
        `Spread ${trim(depth * 100, 1)} cm, 5 cm off stems`,
        'Water; keep moist, not soggy, for a week',
      ],
      cautions: [
        ...(sprayed === 'unknown'
          ? [caution('Not known whether it was treated.', 'Grow beans in a pot of it for three weeks first.')]
          : []),
        note('White threads on day 4–7 and worm tunnels about day 10 are good signs.'),
      ],
      working: [
        working,
        line('Clippings', `${trim(area, 2)} m² × ${trim(depth * 100, 1)} cm × 10`, `${trim(litres, 0)} L`),
      ],
      grade: 'practice',
    };
  },
});

/** Most that may go on a square metre, g, and how often (reviewed caps). */
const onGround = {
  ash: {
    name: 'Wood ash',
    most: 70,
    usual: 50,
    says: 'a year, only where the pH is under 6.5; not for potatoes or acid lovers',
    ingredient: 'wood-ash',
  },
  lime: { name: 'Garden lime', most: 250, usual: 150, says: 'at once, by a soil test', ingredient: 'garden-lime' },
  sulphur: {
    name: 'Elemental sulphur',
    most: 100,
    usual: 50,
    says: 'a year; months in warm soil; useless where lime is free',
    ingredient: 'sulphur',
  },
  'slug-pellets': {
    name: 'Iron phosphate pellets',
    most: 5,
    usual: 5,
    says: 'at dusk, again after two weeks',
    ingredient: 'slug-pellets',
  },
} as const;
type OnGround = keyof typeof onGround;

export const perArea = defineTool({
  id: 'per-area',
  name: 'So much a square metre',
  plain: 'Ash, lime, sulphur and pellets by area, within what soil bears.',
  group: 'ground',
  fields: {
    ...bedFields,
    product: choice(
      'What',
      Object.fromEntries(Object.entries(onGround).map(([id, { name }]) => [id, name])) as Record<OnGround, string>,
      'lime',
    ),
    rate: number('Rate', 'g per m²', { usual: 50, to: 5000 }),
    ph: number('Soil pH', '', { usual: 6, from: 3, to: 10 }),
  },
  work({ product, rate, ph, ...bed }, bench) {
    const row = onGround[product];
    const { area, working } = areaOf(bed);
    if (rate > row.most)
      return stop(`${trim(rate, 0)} g/m² is too much: at most ${row.most}, ${row.says}.`, `Use ${row.usual} g/m².`);
    if ((product === 'ash' || product === 'lime') && ph >= 6.5)
      return stop(
        `At pH ${trim(ph, 1)} the soil needs no lime or ash: it would lock iron up.`,
        'Leave it, or use compost.',
      );
    if (product === 'sulphur' && ph >= 7.8)
      return stop(`At pH ${trim(ph, 1)} lime is free in the soil and eats the sulphur.`, 'Grow acid lovers in pots.');
    const grams = area * rate;
    return {
      results: [
        result('grams', row.name, grams, 'g', { digits: 0, main: true }),
        result('most', 'At most', area * row.most, 'g', { digits: 0 }),
        result('area', 'Area', area, 'm²'),
      ],
      parts: [bench.weigh(row.ingredient, grams)],
      order: ['Weigh it out', 'Strew evenly on a windless day, half along, half across', 'Rake in and water'],
      cautions: [
        note(`At most ${row.most} g/m² ${row.says}.`),
        ...(product === 'slug-pellets'
          ? [note('Out of reach of pets until it is watered in; the label rules.')]
          : [caution('Gloves, goggles and a mask: the dust burns eyes.')]),
        ...(product === 'lime' || product === 'ash'
          ? [caution('Three to four weeks apart from manure or ammonium feed: it drives ammonia off.')]
          : []),
      ],
      working: [working, line(row.name, `${trim(area, 2)} m² × ${trim(rate, 1)} g/m²`, `${trim(grams, 1)} g`)],
      grade: 'guideline',
    };
  },
});
