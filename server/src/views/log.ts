import type { LogEntry } from '@trowel/core/contract';
import type { Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import { maybeOneBatch, maybeOneVessel } from '../store/bench';
import type { LogRow } from '../store/log';
import { maybeOneTreatment } from '../store/treatments';

interface About {
  readonly db: Db;
  readonly tables: Tables;
}

const commandWords: Record<string, string> = {
  'open-case': 'Case opened',
  'add-evidence': 'Signs noted',
  'answer-check': 'Check made',
  'choose-remedy': 'Remedy chosen',
  'end-treatment': 'Remedy ended',
  'record-step': 'Step',
  'add-look': 'Counted',
  'close-case': 'Case closed',
  'reopen-case': 'Case opened again',
  'add-bed': 'Bed added',
  'add-planting': 'Planted',
  'change-garden': 'Garden settings changed',
  'add-soil-test': 'Soil test noted',
  'import-soil-tests': 'Soil tests imported',
  'set-threshold': 'Threshold changed',
  'set-harvest': 'Harvest day set',
  'answer-practice': 'Practised a reading',
  'set-preferences': 'Own rules changed',
  'keep-ingredient': 'Cupboard',
  'drop-ingredient': 'Out of the cupboard',
  'add-vessel': 'Sprayer or jar added',
  'note-vessel': 'Sprayer or jar',
  'note-mix': 'Mixed',
  'take-back-mix': 'Mix, taken back',
  'start-batch': 'Brew begun',
  'note-batch': 'Brew',
  'take-back-batch-event': 'Brew, taken back',
  'save-recipe': 'Recipe saved',
  'delete-recipe': 'Recipe deleted',
};

/** A log line in words. */
export function logEntryOf(about: About, { id, on_date, command, case_id, body }: LogRow): LogEntry {
  return {
    id,
    on: on_date,
    command,
    caseId: case_id,
    says: [commandWords[command] ?? command, detailOf(about, body)].filter(Boolean).join(': '),
  };
}

function detailOf({ db, tables }: About, body: Record<string, unknown>): string {
  const text = (key: string) => (typeof body[key] === 'string' ? (body[key] as string) : undefined);
  const [firstId] = Array.isArray(body.ids) ? (body.ids as string[]) : [];
  const parts: (string | undefined)[] = [
    text('said') === undefined ? undefined : `“${text('said')}”`,
    Array.isArray(body.items) ? itemWords(tables, body.items as Item[]) : undefined,
    tables.checks.find(({ id }) => id === text('check'))?.name,
    tables.remedies.find(({ id }) => id === text('remedy'))?.name,
    text('step') === undefined
      ? undefined
      : `${stepWords({ db, tables }, text('treatmentId'), text('step') ?? '')}, ${text('outcome')}`,
    Array.isArray(body.counts) ? (body.counts as number[]).join(', ') : undefined,
    text('step') === undefined ? text('outcome') : undefined,
    text('label') ?? text('name'),
    ingredientWords(tables, text('ingredient')),
    firstId === undefined ? undefined : (maybeOneBatch(db, firstId)?.name ?? maybeOneVessel(db, firstId)?.name),
    text('name') === undefined ? batchEventWords[text('kind') ?? ''] : undefined,
    typeof body.ml === 'number' ? `${body.ml} mL` : undefined,
    typeof body.volumeMl === 'number' ? `${body.volumeMl} mL` : undefined,
    text('held') ?? (body.washed === true ? 'washed three times' : undefined),
    (body.document as { name?: string } | undefined)?.name,
    Array.isArray(body.acknowledged) && body.acknowledged.length > 0
      ? `having read ${readWords(tables, body.acknowledged as string[])}`
      : undefined,
  ];
  return parts.filter((part) => part !== undefined && part !== '').join(' · ');
}

interface Item {
  readonly sign?: string;
  readonly state?: string;
}

const itemWords = (tables: Tables, items: readonly Item[]): string =>
  items
    .map(({ sign, state }) => {
      const name = tables.signs.find(({ id }) => id === sign)?.name ?? '';
      if (state === 'seen') return name;
      return state === 'absent' ? `no ${name.toLowerCase()}` : `${name} taken back`;
    })
    .join(', ');

/** The step of that very remedy: many chains have a step called "spray". */
function stepWords({ db, tables }: About, treatmentId: string | undefined, step: string): string {
  const row = treatmentId === undefined ? undefined : maybeOneTreatment(db, treatmentId);
  const remedy = tables.remedies.find(({ id }) => id === row?.remedy);
  return remedy?.steps.find(({ id }) => id === step)?.does ?? step;
}

const ingredientWords = (tables: Tables, id: string | undefined): string | undefined =>
  id === undefined ? undefined : (tables.ingredients.find((row) => row.id === id)?.name ?? id);

const batchEventWords: Readonly<Record<string, string>> = {
  stirred: 'stirred',
  'fizz-ended': 'no more fizz',
  strained: 'strained',
  used: 'used',
  'thrown-out': 'thrown out',
};

/** What was acknowledged, in the words that were read. */
function readWords(tables: Tables, rules: readonly string[]): string {
  const says = rules.map((rule) => {
    const [remedy, index] = rule.split(':');
    const own = tables.remedies
      .find(({ id }) => id === remedy)
      ?.cautions.filter(({ at, level }) => at === 'apply' && level !== 'note')[Number(index)];
    return own?.says ?? tables.safetyRules.find(({ id }) => id === rule)?.says ?? rule;
  });
  return says.map((words) => `“${words}”`).join(' ');
}
