import type { IngredientRow, PlantRow, SceneFact, Use } from '../../tables';
import type { Mention } from '../mentions';

/** Words of a use, the plainest first. */
const words: readonly (readonly [Use, RegExp])[] = [
  [
    'soak',
    /\b(?:(?:stood|stand|standing|sat|sit|set|dunk\w*|dip\w*|soak\w*) (?:it|them|(?:the |a |my )?(?:whole )?pots?) in\b|soak(?:ed|ing)? (?:a |the |my |whole )*(?:pot|pots|root ?ball|plant)|(?:pot|pots|root ?ball) (?:\w+ ){0,3}(?:soak|stand|sit)\w* in|dunk\w* the pot)\b/,
  ],
  ['tool', /\b(?:cotton (?:buds?|swabs?|wool)|q-?tips?|swabs?)\b/],
  ['leaf', /\bfoliar\b/],
  ['bait', /\b(?:baits?|bait (?:box|station)|ant (?:box|station)|in a lid|stations?|syrup)\b/],
  [
    'tool',
    /\b(?:pruners?|secateurs|blades?|loppers|shears|saws?|knife|knives|tools?|empty (?:\w+ )?(?:pots?|trays?|tubs?)|(?:clay |plastic |old |dirty |used )?pots? (?:and trays )?(?:in|with) bleach|scrub\w*|disinfect\w*|sterili[sz]\w*|greenhouse (?:glass|staging|bench)|staging|patio|slabs?|paving|stakes|canes|bench(?:es)?)\b/,
  ],
  ['seed', /\b(?:soak\w* (?:my |the )?\w* ?seeds?|seeds? (?:in|for)|seed soak)\b/],
  [
    'root',
    /\b(?:drench\w*|over (?:the )?roots?|on (?:the )?roots?|onto (?:the )?roots?|to (?:the )?roots?|round (?:the )?roots?|around (?:the )?roots?|through (?:the|its) pots?|into (?:the|its) pots?|root rot|pour(?:ed|ing)? (?:it |some |this )?(?:on|onto|over|round|around|through|into|once)|water(?:ed|ing) (?:(?:the|my|our|her|his) |(?:it |them |this )?(?:in|on|onto|with|around|round)\b)|water (?:it|them|this) (?:in|on|onto|with|around|round)|feed(?:ing)?)\b/,
  ],
  [
    'leaf',
    /\b(?:spray\w*|spritz\w*|mist\w*|lea(?:f|ves)|foliage|foliar|undersides?|wet(?:ting)? (?:the|both)|both sides|dust\w* (?:the|my|it)|on (?:my |the )?(?:roses?|beans?)|giv\w+ .{0,30}going over|hit (?:em|them))\b/,
  ],
  [
    'soil',
    /\b(?:soil|ground|bed|beds|earth|lawn|mulch\w*|dig(?:ging)? in|sprinkl\w*|scatter\w*|between the slabs|drive|path)\b/,
  ],
];

/** What a thing is for where the line does not say where it goes. */
const usualUse: readonly (readonly [string, Use])[] = [
  ['borate', 'bait'],
  ['hygiene', 'tool'],
  ['soap', 'leaf'],
  ['detergent', 'leaf'],
  ['milk', 'leaf'],
  ['bicarbonate', 'leaf'],
  ['oil', 'leaf'],
  ['neem', 'leaf'],
  ['irritant', 'leaf'],
  ['sulphur', 'leaf'],
  ['copper', 'leaf'],
  ['feed', 'root'],
  ['ferment', 'root'],
];

/** Where it goes: from the line's words, the facts they stand for, or what such a thing is for. */
export function whereItGoes(
  line: string,
  facts: readonly SceneFact[],
  plants: readonly Mention<PlantRow>[],
  things: readonly Mention<IngredientRow>[],
): Use | undefined {
  const [said] = words.find(([, pattern]) => pattern.test(line)) ?? [];
  const isBorate = things.some(({ row }) => row.classes.includes('borate'));
  if (isBorate && said !== 'bait' && !/\b(?:ants?|roach\w*|cockroach\w*)\b/.test(line)) return 'soil';
  if (said !== undefined && said !== 'soil') return said;
  if (facts.includes('on-leaves')) return 'leaf';
  const [, usual] = usualUse.find(([name]) => things.some(({ row }) => row.classes.includes(name))) ?? [];
  if (plants.length > 0 && usual !== undefined) return usual;
  if (said !== undefined) return said;
  if (facts.includes('on-soil')) return 'soil';
  // Where a plant is named and nothing says where it goes, the leaves are what it may hurt first.
  return usual ?? (plants.length === 0 ? undefined : isYoung(line, plants) ? 'root' : 'leaf');
}

/** Seedlings, cuttings and what has just been planted out. */
export const isYoung = (line: string, plants: readonly Mention<PlantRow>[]): boolean =>
  /\b(?:seedlings?|sprouts?|cuttings?|seed ?trays?|seed[- ]start\w*|baby \w+|just (?:sprouted|germinated|come up)|pricked out|plugs)\b/.test(
    line,
  ) || plants.some(({ row }) => row.groups.includes('seedling'));
