import { anyOf } from '../chance';
import type { CauseFamily, CauseId, RemedyId, RemedyRow } from '../tables';
import { careAtFault } from '../weigh/stake';
import type { Weighing } from '../weigh/weigh';

/** What the suggestion has to know of a remedy that is offered, best first. */
interface Offered {
  readonly id: RemedyId;
  readonly row: RemedyRow;
  readonly cost: number;
  readonly helps: readonly { readonly of: string; readonly fits: number; readonly chance: number }[];
}

/** Rivals of one family that share the evidence: which of them it is matters less than what answers them all. */
export interface Rivals {
  readonly family: CauseFamily;
  readonly causes: readonly CauseId[];
}

/** From here on a cause leads beside the first, and the suggested set must answer it. */
const leads = 0.4;
/** The first leads from here on. */
const firstLeads = 0.25;
/** A rival of the same family counts from here on. */
const rivalFrom = 0.2;
/** Together they are hardly more than one cause: then they are rivals, and not two troubles at once. */
const asOne = 1.25;
/** A spray, feed, drench or bait is suggested only where it is at least this likely to meet what it is for. */
const sureEnoughToApply = 0.55;
/** What takes wood away is suggested only where it is at least this likely to be right. */
const sureEnoughToCut = 0.6;
/** While one only watches, what is done meanwhile has to fit this well. */
const worthMeanwhile = 0.4;
/** What answers less than this hardly answers. */
const answersAtAll = 0.3;
/** A condition leads, where no cause does, from here on. */
const conditionLeads = 0.5;

/** Care, hand work and leaving it harm little where the reading was wrong. */
export const isMild = ({ rung, classes, takes }: RemedyRow): boolean =>
  takes === undefined &&
  ['leave', 'care', 'hand', 'helpers', 'professional'].includes(rung) &&
  !classes.includes('feed');

/** Helpers that are sent for live for days: nobody buys them before it is told what for. */
const isBought = ({ facts }: RemedyRow): boolean => facts.cost === 'some' || facts.cost === 'dear';

/** One thing that must be answered: a cause, a condition, or rivals of one family. */
interface Leading {
  readonly chance: number;
  readonly members: readonly { readonly of: string; readonly chance: number }[];
}

/** Rivals of one family among the likeliest causes. */
export function rivalsIn({ causes }: Pick<Weighing, 'causes'>): Rivals | undefined {
  const [first] = causes;
  const family = first?.row.family;
  if (!first || family === undefined || first.probability < rivalFrom) return undefined;
  const all = causes.filter(({ row, probability }) => row.family === family && probability >= rivalFrom);
  const sum = all.reduce((total, { probability }) => total + probability, 0);
  return all.length > 1 && sum <= asOne ? { family, causes: all.map(({ id }) => id) } : undefined;
}

/**
 * What the action says, for the causes that it rests on: for each the remedy that answers it best among those offered.
 * Leaving suggests only to leave; watching comes with the mild thing that is worth doing meanwhile.
 */
export function suggestedSet(offered: readonly Offered[], weighing: Weighing): ReadonlySet<RemedyId> {
  const { action } = weighing;
  const toLeave = offered.filter(({ row }) => row.rung === 'leave').map(({ id }) => id);
  if (action.class === 'leave') return new Set(toLeave.slice(0, 1));
  const chosen = new Set<RemedyId>();
  const leading = leadingOf(weighing);
  if (action.class === 'watch') toLeave.slice(0, 1).forEach((id) => chosen.add(id));
  // Where somebody else has to tell, that is said whatever it is.
  const asks = action.class === 'ask-expert' ? offered.find(({ row }) => isAskedFor(row, action.class)) : undefined;
  if (asks) chosen.add(asks.id);
  for (const one of action.class === 'watch' ? leading.slice(0, 1) : leading) {
    const fitsOf = ({ helps }: Offered) => fitOf(one, helps);
    const able = offered
      .map((remedy) => ({ ...remedy, fits: fitsOf(remedy) }))
      .filter(({ row, fits }) => fits > 0 && maySuggest(row, one.chance, action.class, fits));
    const asked = able.filter(({ row }) => isAskedFor(row, action.class));
    const wanted = asked.length > 0 || asks ? asked : able;
    // Unless that is what the action says, a plant is not given up while something gentler answers.
    const gentler = wanted.filter(({ row, fits }) => row.takes !== 'plant' && fits >= answersAtAll);
    const [best] = (action.class === 'remove' || gentler.length === 0 ? wanted : gentler)
      .map(({ id, cost, fits }) => ({ id, worth: fits * one.chance - cost }))
      .sort((a, b) => b.worth - a.worth);
    if (best) chosen.add(best.id);
    // Reporting and asking take days: what keeps it from spreading is done meanwhile.
    const meanwhile = able
      .filter(({ id, row, fits }) => id !== best?.id && row.rung !== 'leave' && fits >= worthMeanwhile)
      .filter(({ row }) => row.takes !== 'plant' && (row.rung === 'hand' || row.rung === 'care'));
    if (['report', 'ask-expert'].includes(action.class) && meanwhile[0]) chosen.add(meanwhile[0].id);
  }
  const mildest = offered.find(({ row, helps }) => isMild(row) && helps.some(({ chance }) => chance >= firstLeads));
  if (chosen.size === 0 && mildest) chosen.add(mildest.id);
  return chosen;
}

function leadingOf(weighing: Weighing): Leading[] {
  const { causes, conditions } = weighing;
  const rivals = rivalsIn(weighing);
  const single = causes
    .filter(({ id }) => !rivals?.causes.includes(id))
    .filter(({ probability }, index) => probability >= leads || (!rivals && index === 0 && probability >= firstLeads))
    .map(({ id, probability }) => ({ chance: probability, members: [{ of: id, chance: probability }] }));
  const together = rivals?.causes.map((id) => ({
    of: id,
    chance: causes.find((cause) => cause.id === id)?.probability ?? 0,
  }));
  const all: Leading[] = [
    ...(together ? [{ chance: anyOf(together.map(({ chance }) => chance)), members: together }] : []),
    ...single,
  ];
  // Where care is to be mended first, the fault leads beside what it is seen with.
  if (weighing.action.class === 'mend-care-first') {
    const fault = careAtFault(causes, conditions);
    const isThere = fault.causes.some(({ id }) => all.some(({ members }) => members.some(({ of }) => of === id)));
    const [worst] = isThere ? [] : [...fault.causes.slice(0, 1), ...fault.conditions.slice(0, 1)];
    if (worst) all.push({ chance: worst.probability, members: [{ of: worst.id, chance: worst.probability }] });
  }
  if (all.length > 0) return all;
  return conditions
    .filter(({ probability }) => probability >= conditionLeads)
    .slice(0, 1)
    .map(({ id, probability }) => ({ chance: probability, members: [{ of: id, chance: probability }] }));
}

/** How well a remedy answers what leads: over rivals the mean, by how likely each is. */
function fitOf({ members }: Leading, helps: Offered['helps']): number {
  const whole = members.reduce((sum, { chance }) => sum + chance, 0);
  return (
    members.reduce((sum, { of, chance }) => sum + chance * (helps.find((help) => help.of === of)?.fits ?? 0), 0) / whole
  );
}

function maySuggest(row: RemedyRow, chance: number, action: Weighing['action']['class'], fits: number): boolean {
  if (action === 'watch')
    return (
      isMild(row) &&
      row.rung !== 'leave' &&
      row.rung !== 'professional' &&
      fits >= worthMeanwhile &&
      !(row.rung === 'helpers' && isBought(row))
    );
  if (row.takes === 'wood') return chance >= sureEnoughToCut;
  // Nobody is told to mend the care of a plant and to pull it up.
  if (row.takes === 'plant') return action === 'remove' || (action === 'treat-now' && chance >= sureEnoughToApply);
  return isMild(row) || chance >= sureEnoughToApply;
}

/** The remedies that do what the action says, where any is offered. */
function isAskedFor({ rung, takes, classes }: RemedyRow, action: Weighing['action']['class']): boolean {
  switch (action) {
    case 'remove':
      return takes === 'plant' || classes.includes('lift');
    case 'report':
      return classes.includes('report');
    case 'ask-expert':
      return classes.includes('ask');
    default:
      return rung !== 'leave';
  }
}
