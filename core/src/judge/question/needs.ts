import type { HeardDose } from '../../hear';
import type { IngredientRow, Tables } from '../../tables';
import { limitFor, type Act } from '../judge';
import type { Mention } from '../mentions';
import type { Named } from './names';

/** What has to be known before an act can be called fine. */
export type Need =
  | { readonly kind: 'what' }
  | { readonly kind: 'how-strong'; readonly ingredient: string }
  | { readonly kind: 'which-bottle'; readonly ingredient: string };

/** Things nobody can judge by: no name, no label, somebody's mixture. */
const nameless =
  /\b(?:could be|might be|can'?t (?:recall|remember|tell) which|one of (?:them|'?em|those)\b|what-is-it|no (?:label|name)|label (?:is )?(?:long )?(?:gone|off|missing|unreadable|faded|washed off|fell off|peeled)|unlabell?ed|without a label|(?:white|grey|blue|green|brown|pink|mystery|some|unknown) (?:powder|granules|crystals|liquid|stuff|pellets)|(?:mystery|unknown) \w+|home[- ]?brew\w*|don'?t know what|dunno what|not sure what|no idea what|what(?:ever)? (?:it|this|that) is)\b/;
/** Working without anything that could hurt. */
const bareHands =
  /\b(?:by hand|pick(?:ing|ed)? (?:them |it |off)|hos(?:e|ing|ed)|jet of water|plain water|just water|rinse|prun\w*|cut(?:ting)? (?:out|off|back)|dig(?:ging)?|hoe(?:ing)?|pull(?:ing)?|net(?:ting)?|fleece|mulch\w*|repot\w*|squash(?:ing)?|rub(?:bing)? off|traps?|compost\w*|move|give away|burn)\b/;

/** The questions back, the first that matters. */
export function needsOf(
  tables: Tables,
  act: Act,
  used: readonly { readonly mention: Mention<IngredientRow>; readonly dose: HeardDose }[],
  named: readonly Mention<Named>[],
  line: string,
): Need[] {
  if (nameless.test(line)) return [{ kind: 'what' }];
  const isNamed = named.some(({ row }) => row.kind === 'ingredient' && row.row.id !== 'water');
  if (!isNamed && !bareHands.test(line)) return [{ kind: 'what' }];
  if (act.things.some(({ classes }) => classes.includes('nitrogen'))) return [];
  return used.flatMap(({ mention: { row }, dose }): Need[] => {
    const thing = act.things.find(({ ingredient }) => ingredient === row.id);
    if (!thing || act.use === undefined || dose.labelRate === 1) return [];
    const limit = limitFor(tables, thing, act.use, act.isYoung === true);
    if (!limit || limit.most === 0 || thing.dose !== undefined) return [];
    if (row.classes.includes('peroxide') && dose.label === undefined)
      return [{ kind: 'which-bottle', ingredient: row.id }];
    return strengthMatters.some((name) => row.classes.includes(name))
      ? [{ kind: 'how-strong', ingredient: row.id }]
      : [];
  });
}

/** Of these a wrong strength kills what it was to help; of others it wastes work. */
const strengthMatters = ['peroxide', 'bleach', 'soap', 'detergent', 'bicarbonate', 'borate', 'oil', 'feed', 'irritant'];
