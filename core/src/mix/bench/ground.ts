import {
  barrowMl,
  cm,
  g,
  gPerSquareMetre,
  isMetric,
  litres as L,
  said,
  squareMetres,
  type Quantity,
} from '../../quantities';
import { choice, number, quantity } from './field';
import { areaOf, bedFields } from './shapes';
import { sheetsFor, usualSheet } from './sheets';
import { caution, defineTool, line, note, result, stop } from './tool';

/** L of a layer: m² × cm × 10, and more by what it settles. Source: geometry. */
export const layerLitres = (area: number, depthCm: number, settles: number): number =>
  (area * depthCm * 10) / (1 - settles / 100);

/** Below this roots still get air, m (extension). */
const deepMulch = 0.15;

/** A heap in the large measure of the place: m³, or cubic yards and feet. */
const heap = (litres: number, unit: 'm³' | 'cu yd' | 'cu ft'): Quantity => ({
  kind: 'volume',
  amount: litres * 1000,
  unit,
});

export const mulch = defineTool({
  id: 'mulch',
  group: 'ground',
  fields: {
    ...bedFields,
    depth: quantity('length', { usual: 0.1, to: 1 }),
    settles: number('percent', { usual: 20, from: 0, to: 60 }),
    bag: quantity('volume', { usual: 50_000, to: 2e6, toldIn: { us: 'cu ft', imperial: 'L' } }),
  },
  work({ depth, settles, bag, ...bed }, bench) {
    const { area, working } = areaOf(bed, bench.measures);
    const litres = layerLitres(area, depth * 100, settles);
    const barrow = barrowMl(bench.measures) / 1000;
    const loads = Math.ceil(litres / barrow);
    return {
      results: [
        result('barrows', loads, { digits: 0, main: true }),
        result('bags', Math.ceil(litres / (bag / 1000)), { digits: 0, main: true }),
        ...(isMetric(bench.measures)
          ? [result('litres', L(litres), { digits: 0 }), result('cubic', heap(litres, 'm³'))]
          : [result('cubic', heap(litres, 'cu yd')), result('cubic-feet', heap(litres, 'cu ft'), { digits: 1 })]),
        result('area', squareMetres(area)),
      ],
      order: [said('weed-first'), said('spread'), said('off-stems')],
      cautions: [note('on-not-in'), ...(depth > deepMulch ? [caution('too-deep')] : [])],
      working: [
        working,
        line('loose', { area: squareMetres(area), depth: cm(depth * 100), settles, litres: L(litres) }),
        line('barrows', { litres: L(litres), barrow: L(barrow), loads }),
      ],
      grade: 'guideline',
    };
  },
});

/** The depth of what lies on the card, cm (growers). */
const coverDepth = { chips: 10, compost: 15, straw: 18 } as const;

export const cardboard = defineTool({
  id: 'cardboard',
  group: 'ground',
  fields: {
    ...bedFields,
    sheetLength: quantity('length', { usual: usualSheet.length, to: 10 }),
    sheetWidth: quantity('length', { usual: usualSheet.width, to: 10 }),
    overlap: quantity('length', { usual: usualSheet.overlap, from: 0, to: 1 }),
    cover: choice(['chips', 'compost', 'straw'], 'chips'),
  },
  work({ sheetLength, sheetWidth, overlap, cover, ...bed }, bench) {
    const { area, size, working } = areaOf(bed, bench.measures);
    if (overlap >= Math.min(sheetLength, sheetWidth)) return stop('overlap-too-wide');
    const { rows, sheets } = sheetsFor(size, { length: sheetLength, width: sheetWidth, overlap });
    const litres = layerLitres(area, coverDepth[cover], 0);
    const overlaps = cm(overlap * 100);
    return {
      results: [
        result('sheets', sheets, { digits: 0, main: true }),
        result('barrows', Math.ceil((litres * 1000) / barrowMl(bench.measures)), { digits: 0, main: true }),
        result('litres', isMetric(bench.measures) ? L(litres) : heap(litres, 'cu ft'), { digits: 0 }),
        result('area', squareMetres(area)),
      ],
      order: [
        said('plain-card'),
        said('flatten'),
        said('lay', { overlap: overlaps }),
        said('cover', { depth: cm(coverDepth[cover]) }),
      ],
      cautions: [overlap < usualSheet.overlap ? caution('gaps') : note('slugs')],
      working: [
        working,
        line('sheets', {
          area: squareMetres(area),
          sheetLength: cm(sheetLength * 100),
          sheetWidth: cm(sheetWidth * 100),
          overlap: overlaps,
          rows,
          sheets,
        }),
        line('cover', { area: squareMetres(area), depth: cm(coverDepth[cover]), litres: L(litres) }),
      ],
      grade: 'practice',
    };
  },
});

/** Depth that clippings may lie, cm: fresh mats and sours beyond 2.5, dried to 5 (reviewed). */
const clippingsMost = { fresh: 2.5, dried: 5 } as const;
/** A mowing takes about 2 cm of grass off: near 1.5 L loose clippings a square metre (judgement). */
const clippingsPerSquareMetre = 1.5;

export const clippings = defineTool({
  id: 'clippings',
  group: 'ground',
  fields: {
    ...bedFields,
    state: choice(['fresh', 'dried'], 'fresh'),
    depth: quantity('length', { usual: 0.02, to: 0.5 }),
    sprayed: choice(['no', 'yes', 'unknown'], 'no'),
  },
  work({ state, depth, sprayed, ...bed }, bench) {
    const { area, working } = areaOf(bed, bench.measures);
    if (sprayed === 'yes') return stop('weedkiller');
    const most = clippingsMost[state];
    const spread = cm(depth * 100);
    if (depth * 100 > most + 1e-9) return stop(`mats-${state}`, { depth: spread, most: cm(most) });
    const litres = area * depth * 1000;
    return {
      results: [
        result('litres', L(litres), { digits: 0, main: true }),
        result('lawn', squareMetres(litres / clippingsPerSquareMetre), { digits: 0 }),
        result('area', squareMetres(area)),
      ],
      order: [said('loosen'), said('spread', { depth: spread }), said('keep-moist')],
      cautions: [...(sprayed === 'unknown' ? [caution('not-known')] : []), note('good-signs')],
      working: [working, line('clippings', { area: squareMetres(area), depth: spread, litres: L(litres) })],
      grade: 'practice',
    };
  },
});

/** What usually goes on a square metre, g; the most is the judge's. */
const onGround = {
  ash: { usual: 50, ingredient: 'wood-ash' },
  lime: { usual: 150, ingredient: 'garden-lime' },
  sulphur: { usual: 50, ingredient: 'sulphur' },
  'slug-pellets': { usual: 5, ingredient: 'slug-pellets' },
} as const;
type OnGround = keyof typeof onGround;

export const perArea = defineTool({
  id: 'per-area',
  group: 'ground',
  fields: {
    ...bedFields,
    product: choice(Object.keys(onGround) as OnGround[], 'lime'),
    rate: quantity('mass/area', { usual: 50, to: 5000 }),
    ph: number('none', { usual: 6, from: 3, to: 10 }),
  },
  work({ product, rate, ph, ...bed }, bench) {
    const row = onGround[product];
    const { area, working } = areaOf(bed, bench.measures);
    const bears = bench.mostOnArea(row.ingredient);
    const most = gPerSquareMetre(bears);
    if (rate > bears)
      return stop(`too-much-${product}`, { rate: gPerSquareMetre(rate), most, usual: gPerSquareMetre(row.usual) });
    if ((product === 'ash' || product === 'lime') && bench.isSoil('soil-limy', ph)) return stop('limed-enough', { ph });
    if (product === 'sulphur' && bench.isSoil('free-lime', ph)) return stop('free-lime', { ph });
    const grams = area * rate;
    return {
      results: [
        result('grams', g(grams), { digits: 0, main: true }),
        result('most', g(area * bears), { digits: 0 }),
        result('area', squareMetres(area)),
      ],
      parts: [bench.weigh(row.ingredient, grams)],
      order: [said('weigh-out'), said('strew'), said('rake-in')],
      cautions: [
        note(`most-${product}`, { most }),
        product === 'slug-pellets' ? note('pets') : caution('dust'),
        ...(product === 'lime' || product === 'ash' ? [caution('ammonia')] : []),
      ],
      working: [working, line(product, { area: squareMetres(area), rate: gPerSquareMetre(rate), grams: g(grams) })],
      grade: 'guideline',
    };
  },
});
