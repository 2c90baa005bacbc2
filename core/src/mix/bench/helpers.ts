import {
  celsius,
  g,
  litres as L,
  litresPerSquareMetre,
  millionPerSquareMetre,
  mL,
  mLPerLitre,
  said,
  squareMetres,
  type Quantity,
} from '../../quantities';
import { choice, maybe, number, quantity } from './field';
import { areaOf, bedFields } from './shapes';
import { caution, defineTool, line, note, result, stop } from './tool';

/** Kinds of insect-killing nematodes: least soil warmth °C, and whether they reach white grubs (reviewed). */
const nematodeKinds = {
  feltiae: { least: 10, grubs: false },
  kraussei: { least: 5, grubs: false },
  bacteriophora: { least: 12, grubs: true },
  carpocapsae: { least: 14, grubs: false },
  hermaphrodita: { least: 5, grubs: false },
} as const;
type NematodeKind = keyof typeof nematodeKinds;

/** °C above which all of them die, and how far above their least they work best (reviewed). */
const tooWarm = 30;
const bestAbove = 3;

const million = (count: number): Quantity => ({ kind: 'number', amount: count * 1e6, unit: 'million' });

export const nematodes = defineTool({
  id: 'nematodes',
  group: 'helpers',
  fields: {
    ...bedFields,
    kind: choice(Object.keys(nematodeKinds) as NematodeKind[], 'feltiae'),
    against: choice(['gnats', 'grubs', 'weevil', 'slugs', 'root-knot', 'other'], 'gnats'),
    rate: quantity('number/area', { usual: 0.5, to: 5 }),
    pack: number('million', { usual: 5, to: 1000 }),
    covers: maybe(quantity('area', { to: 1e5 })),
    water: quantity('volume/area', { usual: 0.5, to: 5 }),
    can: quantity('volume', { usual: 5000, to: 1e5 }),
    soil: quantity('temperature', { usual: 15, from: -10, to: 50 }),
  },
  work({ kind, against, rate, pack, covers, water, can, soil, ...bed }, bench) {
    const { least, grubs } = nematodeKinds[kind];
    const { area, working } = areaOf(bed, bench.measures);
    if (soil < least) return stop(`too-cold-${kind}`, { soil: celsius(soil), least: celsius(least) });
    if (soil > tooWarm) return stop('too-warm', { soil: celsius(soil) });
    if (against === 'grubs' && !grubs) return stop(`not-for-grubs-${kind}`);
    const count = area * rate;
    // A pack that says what area it covers is taken at its word.
    const packs = Math.ceil((covers === undefined ? count / pack : area / covers) - 1e-9);
    const litres = area * water;
    const fills = Math.ceil((litres * 1000) / can - 1e-9);
    return {
      results: [
        result('packs', packs, { digits: 0, main: true }),
        result('million', million(count), { main: true }),
        result('water', L(litres), { digits: 1 }),
        result('fills', fills, { digits: 0 }),
        result('last', mL(litres * 1000 - (fills - 1) * can), { digits: 0 }),
        result('per-fill', million((count / litres) * (can / 1000))),
      ],
      waterMl: litres * 1000,
      order: [
        said('wet-soil'),
        said('soak-out', { packs }),
        said('filters'),
        said('share', { fills }),
        said('water-in'),
        said('keep-moist'),
      ],
      cautions: [
        ...(against === 'root-knot' ? [caution('root-knot-doubtful')] : []),
        note('keep-apart'),
        note('best', { from: celsius(least + bestAbove) }),
      ],
      working: [
        working,
        line('nematodes', { area: squareMetres(area), rate: millionPerSquareMetre(rate), million: million(count) }),
        covers === undefined
          ? line('packs', { million: million(count), pack, packs })
          : line('packs-by-area', { area: squareMetres(area), covers: squareMetres(covers), packs }),
        line('water', { area: squareMetres(area), water: litresPerSquareMetre(water), litres: L(litres) }),
        line('fills', { litres: L(litres), can: mL(can), fills }),
      ],
      honest:
        against === 'grubs' || against === 'gnats' || against === 'root-knot' ? `honest-${against}` : 'honest-other',
      grade: against === 'root-knot' ? 'doubtful' : 'trial',
    };
  },
});

export const bti = defineTool({
  id: 'bti',
  group: 'helpers',
  fields: {
    ...bedFields,
    form: choice(['granules', 'liquid'], 'granules'),
    label: quantity('mass/area', { usual: 0.5, to: 100, when: { field: 'form', is: ['granules'] } }),
    liquidLabel: quantity('volume/area', { usual: 0.0005, to: 0.1, when: { field: 'form', is: ['liquid'] } }),
    drunk: choice(['no', 'yes'], 'no'),
    pupae: choice(['no', 'yes'], 'no'),
  },
  work({ form, label, liquidLabel, drunk, pupae, ...bed }, bench) {
    if (drunk === 'yes') return stop('not-drunk');
    const { area, working } = areaOf(bed, bench.measures);
    const isLiquid = form === 'liquid';
    const amount = isLiquid ? mL(area * liquidLabel * 1000) : g(area * label);
    const rate: Quantity = isLiquid
      ? litresPerSquareMetre(liquidLabel)
      : { kind: 'mass/area', amount: label, unit: 'g/m²' };
    return {
      results: [result('amount', amount, { main: true }), result('area', squareMetres(area))],
      order: [said('stir-in'), said('spread'), said('look-again')],
      cautions: [...(pupae === 'yes' ? [caution('pupae')] : []), note('tip-out')],
      working: [working, line('bti', { area: squareMetres(area), rate, amount })],
      honest: 'honest',
      grade: 'trial',
    };
  },
});

/** mL of ground mustard per litre, L and m² to a square of 30 × 30 cm (reviewed); g/mL of the powder. */
const mustardPerLitre = 20;
const litresPerSquare = 4;
const squareArea = 0.09;
const mustardDensity = 0.45;

export const mustard = defineTool({
  id: 'mustard',
  group: 'helpers',
  fields: {
    squares: number('none', { usual: 3, from: 1, to: 200 }),
    can: quantity('volume', { usual: 8000, to: 1e5 }),
  },
  work({ squares, can }, bench) {
    const litres = squares * litresPerSquare;
    const powder = litres * mustardPerLitre;
    const grams = powder * mustardDensity;
    return {
      results: [
        result('powder', mL(powder), { digits: 0, main: true }),
        result('grams', g(grams), { digits: 0 }),
        result('water', L(litres), { digits: 1, main: true }),
        result('fills', Math.ceil((litres * 1000) / can - 1e-9), { digits: 0 }),
        result('area', squareMetres(squares * squareArea)),
      ],
      parts: [bench.weigh('mustard-powder', grams)],
      waterMl: litres * 1000,
      order: [said('clear-leaves'), said('pour-half'), said('pick-up'), said('suspects'), said('again')],
      cautions: [caution('eyes'), note('report')],
      working: [
        line('water', { squares, each: L(litresPerSquare), litres: L(litres) }),
        line('mustard', { litres: L(litres), rate: mLPerLitre(mustardPerLitre), powder: mL(powder) }),
        line('weight', { powder: mL(powder), mustardDensity, grams: g(grams) }),
      ],
      honest: 'honest',
      grade: 'guideline',
    };
  },
});
