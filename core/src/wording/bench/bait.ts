import type { antBait } from '../../mix/bench/bait';
import type { ToolWords } from './words';

const above = (kind: string) => [`{strength} % is above the {to} % of a ${kind}.`, 'Use {from}–{to} %.'] as const;
const stronger = (kind: string) =>
  [
    `Stronger than a ${kind} should be ({from}–{to} %): it kills before it is shared.`,
    'Thin it with more carrier.',
  ] as const;

export const baitWords: ToolWords<typeof antBait> = {
  of: 'bait',
  name: 'Ant bait',
  plain: 'Slow poison in what they want, to be carried home. Or: how strong is what you have mixed?',
  fields: {
    way: { label: 'Work out', options: { make: 'how much powder', check: 'how strong mine is' } },
    kind: { label: 'Bait', options: { syrup: 'sugar syrup', paste: 'paste' } },
    carrier: 'Syrup or paste, without the powder',
    sugar: 'Sugar in the syrup',
    product: { label: 'Powder', options: { 'boric-acid': 'boric acid', borax: 'borax' } },
    wanted: 'Boric acid wanted',
    powder: 'Powder in it',
    stations: 'Stations',
  },
  results: {
    powder: 'Powder',
    percent: ['As boric acid', '{value} %'],
    boric: 'Boric acid in the whole batch',
    sugar: 'Sugar',
    water: 'Water',
    station: 'In each station',
    band: 'That is',
  },
  is: { weak: 'weak', 'right-syrup': 'right for syrup', 'right-paste': 'right for paste' },
  says: {
    'kills-carriers': ['{strength} % kills the carriers before they share it.', 'Use {from}–{to} %.'],
    'above-syrup': above('syrup'),
    'above-paste': above('paste'),
    'dissolve-sugar': 'Warm the water and dissolve the sugar',
    'soft-paste': 'Have the paste (nut butter, fat) soft',
    'stir-in': 'Put gloves on; stir in {powder} of powder until none is seen',
    'fill-stations': 'Fill closed stations with holes of {3–4 mm}',
    label: 'Label: ant bait, how strong, today’s date; lock the rest away',
    unborn:
      'Borates harm the unborn and children: neither makes nor touches it who is or may be pregnant, nor a child.',
    'closed-stations':
      'Closed stations only, out of reach of children and pets; never on soil or crops, never near food.',
    'stronger-than-syrup': stronger('syrup'),
    'stronger-than-paste': stronger('paste'),
    weak: 'Under 0.5 % is weak: it may only feed them.',
    'no-honey':
      'No honey: it draws and poisons bees. More ants on days 1–3 is a good sign; look weekly to eight weeks.',
    honest:
      'Trails thin by 50–80 % in two weeks and 80–95 % in four to eight, for ants that like sugar; little on those that want fat.',
  },
  working: {
    powder: ['Powder', '{wanted} × {carrier} ÷ (100 − {wanted})', '{amount}'],
    borax: ['Powder', '{wanted} × {carrier} ÷ (100 × {boricAcidInBorax} − {wanted})', '{amount}'],
    strength: ['Strength', '{powder} ÷ ({powder} + {carrier})', '{strength} %'],
    'strength-borax': ['Strength', '{powder} × {boricAcidInBorax} ÷ ({powder} + {carrier})', '{strength} %'],
  },
};
