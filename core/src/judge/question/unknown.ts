import { figurePattern } from '../../hear';
import { isFiller, lexiconOf, readableStems, tokensOf, type Token } from '../../hear/words';
import type { Tables } from '../../tables';
import type { Mention } from '../../hear/mentions';
import { blanked, type Named } from './names';

/**
 * Where a substance stands in a line: after an amount ("two spoons of X"), after a verb of putting ("spray X on"), or
 * before what it is made into ("X spray", "X in water"). A word elsewhere is talk.
 */
const after = new RegExp(
  String.raw`(?:\b(?:${figurePattern})\s*(?:%|per ?cent|tsps?|tbsps?|teaspoons?|tablespoons?|cups?|mugs?|ml|l|lit(?:re|er)s?|g|grams?|kg|oz|ounces?|lbs?|pounds?|pints?|quarts?|gallons?|drops?|handfuls?|capfuls?|splash(?:es)?|spoon(?:ful)?s?|scoops?|buckets?|bottles?|bags?|packets?|pinch(?:es)?|dash(?:es)?|squirts?|glugs?|blobs?|dollops?|lumps?|cans?|cartons?|tins?|jars?)(?:\s+of)?|\b(?:spray|sprayed|spraying|put|putting|pour|poured|pouring|use|using|used|mix|mixed|mixing|add|added|adding|apply|applied|sprinkle|sprinkled|dust|dusted|scatter|drench|drenched|tip|tipped|paint|painted|squirt|dose|dosed|feed|fed|treat(?:ed|ing)? \w+ with|with))\s+(?:(?:a|an|the|some|my|our|his|her|this|that|little|bit|of|more|old|neat|pure|fresh|diluted|weak|strong|homemade|home-made)\s+)*$`,
  'iu',
);
const before =
  /^\s*(?:[-\s]?(?:spray|powder|solution|granules|pellets|concentrate|drench|dip|wash|paste|fertili[sz]er|feed|tonic|emulsion|extract|weedkiller|insecticide|fungicide|killer|dust|oil|brew|tea|acid|salts?)\b|\s+(?:in|into)\s+(?:the\s+)?(?:water|my sprayer|the sprayer|the tank))/iu;

/** Words of asking, doing and measuring that name nothing; see fillers in hear/words for the rest. */
const neutral = new Set(
  `gonna wanna gotta lemme gimme dunno kinda sorta yeah yep nope please cheers ta hiya hello may mix mixing mixed mixture put pour pouring poured add adding added use using used spray sprayed spraying dab dabbed wipe wash washing washed
  rinse clean cleaning cleaned cleaner soak soaking soaked steep stir stirring dilute diluted thin thinned strength strong weak neat part parts ratio
  litre litres liter liters ml mls millilitre cup cups spoon spoons teaspoon teaspoons tablespoon tablespoons gram grams kilo kg ounce pint gallon
  percent held contained bottle bottles bucket buckets jar jars jug vessel tank sprayer sprayers watering can cans tray trays tool tools secateurs knife glove gloves
  mask goggles lid cloth dish cap same together once twice later apart before tonight tomorrow hour hours safe safely okay allowed want try trying
  against treat treating kill killing get rid stop keep away eat eating eaten people person neighbour everything anything somebody someone
  grade food pure organic natural homemade home made household kitchen hot warm cold boiling boil boiled brew brewed fill filled splash little drop drops
  handful pinch scatter sprinkle sprinkled dust dusting bury dig hole tree trees leaf leaves root roots stem flower flowers fruit fruits soil ground lawn grass
  weed weeds insect insects bug bugs pest pests vegetable vegetables veg crop crops bright full sun sunny shade evening noon dusk dawn day heat
  pick picking picked harvest harvested harvesting serve served without wearing contact lenses eye eyes skin hand hands hungry ripe tap spare leftover leftovers fresh old new empty compost water rain
  bin barrel shed garage store stored storing myself alone let letting degrees rate label packet half double quarter dozen couple stuff lot bit
  end ends inside outside whole both sides under over underneath top bottom edge middle moist damp wet dry dull cloudy still calm breeze
  clock morning afternoon night weekend monday tuesday wednesday thursday friday saturday sunday spring summer autumn winter ago since
  distilled dissolved square pretty puff bit helping load loads lump lots thing things mixture solution brand kind sort
  january february march april june july august september october november december fluid sterile em id ill ive ride tin tub sack bag box
  mum mom dad gran grandad wife husband hubby kids tubs bath bathful trough pail pails carboy demijohn crate pallet kettle saucepan pan pot funnel syringe pipette spoonful
  whisk blender sieve strainer stocking tights muslin rag sponge brush roller hose pipe nozzle backpack knapsack pump trigger mister atomiser
  terrace balcony veranda porch yard allotment plot greenhouse polytunnel conservatory windowsill kitchen bathroom garage cellar fence wall gate
  daughter son grandson granddaughter nephew niece aunt uncle cousin partner boss colleague teacher vicar builder landscaper plumber postman
  thumb thumbs finger fingers palm fist sandals shoes boots wellies shirt sleeves trousers shorts hat apron barefoot
  toothbrush nailbrush toothpick flashlight torch headlamp lantern lamp phone camera tweezers tongs chopsticks paws pets bugs vacuum hoover broom spade shovel rake hoe trowel wheelbarrow barrow ladder stool
  beside behind below above near next beneath between among round around across along through off from until till
  lay laid hung strung tied wrapped set placed stuck pinned bought sold told showed poked tucked stood sat left stayed kept waiting got made went gone ran been having being doing going coming taking giving
  internet website video forum book magazine radio article recipe post tip hack trick advice warning question answer idea reason plan luck care
  pleasure fun hurry mistake accident panic doubt hope thought guess rest help job work task kids friend friend mate brother sister bloke chap lady woman man dog cat pup`.split(
    /\s+/,
  ),
);

/**
 * The words that nothing was read from: those in the place of a substance, with which nothing is called safe, and the
 * talk around them.
 */
export function wordsLeftIn(
  tables: Tables,
  line: string,
  named: readonly Mention<Named>[],
  amounts: readonly { readonly at: number; readonly length: number }[],
): { notUnderstood: string[]; notUsed: string[] } {
  const lexicon = lexiconOf(tables);
  const factWords = tables.sceneFacts.flatMap(({ words }) => words);
  const known = new Set(factWords.flatMap((words) => tokensOf(words).map(({ stem }) => stem)));
  const rest = [...named, ...amounts].reduce((text, { at, length }) => blanked(text, at, length), line);
  const nothingNamed = !named.some(({ row }) => row.kind === 'ingredient' && row.row.id !== 'water');
  const left = [...rest.matchAll(/[\p{L}][\p{L}'’-]*/gu)].flatMap((found) => {
    const tokens = tokensOf(found[0]);
    const at = found.index ?? 0;
    const isKnown = (token: Token) =>
      neutral.has(token.word) ||
      known.has(token.stem) ||
      readableStems(token, lexicon).some((stem) => lexicon.stems.has(stem));
    // A name put together of words that are known is none of them: "Bright-o-Leaf".
    const isName = tokens.length > 2 && tokens.some(({ word }) => word.length < 2);
    if (!isName && tokens.every((token) => isFiller(token) || isKnown(token))) return [];
    if (/(?:['’]s|s['’])$/u.test(found[0]) || isAbout.test(line.slice(at + found[0].length))) return [];
    const end = at + found[0].length;
    const isSubstance =
      after.test(line.slice(0, at)) || before.test(line.slice(end)) || (nothingNamed && goesOn.test(line.slice(end)));
    // "Spray my prize roses": what stands before a name that is known belongs to it.
    const next = named.find((mention) => mention.at >= end && isItsOwn.test(line.slice(end, mention.at)));
    // But "zirconium phosphate" is what its first word says.
    const isFamily = next !== undefined && family.test(line.slice(next.at, next.at + next.length));
    return [{ word: found[0], mayBeSubstance: isFamily || (isSubstance && !next) }];
  });
  // A figure that is part of nothing is told as well.
  const figures = [...rest.replace(ratio, '').matchAll(/(?<![\d:/.,-])\d+(?:[.,]\d+)?(?![\d:/-])/gu)].map(
    ([figure]) => figure,
  );
  const words = (mayBeSubstance: boolean) => [
    ...new Set(left.filter((one) => one.mayBeSubstance === mayBeSubstance).map(({ word }) => word)),
  ];
  const notUnderstood = words(true);
  return {
    notUnderstood,
    notUsed: [...words(false).filter((word) => !notUnderstood.includes(word)), ...new Set(figures)],
  };
}

/** "1 to 9", "1:30": read as one. */
const ratio = /\d+\s*(?:to|in|:|parts?(?:\s+to)?)\s*\d+/g;

/** "Flubberwax on my roses": where no substance is known, what goes on something may be one. */
const goesOn = /^\s+(?:on|over|onto|round|around|against)\s/u;

/** "Nothing with paws about": somebody, and no substance. */
const isAbout = /^\s+(?:about|around here|nearby)\b/u;

/** At most one more word, and no preposition, between an adjective and its noun. */
const isItsOwn = /^[\s-]+(?:(?!(?:in|into|on|onto|with|to|and|or|for|over|of)\b)[\p{L}’'-]+\s+)?$/u;
/** Names of families, told apart by the word before. */
const family = /(?:phosphate|sul(?:ph|f)ate|chloride|nitrate|oxide|carbonate|acid)s?$/u;
