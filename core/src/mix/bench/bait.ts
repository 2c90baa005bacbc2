import { g, mL, said } from '../../quantities';
import { choice, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** Boric acid in borax by weight: 4 × 61.83 ÷ 381.37. Source: molar masses. */
export const boricAcidInBorax = 0.649;

/** % boric acid of a bait: powder ÷ (powder + carrier), borax counted 0.649. */
export const boricPercent = (powder: number, carrier: number, isBorax: boolean): number =>
  ((isBorax ? powder * boricAcidInBorax : powder) / (powder + carrier)) * 100;

/** g of powder that makes `percent` boric acid in `carrier` g of syrup or paste. Inverse of `boricPercent`. */
export function powderFor(percent: number, carrier: number, isBorax: boolean): number {
  const share = isBorax ? boricAcidInBorax : 1;
  return (percent * carrier) / (100 * share - percent);
}

/** % boric acid that ants carry home before it kills (reviewed). */
const bands = { syrup: { from: 0.5, to: 1 }, paste: { from: 1, to: 5 } } as const;

export const antBait = defineTool({
  id: 'bait',
  group: 'sprays',
  fields: {
    way: choice(['make', 'check'], 'make'),
    kind: choice(['syrup', 'paste'], 'syrup'),
    carrier: quantity('mass', { usual: 100, to: 5000 }),
    sugar: number('percent', { usual: 20, from: 0, to: 60, when: { field: 'kind', is: ['syrup'] } }),
    product: choice(['boric-acid', 'borax'], 'boric-acid'),
    wanted: number('percent', { usual: 1, to: 100, when: { field: 'way', is: ['make'] } }),
    powder: quantity('mass', { usual: 1, to: 500, when: { field: 'way', is: ['check'] } }),
    stations: number('none', { usual: 3, from: 1, to: 100 }),
  },
  work({ way, kind, carrier, sugar, product, wanted, powder, stations }, bench) {
    const isBorax = product === 'borax';
    const band = bands[kind];
    const amount = way === 'make' ? powderFor(wanted, carrier, isBorax) : powder;
    const strength = way === 'make' ? wanted : boricPercent(powder, carrier, isBorax);
    if (strength > bands.paste.to) return stop('kills-carriers', { strength, ...band });
    if (way === 'make' && strength > band.to) return stop(`above-${kind}`, { strength, ...band });
    const sugarGrams = kind === 'syrup' ? (carrier * sugar) / 100 : 0;
    const isWeak = strength < bands.syrup.from;
    return {
      results: [
        result('powder', g(amount), { main: true }),
        result('percent', strength, { main: true }),
        result('boric', g(isBorax ? amount * boricAcidInBorax : amount)),
        ...(kind === 'syrup'
          ? [result('sugar', g(sugarGrams), { digits: 1 }), result('water', mL(carrier - sugarGrams), { digits: 0 })]
          : []),
        result('station', g((carrier + amount) / stations), { digits: 1 }),
        result('band', strength, { is: isWeak ? 'weak' : strength <= bands.syrup.to ? 'right-syrup' : 'right-paste' }),
      ],
      parts: [bench.weigh(product, amount), ...(kind === 'syrup' ? [bench.weigh('sugar', sugarGrams)] : [])],
      ...(kind === 'syrup' ? { waterMl: carrier - sugarGrams } : {}),
      order: [
        kind === 'syrup' ? said('dissolve-sugar') : said('soft-paste'),
        said('stir-in', { powder: bench.weighed(product, amount) }),
        said('fill-stations'),
        said('label'),
      ],
      cautions: [
        caution('unborn'),
        caution('closed-stations'),
        ...(strength > band.to ? [caution(`stronger-than-${kind}`, band)] : []),
        ...(isWeak ? [note('weak')] : []),
        note('no-honey'),
      ],
      working: [
        way === 'make'
          ? line(isBorax ? 'borax' : 'powder', { wanted, carrier: g(carrier), boricAcidInBorax, amount: g(amount) })
          : line(isBorax ? 'strength-borax' : 'strength', {
              powder: g(powder),
              carrier: g(carrier),
              boricAcidInBorax,
              strength,
            }),
      ],
      honest: 'honest',
      grade: 'trial',
    };
  },
});
