import { actsInLog } from '../contract/api';
import { inBaseUnit, inWords, mL, type MeasureSystem } from '../quantities';
import { rowById, type BatchEventKind, type Tables } from '../tables';
import { lowerFirst } from './everyday/language';
import { cautionAlone } from './mix';

/** One detail of what was done, found by whoever keeps the log. */
export type LogDetail =
  | { readonly kind: 'quoted'; readonly text: string }
  | { readonly kind: 'name'; readonly text: string }
  | { readonly kind: 'sign'; readonly name: string; readonly state: 'seen' | 'absent' | 'not-looked' }
  | { readonly kind: 'step'; readonly does: string; readonly outcome: 'done' | 'skipped' | 'undone' }
  | { readonly kind: 'counts'; readonly counts: readonly number[] }
  | { readonly kind: 'outcome'; readonly outcome: string }
  | { readonly kind: 'brew'; readonly event: string }
  | { readonly kind: 'amount'; readonly of: 'volume' | 'mass'; readonly amount: number }
  | { readonly kind: 'washed' }
  | { readonly kind: 'read'; readonly keys: readonly string[] };

const brewEvents: Readonly<Record<BatchEventKind, string>> = {
  stirred: 'stirred',
  'fizz-ended': 'no more fizz',
  strained: 'strained',
  used: 'used',
  'thrown-out': 'thrown out',
  'ready-seen': 'seen to be ready',
  'not-yet': 'not ready yet',
  'gone-off': 'gone off',
};

/** How a case ended. */
export const outcomeWords: Readonly<Record<string, string>> = {
  solved: 'solved',
  'no-change': 'no change',
  worse: 'worse',
  'plant-harmed': 'the plant was hurt',
  mistaken: 'it was something else',
  left: 'left as it is',
  'given-up': 'given up',
};

/** A line of the log: what was done, by the id under which it is kept, and its details. */
export function logWords(tables: Tables, act: string, details: readonly LogDetail[], system: MeasureSystem): string {
  const told = details.map((detail) => detailWords(tables, detail, system)).filter((words) => words !== '');
  const title = actsInLog.get(act)?.says ?? act;
  return told.length === 0 ? title : `${title}: ${told.join(' · ')}`;
}

function detailWords(tables: Tables, detail: LogDetail, system: MeasureSystem): string {
  switch (detail.kind) {
    case 'quoted':
      return `“${detail.text}”`;
    case 'name':
      return detail.text;
    case 'sign':
      if (detail.state === 'seen') return detail.name;
      return detail.state === 'absent' ? `no ${lowerFirst(detail.name)}` : `${detail.name} taken back`;
    case 'step':
      return `${detail.does}, ${detail.outcome}`;
    case 'counts':
      return detail.counts.join(', ');
    case 'outcome':
      return outcomeWords[detail.outcome] ?? detail.outcome;
    case 'brew':
      return detail.event in brewEvents ? brewEvents[detail.event as BatchEventKind] : detail.event;
    case 'amount':
      return inWords(detail.of === 'volume' ? mL(detail.amount) : inBaseUnit('mass', detail.amount), system);
    case 'washed':
      return 'washed three times';
    case 'read':
      return `having read ${detail.keys.map((key) => `“${readWords(tables, key)}”`).join(' ')}`;
    default:
      return detail satisfies never;
  }
}

/** What was acknowledged, in the words that were read: a caution of a remedy's own, or a rule. */
function readWords(tables: Tables, key: string): string {
  for (const remedy of tables.remedies)
    for (const caution of remedy.cautions) if (`${remedy.id}:${caution.id}` === key) return caution.says;
  const [remedy, place = ''] = key.split(':');
  // Older logs told a caution by its place among those that were to be read before putting on.
  const older = /^\d+$/.test(place)
    ? tables.remedies
        .find(({ id }) => id === remedy)
        ?.cautions.filter(({ at, level }) => at === 'apply' && level !== 'note')[Number(place)]
    : undefined;
  if (older) return older.says;
  const rule = tables.safetyRules.find(({ id }) => id === key);
  return rule === undefined ? (cautionAlone(key) ?? key) : rowById(tables.safetyRules, rule.id, 'safetyRules').says;
}
