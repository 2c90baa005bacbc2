import { trim } from '../../measures';
import { choice, number, quantity } from './field';
import { areaOf, bedFields } from './shapes';
import { caution, defineTool, line, note, result, stop } from './tool';

/** Kinds of insect-killing nematodes: least soil warmth °C, and what they reach (reviewed). */
const nematodeKinds = {
  feltiae: { name: 'S. feltiae (gnats, thrips in soil)', least: 10, grubs: false },
  kraussei: { name: 'S. kraussei (vine weevil, cool soil)', least: 5, grubs: false },
  bacteriophora: { name: 'H. bacteriophora (young lawn grubs, weevil)', least: 12, grubs: true },
  carpocapsae: { name: 'S. carpocapsae (cutworm, crane fly)', least: 14, grubs: false },
  hermaphrodita: { name: 'P. hermaphrodita (slugs)', least: 5, grubs: false },
} as const;
type NematodeKind = keyof typeof nematodeKinds;

export const nematodes = defineTool({
  id: 'nematodes',
  name: 'Nematodes',
  plain: 'Packs, water and sprayer fills for an area; the last fill goes on the worst bed.',
  group: 'helpers',
  fields: {
    ...bedFields,
    kind: choice(
      'Kind',
      Object.fromEntries(Object.entries(nematodeKinds).map(([id, { name }]) => [id, name])) as Record<
        NematodeKind,
        string
      >,
      'feltiae',
    ),
    against: choice(
      'Against',
      {
        gnats: 'gnat larvae',
        grubs: 'lawn grubs',
        weevil: 'weevil grubs',
        slugs: 'slugs',
        'root-knot': 'root-knot',
        other: 'other',
      },
      'gnats',
    ),
    rate: number('Rate', 'million per m²', { usual: 0.5, to: 5, hint: 'The pack states its area; 0.25–0.5 is usual.' }),
    pack: number('A pack holds', 'million', { usual: 5, to: 1000 }),
    water: number('Water', 'L per m²', { usual: 0.5, to: 5 }),
    can: quantity('volume', 'Can or sprayer', { usual: 5000, to: 1e5 }),
    soil: quantity('temperature', 'Soil warmth', { usual: 15, from: -10, to: 50 }),
  },
  work({ kind, against, rate, pack, water, can, soil, ...bed }) {
    const row = nematodeKinds[kind];
    const { area, working } = areaOf(bed);
    if (soil < row.least)
      return stop(
        `The soil is ${trim(soil, 0)} °C; ${row.name.split(' (')[0]} needs ${row.least} °C.`,
        'Wait for warmer soil, or take S. kraussei (from 5 °C).',
      );
    if (soil > 30) return stop(`At ${trim(soil, 0)} °C nematodes die.`, 'Wait for a cool, dull week.');
    if (against === 'grubs' && !row.grubs)
      return stop(
        `${row.name.split(' (')[0]} does little to white grubs.`,
        'Take H. bacteriophora, on young grubs in late summer.',
      );
    const million = area * rate;
    const packs = Math.ceil(million / pack - 1e-9);
    const litres = area * water;
    const fills = Math.ceil((litres * 1000) / can - 1e-9);
    const last = litres * 1000 - (fills - 1) * can;
    return {
      results: [
        result('packs', 'Packs', packs, '', { digits: 0, main: true }),
        result('million', 'Nematodes', million, 'million', { main: true }),
        result('water', 'Water', litres, 'L', { digits: 1 }),
        result('fills', 'Fills', fills, '', { digits: 0 }),
        result('last', 'The last fill', last, 'mL', { digits: 0 }),
        result('per-fill', 'In each full fill', (million / litres) * (can / 1000), 'million'),
      ],
      waterMl: litres * 1000,
      order: [
        'Wet the soil in the evening or on a dull day',
        `Soak ${packs} ${packs === 1 ? 'pack' : 'packs'} out in chlorine-free water, as long as the pack says, in shade`,
        'Take fine filters out; never a sprayer that held soap',
        `Share it over ${fills} ${fills === 1 ? 'fill' : 'fills'}; shake while you pour`,
        'Water in; the worst bed gets the last with what is left',
        'Keep the soil moist for seven days',
      ],
      cautions: [
        ...(against === 'root-knot'
          ? [
              caution(
                'Against root-knot this is doubtful: 0–40 %, inconsistent.',
                'Resistant kinds, solarising, a change of crop.',
              ),
            ]
          : []),
        note('Seven days either way from peroxide, three from soap. Bury the emptied carrier there.'),
        note(`Best above ${row.least + 3} °C and below 28 °C.`),
      ],
      working: [
        working,
        line('Nematodes', `${trim(area, 2)} m² × ${trim(rate, 2)} million/m²`, `${trim(million, 2)} million`),
        line('Packs', `${trim(million, 2)} ÷ ${trim(pack, 1)}, rounded up`, `${packs}`),
        line('Water', `${trim(area, 2)} m² × ${trim(water, 2)} L/m²`, `${trim(litres, 1)} L`),
        line('Fills', `${trim(litres, 1)} L ÷ ${trim(can / 1000, 2)} L, rounded up`, `${fills}`),
      ],
      honest:
        against === 'grubs'
          ? '40–90 %, on average 60–70 %, of young grubs on wet soil; under 40 % in spring.'
          : against === 'gnats'
            ? '60–95 % of larvae in one to three weeks, with two goes.'
            : against === 'root-knot'
              ? '0–40 %, inconsistent.'
              : 'Good on young stages in warm, wet soil; little else.',
      grade: against === 'root-knot' ? 'doubtful' : 'trial',
    };
  },
});

export const bti = defineTool({
  id: 'bti',
  name: 'Bti on standing water',
  plain: 'By the surface, as its label says; never in water that is drunk.',
  group: 'helpers',
  fields: {
    ...bedFields,
    label: number('The label says', 'g or mL per m²', { usual: 0.5, to: 100 }),
    drunk: choice('Is the water drunk by people or pets?', { no: 'no', yes: 'yes' }, 'no'),
    pupae: choice('Comma-shaped tumblers (pupae) in it?', { no: 'no', yes: 'yes' }, 'no'),
  },
  work({ label, drunk, pupae, ...bed }) {
    if (drunk === 'yes') return stop('Nothing goes into drinking water.', 'Tip it out, scrub, and cover it with mesh.');
    const { area, working } = areaOf(bed);
    return {
      results: [
        result('amount', 'Bti', area * label, 'g or mL', { main: true }),
        result('area', 'Surface', area, 'm²'),
      ],
      order: ['Stir it into a little of the water', 'Spread it over the surface', 'Look again after two days'],
      cautions: [
        ...(pupae === 'yes' ? [caution('Bti does not kill pupae.', 'Tip the water out if it can be tipped.')] : []),
        note('Small water is better tipped every week than treated. The label rules.'),
      ],
      working: [working, line('Bti', `${trim(area, 2)} m² × ${trim(label, 2)}`, `${trim(area * label, 2)}`)],
      honest: '95–100 % of young wrigglers in one to two days; lasts 7–30 days by its form.',
      grade: 'trial',
    };
  },
});

/** mL of ground mustard per litre, litres per square of 30 × 30 cm (reviewed). */
const mustardPerLitre = 20;
const litresPerSquare = 4;

export const mustard = defineTool({
  id: 'mustard',
  name: 'Mustard pour',
  plain: 'Brings worms up to be counted and looked at. It samples; it does not cure.',
  group: 'helpers',
  fields: {
    squares: number('Squares of 30 × 30 cm', '', { usual: 3, from: 1, to: 200 }),
    can: quantity('volume', 'Can', { usual: 8000, to: 1e5 }),
  },
  work({ squares, can }, bench) {
    const litres = squares * litresPerSquare;
    const powder = litres * mustardPerLitre;
    return {
      results: [
        result('powder', 'Ground mustard', powder, 'mL', { digits: 0, main: true }),
        result('grams', 'or', powder * 0.45, 'g', { digits: 0 }),
        result('water', 'Water', litres, 'L', { digits: 1, main: true }),
        result('fills', 'Cans', Math.ceil((litres * 1000) / can - 1e-9), '', { digits: 0 }),
        result('area', 'Sampled', squares * 0.09, 'm²'),
      ],
      parts: [bench.weigh('mustard-powder', powder * 0.45)],
      waterMl: litres * 1000,
      order: [
        'Clear the leaves away and mark the squares',
        'Pour 2 L on a square, wait five minutes, pour the other 2 L',
        'Pick up what comes; rinse and put back the good worms',
        'Suspects: smooth, milky, flush band all the way round near the head. Into a sealed bag; report them',
        'Again after five days: cocoons are not touched',
      ],
      cautions: [
        caution('Mustard dust and water burn eyes: goggles, and rinse hands.'),
        note('Where jumping worms are new, tell the plant-health service and move no soil.'),
      ],
      working: [
        line('Water', `${trim(squares, 0)} × 4 L`, `${trim(litres, 0)} L`),
        line('Mustard', `${trim(litres, 0)} L × 20 mL/L`, `${trim(powder, 0)} mL`),
        line('By weight', `${trim(powder, 0)} mL × 0.45 g/mL`, `${trim(powder * 0.45, 0)} g`),
      ],
      honest: 'It shows which worms are there and thins them; it does not rid a bed of them.',
      grade: 'guideline',
    };
  },
});
