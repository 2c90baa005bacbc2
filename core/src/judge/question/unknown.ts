import { isFiller, lexiconOf, readableStems, tokensOf } from '../../read/words';
import type { Tables } from '../../tables';
import type { Mention } from '../mentions';
import { blanked, type Named } from './names';

/** Words of asking, doing and measuring that name nothing; see fillers in read/words for the rest. */
const neutral = new Set(
  `may mix mixing mixed mixture put pour pouring poured add adding added use using used spray sprayed spraying dab dabbed wipe wash washing washed
  rinse clean cleaning cleaned cleaner soak soaking soaked steep stir stirring dilute diluted thin thinned strength strong weak neat part parts ratio
  litre litres liter liters ml mls millilitre cup cups spoon spoons teaspoon teaspoons tablespoon tablespoons gram grams kilo kg ounce pint gallon
  percent held contained bottle bottles bucket buckets jar jars jug vessel tank sprayer sprayers watering can cans tray trays tool tools secateurs knife glove gloves
  mask goggles lid cloth dish cap same together once twice later apart before tonight tomorrow hour hours safe safely okay allowed want try trying
  against treat treating kill killing get rid stop keep away eat eating eaten people person neighbour everything anything somebody someone
  grade food pure organic natural homemade home made household kitchen hot warm cold boiling boil boiled brew brewed fill filled splash little drop drops
  handful pinch scatter sprinkle sprinkled dust dusting bury dig hole tree trees leaf leaves root roots stem flower flowers fruit fruits soil ground lawn grass
  weed weeds insect insects bug bugs pest pests vegetable vegetables veg crop crops bright full sun sunny shade evening noon dusk dawn day heat
  without wearing contact lenses eye eyes skin hand hands hungry ripe tap spare leftover leftovers fresh old new empty compost water rain
  bin barrel shed garage store stored storing myself alone let letting degrees`.split(/\s+/),
);

/** Words that nothing here accounts for: they may be a substance, so what they are in is not called safe. */
export function unknownIn(tables: Tables, line: string, named: readonly Mention<Named>[]): string[] {
  const lexicon = lexiconOf(tables);
  const factWords = tables.sceneFacts.flatMap(({ words }) => words);
  const rest = named.reduce((text, { at, length }) => blanked(text, at, length), line);
  const known = new Set(factWords.flatMap((words) => tokensOf(words).map(({ stem }) => stem)));
  const unknown = tokensOf(rest)
    .filter((token) => !isFiller(token) && !neutral.has(token.word) && !known.has(token.stem))
    .filter((token) => !readableStems(token, lexicon).some((stem) => lexicon.stems.has(stem)))
    .map(({ word }) => word);
  return [...new Set(unknown)];
}
