import { isNameless, saysKept, saysLetBe, saysSownFor, saysWatered, type HeardDose } from '../../hear';
import { rowById, type IngredientRow, type Tables } from '../../tables';
import type { CautionFound } from '../caution';
import { limitFor, type Act } from '../judge';
import type { Mention } from '../../hear/mentions';
import type { ByHand } from './by-hand';
import { isLaidDry } from './feeds';
import type { Named } from './names';

/** What has to be known before an act can be called fine. */
export type Need =
  /** Its name; `nameless` where the gardener says that nobody knows it. */
  | { readonly kind: 'what'; readonly nameless?: true }
  | { readonly kind: 'how-strong'; readonly ingredient: string }
  | { readonly kind: 'which-bottle'; readonly ingredient: string }
  /** Leaves, roots, blades: it is limited by where it goes, and nothing says where. */
  | { readonly kind: 'where'; readonly ingredient: string };

const wetting: ReadonlySet<string> = new Set(['soap', 'detergent', 'oil']);

/** The questions back, the first that matters. */
export function needsOf(
  tables: Tables,
  act: Act,
  used: readonly { readonly mention: Mention<IngredientRow>; readonly dose: HeardDose }[],
  named: readonly Mention<Named>[],
  line: string,
  byHand: ByHand,
): Need[] {
  if (isNameless(line)) return [{ kind: 'what', nameless: true }];
  const isNamed = named.some(({ row }) => row.kind === 'ingredient' && row.row.id !== 'water');
  const isWork =
    saysLetBe(line) ||
    saysSownFor(line) ||
    byHand.isHarmless ||
    byHand.asked.length > 0 ||
    named.some(({ row }) => row.kind === 'work');
  if (!isNamed && !isWork && !saysWatered(line)) return [{ kind: 'what' }];
  if (act.things.some(({ classes }) => classes.includes('nitrogen'))) return [];
  return used.flatMap(({ mention: { row }, dose }): Need[] => {
    const thing = act.things.find(({ ingredient }) => ingredient === row.id);
    // A drop of soap to wet leaves is nothing; a splash of peroxide may be anything.
    const isTrace = dose.trace && row.classes.some((name) => wetting.has(name));
    if (!thing || (dose.labelRate ?? 2) <= 1 || isTrace) return [];
    // What is sold ready to use is as strong as it should be; shells in vinegar are being made into something.
    if (act.facts?.includes('ready-to-use') && row.classes.includes('soap')) return [];
    if (row.classes.includes('acid') && act.things.some(({ classes }) => classes.includes('shell'))) return [];
    // Of these a wrong strength kills what it was to help; of others it wastes work.
    const decides = tables.classes.some(({ id, strengthMatters }) => strengthMatters && row.classes.includes(id));
    if (act.use === undefined)
      return isLimited(tables, row) || (decides && thing.dose === undefined)
        ? [{ kind: 'where', ingredient: row.id }]
        : [];
    const limit = limitFor(tables, thing, act.use, act);
    if (!limit || limit.most === 0) return [];
    // Bottles of it run from 3 to 12 % and more: a share of an unknown one is no strength.
    if (row.classes.includes('peroxide') && dose.label === undefined)
      return [{ kind: 'which-bottle', ingredient: row.id }];
    if (thing.dose !== undefined) return [];
    // Strewn dry no water thins it; seedlings bear none of that.
    if (row.classes.includes('feed') && isLaidDry(line) && !act.isYoung) return [];
    // How strong a brew is matters when it goes on.
    if (row.classes.includes('ferment') && saysKept(line)) return [];
    return decides ? [{ kind: 'how-strong', ingredient: row.id }] : [];
  });
}

/**
 * Where nothing is said of how much, and the hour, the place or the days speak against it, that is the answer; how
 * strong it is to be stands on its own card.
 */
export const needsBeside = (
  tables: Tables,
  needs: readonly Need[],
  cautions: readonly CautionFound[],
  used: readonly { readonly mention: Mention<IngredientRow>; readonly dose: HeardDose }[],
): Need[] =>
  !cautions.some((found) => isOfTheMoment(tables, found))
    ? [...needs]
    : needs.filter((need) => {
        if (need.kind !== 'how-strong' && need.kind !== 'where') return true;
        const one = used.find(({ mention: { row } }) => row.id === need.ingredient);
        if (need.kind === 'where') return one !== undefined && isLimited(tables, one.mention.row);
        return one?.dose.amountOnly === true;
      });

const ofTheDays: ReadonlySet<string> = new Set([
  ...['wait-to-pick', 'days-between', 'too-often', 'too-soon', 'too-old', 'too-cold', 'too-warm', 'out-of-season'],
]);
/** What two things do to each other as well; not what is minded with one thing, or on such a plant, whenever it goes on. */
function isOfTheMoment({ safetyRules }: Tables, found: CautionFound): boolean {
  if (found.level !== 'caution') return false;
  if ('rule' in found) {
    const { facts = [], things = [] } = rowById(safetyRules, found.rule, 'safetyRules').when;
    return facts.length > 0 || things.length > 1;
  }
  return 'code' in found && ofTheDays.has(found.code);
}

/** Somewhere it may not go at all. */
const isLimited = ({ limits }: Pick<Tables, 'limits'>, { id, classes }: IngredientRow): boolean =>
  limits.some(({ of, most }) => (of === id || classes.includes(of)) && most === 0);
