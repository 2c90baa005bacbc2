import { trim } from '../../measures';
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

const bands = { syrup: { from: 0.5, to: 1 }, paste: { from: 1, to: 5 } } as const;

export const antBait = defineTool({
  id: 'bait',
  name: 'Ant bait',
  plain: 'Slow poison in what they want, to be carried home. Or: how strong is what you have mixed?',
  group: 'liquids',
  fields: {
    way: choice('Work out', { make: 'how much powder', check: 'how strong mine is' }, 'make'),
    kind: choice('Bait', { syrup: 'sugar syrup', paste: 'paste' }, 'syrup'),
    carrier: quantity('mass', 'Syrup or paste, without the powder', { usual: 100, to: 5000 }),
    sugar: number('Sugar in the syrup', '%', { usual: 20, from: 0, to: 60, when: { field: 'kind', is: ['syrup'] } }),
    product: choice('Powder', { 'boric-acid': 'boric acid', borax: 'borax' }, 'boric-acid'),
    wanted: number('Boric acid wanted', '%', { usual: 1, to: 100, when: { field: 'way', is: ['make'] } }),
    powder: quantity('mass', 'Powder in it', { usual: 1, to: 500, when: { field: 'way', is: ['check'] } }),
    stations: number('Stations', '', { usual: 3, from: 1, to: 100 }),
  },
  work({ way, kind, carrier, sugar, product, wanted, powder, stations }, bench) {
    const isBorax = product === 'borax';
    const band = bands[kind];
    const amount = way === 'make' ? powderFor(wanted, carrier, isBorax) : powder;
    const strength = way === 'make' ? wanted : boricPercent(powder, carrier, isBorax);
    if (strength > 5)
      return stop(`${trim(strength, 2)} % kills the carriers before they share it.`, `Use ${band.from}–${band.to} %.`);
    if (way === 'make' && strength > band.to)
      return stop(`${trim(strength, 2)} % is above the ${band.to} % of a ${kind}.`, `Use ${band.from}–${band.to} %.`);
    const sugarGrams = kind === 'syrup' ? (carrier * sugar) / 100 : 0;
    const word = strength < 0.5 ? 'weak' : strength <= 1 ? 'right for syrup' : 'right for paste';
    return {
      results: [
        result('powder', isBorax ? 'Borax' : 'Boric acid', amount, 'g', { main: true }),
        result('percent', 'As boric acid', strength, '%', { main: true }),
        result('boric', 'Boric acid in the whole batch', isBorax ? amount * boricAcidInBorax : amount, 'g'),
        ...(kind === 'syrup'
          ? [
              result('sugar', 'Sugar', sugarGrams, 'g', { digits: 1 }),
              result('water', 'Water', carrier - sugarGrams, 'mL', { digits: 0 }),
            ]
          : []),
        result('station', 'In each station', (carrier + amount) / stations, 'g', { digits: 1 }),
        result('band', 'That is', strength, '%', { says: word }),
      ],
      parts: [bench.weigh(product, amount), ...(kind === 'syrup' ? [bench.weigh('sugar', sugarGrams)] : [])],
      ...(kind === 'syrup' ? { waterMl: carrier - sugarGrams } : {}),
      order: [
        ...(kind === 'syrup' ? ['Warm the water and dissolve the sugar'] : ['Have the paste (nut butter, fat) soft']),
        `Put gloves on; stir in ${trim(amount, 2)} g of powder until none is seen`,
        'Fill closed stations with holes of 3–4 mm',
        'Label: ant bait, how strong, today’s date; lock the rest away',
      ],
      cautions: [
        caution(
          'Borates harm the unborn and children: neither makes nor touches it who is or may be pregnant, nor a child.',
        ),
        caution('Closed stations only, out of reach of children and pets; never on soil or crops, never near food.'),
        ...(strength > band.to
          ? [
              caution(
                `Stronger than a ${kind} should be (${band.from}–${band.to} %): it kills before it is shared.`,
                'Thin it with more carrier.',
              ),
            ]
          : []),
        ...(strength < 0.5 ? [note('Under 0.5 % is weak: it may only feed them.')] : []),
        note('No honey: it draws and poisons bees. More ants on days 1–3 is a good sign; look weekly to eight weeks.'),
      ],
      working:
        way === 'make'
          ? [
              line(
                'Powder',
                `${trim(wanted, 2)} × ${trim(carrier, 1)} g ÷ (100${isBorax ? ' × 0.649' : ''} − ${trim(wanted, 2)})`,
                `${trim(amount, 3)} g`,
              ),
            ]
          : [
              line(
                'Strength',
                `${trim(powder, 2)} g${isBorax ? ' × 0.649' : ''} ÷ (${trim(powder, 2)} + ${trim(carrier, 1)}) g`,
                `${trim(strength, 2)} %`,
              ),
            ],
      honest:
        'Trails thin by 50–80 % in two weeks and 80–95 % in four to eight, for ants that like sugar; little on those that want fat.',
      grade: 'trial',
    };
  },
});
