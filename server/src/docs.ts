import { actsInLog, calls, type CallName } from '@trowel/core/contract';
import { benchTools, type FieldSpec } from '@trowel/core/mix';
import { baseUnitOf } from '@trowel/core/quantities';
import { toolWords } from '@trowel/core/wording';
import { z } from 'zod';

/** Tables of docs/ that are made from the code; `npm run docs` writes them, a test holds them to it. */

/** Fields that every tool with a bed takes; they stand in the text once. */
const bedFields = ['shape', 'length', 'width', 'across', 'cutLength', 'cutWidth', 'outline', 'area'];

/** Every sum of the bench with its fields, units and usual figures. */
export function toolTable(): string {
  const rows = benchTools.map(({ id, fields }) => {
    const own = Object.entries(fields).filter(([name]) => !('outline' in fields && bedFields.includes(name)));
    const told = own.map(([name, spec]) => `\`${name}\`${specWords(spec)}`);
    return `| \`${id}\` | ${toolWords(id).name} | ${['outline' in fields ? '*bed*' : '', ...told].filter(Boolean).join(', ')} |`;
  });
  return ['| tool | what | values |', '|---|---|---|', ...rows].join('\n');
}

function specWords(spec: FieldSpec): string {
  const maybe = spec.optional ? '?' : '';
  if (spec.kind === 'text') return maybe;
  if (spec.kind === 'choice') return ` (${spec.options.join('/')})${maybe}`;
  const unit = spec.kind === 'quantity' ? baseUnitOf(spec.quantity) : spec.unit === 'none' ? '' : spec.unit;
  const told = [unit, spec.usual === undefined ? '' : String(spec.usual)].filter(Boolean).join(', ');
  return `${told === '' ? '' : ` (${told})`}${maybe}`;
}

/** Every call: where, what goes in, what it is told as in the log, what it makes stale. */
export function callTable(): string {
  const rows = (Object.keys(calls) as CallName[]).map((name) => {
    const call = calls[name];
    const says = call.kind === 'act' ? (actsInLog.get(call.log.id)?.says ?? '') : '';
    return `| \`${name}\` | ${call.method} \`/api${call.path}\` | ${fieldsOf(call.input)} | ${says} | ${call.stale.join(', ')} |`;
  });
  return ['| call | where | fields | in the log | makes stale |', '|---|---|---|---|---|', ...rows].join('\n');
}

const fieldsOf = (schema: z.ZodType): string =>
  schema instanceof z.ZodObject
    ? Object.entries(schema.shape as Record<string, z.ZodType>)
        .filter(([name]) => name !== 'commandId')
        .map(([name, of]) => `\`${name}\`${of.isOptional() ? '?' : ''}`)
        .join(' ')
    : '';

/** A page with the text between its markers replaced. @throws Error when it has none of that name. */
export function withTable(page: string, name: string, table: string): string {
  const marked = new RegExp(`(<!-- ${name} -->\n)[\\s\\S]*?(\n<!-- /${name} -->)`);
  if (!marked.test(page)) throw new Error(`the page has no place for "${name}"`);
  return page.replace(marked, (_whole, begin: string, end: string) => `${begin}\n${table}\n${end}`);
}
