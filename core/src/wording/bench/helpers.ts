import type { bti, mustard, nematodes } from '../../mix/bench/helpers';
import { areaWorking, bedFieldWords } from './shapes';
import type { ToolWords } from './words';

const species = {
  feltiae: 'S. feltiae',
  kraussei: 'S. kraussei',
  bacteriophora: 'H. bacteriophora',
  carpocapsae: 'S. carpocapsae',
  hermaphrodita: 'P. hermaphrodita',
} as const;
type Species = keyof typeof species;
const tooCold = (kind: Species) =>
  [
    `The soil is {soil}; ${species[kind]} needs {least}.`,
    'Wait for warmer soil, or take S. kraussei (from {5 °C}).',
  ] as const;
const notForGrubs = (kind: Species) =>
  [`${species[kind]} does little to white grubs.`, 'Take H. bacteriophora, on young grubs in late summer.'] as const;

export const nematodeWords: ToolWords<typeof nematodes> = {
  of: 'nematodes',
  name: 'Nematodes',
  plain: 'Packs, water and sprayer fills for an area; the last fill goes on the worst bed.',
  fields: {
    ...bedFieldWords,
    kind: {
      label: 'Kind',
      options: {
        feltiae: `${species.feltiae} (gnats, thrips in soil)`,
        kraussei: `${species.kraussei} (vine weevil, cool soil)`,
        bacteriophora: `${species.bacteriophora} (young lawn grubs, weevil)`,
        carpocapsae: `${species.carpocapsae} (cutworm, crane fly)`,
        hermaphrodita: `${species.hermaphrodita} (slugs)`,
      },
    },
    against: {
      label: 'Against',
      options: {
        gnats: 'gnat larvae',
        grubs: 'lawn grubs',
        weevil: 'weevil grubs',
        slugs: 'slugs',
        'root-knot': 'root-knot',
        other: 'other',
      },
    },
    rate: { label: 'Rate', hint: 'The pack states its area; {0.25–0.5 million/m²} is usual.' },
    pack: 'A pack holds',
    covers: { label: 'A pack covers', hint: 'As it says on the pack: then that counts. Of two figures the smaller.' },
    water: 'Water',
    can: 'Can or sprayer',
    soil: 'Soil warmth',
  },
  results: {
    packs: 'Packs',
    million: 'Nematodes',
    water: 'Water',
    fills: 'Fills',
    last: 'The last fill',
    'per-fill': 'In each full fill',
  },
  says: {
    'too-cold-feltiae': tooCold('feltiae'),
    'too-cold-kraussei': tooCold('kraussei'),
    'too-cold-bacteriophora': tooCold('bacteriophora'),
    'too-cold-carpocapsae': tooCold('carpocapsae'),
    'too-cold-hermaphrodita': tooCold('hermaphrodita'),
    'too-warm': ['At {soil} nematodes die.', 'Wait for a cool, dull week.'],
    'not-for-grubs-feltiae': notForGrubs('feltiae'),
    'not-for-grubs-kraussei': notForGrubs('kraussei'),
    'not-for-grubs-bacteriophora': notForGrubs('bacteriophora'),
    'not-for-grubs-carpocapsae': notForGrubs('carpocapsae'),
    'not-for-grubs-hermaphrodita': notForGrubs('hermaphrodita'),
    'wet-soil': 'Wet the soil in the evening or on a dull day',
    'soak-out': 'Soak {packs:pack|packs} out in chlorine-free water, as long as the pack says, in shade',
    filters: 'Take fine filters out; never a sprayer that held soap',
    share: 'Share it over {fills:fill|fills}; shake while you pour',
    'water-in': 'Water in; the worst bed gets the last with what is left',
    'keep-moist': 'Keep the soil moist for seven days',
    'root-knot-doubtful': [
      'Against root-knot this is doubtful: 0–40 %, inconsistent.',
      'Resistant kinds, solarising, a change of crop.',
    ],
    'keep-apart': 'Seven days either way from peroxide, three from soap. Bury the emptied carrier there.',
    best: 'Best above {from} and below {28 °C}.',
    'honest-grubs': '40–90 %, on average 60–70 %, of young grubs on wet soil; under 40 % in spring.',
    'honest-gnats': '60–95 % of larvae in one to three weeks, with two goes.',
    'honest-root-knot': '0–40 %, inconsistent.',
    'honest-other': 'Good on young stages in warm, wet soil; little else.',
  },
  working: {
    ...areaWorking,
    nematodes: ['Nematodes', '{area} × {rate}', '{million}'],
    packs: ['Packs', '{million} ÷ {pack} million, rounded up', '{packs}'],
    'packs-by-area': ['Packs', '{area} ÷ {covers}, rounded up', '{packs}'],
    water: ['Water', '{area} × {water}', '{litres}'],
    fills: ['Fills', '{litres} ÷ {can}, rounded up', '{fills}'],
  },
};

export const btiWords: ToolWords<typeof bti> = {
  of: 'bti',
  name: 'Bti on standing water',
  plain: 'By the surface, as its label says; never in water that is drunk.',
  fields: {
    ...bedFieldWords,
    form: { label: 'It is', options: { granules: 'granules', liquid: 'a liquid' } },
    label: 'The label says',
    liquidLabel: 'The label says',
    drunk: { label: 'Is the water drunk by people or pets?', options: { no: 'no', yes: 'yes' } },
    pupae: { label: 'Comma-shaped tumblers (pupae) in it?', options: { no: 'no', yes: 'yes' } },
  },
  results: { amount: 'Bti', area: 'Surface' },
  says: {
    'not-drunk': ['Nothing goes into drinking water.', 'Tip it out, scrub, and cover it with mesh.'],
    'stir-in': 'Stir it into a little of the water',
    spread: 'Spread it over the surface',
    'look-again': 'Look again after two days',
    pupae: ['Bti does not kill pupae.', 'Tip the water out if it can be tipped.'],
    'tip-out': 'Small water is better tipped every week than treated. The label rules.',
    honest: '95–100 % of young wrigglers in one to two days; lasts 7–30 days by its form.',
  },
  working: { ...areaWorking, bti: ['Bti', '{area} × {rate}', '{amount}'] },
};

export const mustardWords: ToolWords<typeof mustard> = {
  of: 'mustard',
  name: 'Mustard pour',
  plain: 'Brings worms up to be counted and looked at. It samples; it does not cure.',
  fields: { squares: 'Squares of {30 × 30 cm}', can: 'Can' },
  results: { powder: 'Ground mustard', grams: 'or', water: 'Water', fills: 'Cans', area: 'Sampled' },
  says: {
    'clear-leaves': 'Clear the leaves away and mark the squares',
    'pour-half': 'Pour {2 L} on a square, wait five minutes, pour as much again',
    'pick-up': 'Pick up what comes; rinse and put back the good worms',
    suspects: 'Suspects: smooth, milky, flush band all the way round near the head. Into a sealed bag; report them',
    again: 'Again after five days: cocoons are not touched',
    eyes: 'Mustard dust and water burn eyes: goggles, and rinse hands.',
    report: 'Where jumping worms are new, tell the plant-health service and move no soil.',
    honest: 'It shows which worms are there and thins them; it does not rid a bed of them.',
  },
  working: {
    water: ['Water', '{squares} × {each}', '{litres}'],
    mustard: ['Mustard', '{litres} × {rate}', '{powder}'],
    weight: ['By weight', '{powder} × {mustardDensity}, the weight of the powder against water', '{grams}'],
  },
};
