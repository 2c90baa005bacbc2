import type { z } from 'zod';
// eslint-disable-next-line no-restricted-imports -- words of fields stand with all others, and know no floor
import { fieldSays, type FieldCode } from '../wording/fields';

/** What was wrong with what came in: the field, and what to do about it. */
export interface FieldProblem {
  readonly field: string;
  /** What was wrong, by its code in wording/fields. */
  readonly code?: FieldCode;
  readonly message: string;
  /** What is sent back to say that it has been read. */
  readonly key?: string;
}

/** Bad input, named field by field. Nothing has been written when this is thrown. */
export class InputError extends Error {
  constructor(readonly problems: readonly [FieldProblem, ...FieldProblem[]]) {
    super(problems.map(({ field, message }) => `${field}: ${message}`).join('; '));
    this.name = 'InputError';
  }
}

type Data = Readonly<Record<string, string | number>>;

const problemAt = (field: string, code: FieldCode, data: Data = {}): FieldProblem => ({
  field,
  code,
  message: fieldSays(code, data),
});

/** One field does not fit: which, why (a code of wording/fields), and what the code carries. */
export const inputError = (field: string, code: FieldCode, data: Data = {}): InputError =>
  new InputError([problemAt(field, code, data)]);

/** Parses with a schema. @throws InputError naming every field that does not fit. */
export function parseInput<Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  const [first = problemAt('body', 'not-expected'), ...rest] = told(result.error);
  throw new InputError([first, ...rest]);
}

/** Checks one value that stands elsewhere than in a body. @throws InputError naming that place */
export function parseAt<Schema extends z.ZodType>(schema: Schema, value: unknown, field: string): z.output<Schema> {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const [first = problemAt(field, 'not-expected')] = told(result.error);
  throw new InputError([{ ...first, field }]);
}

/** What does not fit, field by field, for a form that says it beside its fields; empty where all fits. */
export function problemsIn(schema: z.ZodType, input: unknown): FieldProblem[] {
  const result = schema.safeParse(input);
  return result.success ? [] : told(result.error);
}

const told = ({ issues }: z.ZodError): FieldProblem[] =>
  issues.map((issue) => problemAt(fieldOf(issue), ...codeOf(issue)));

function fieldOf(issue: z.core.$ZodIssue): string {
  const path = issue.code === 'unrecognized_keys' ? [...issue.path, ...issue.keys.slice(0, 1)] : issue.path;
  const text = path.map((part) => (typeof part === 'number' ? `[${part}]` : `.${String(part)}`)).join('');
  return text.replace(/^\./, '') || 'body';
}

function codeOf(issue: z.core.$ZodIssue): [code: FieldCode, data: Data] {
  switch (issue.code) {
    case 'unrecognized_keys':
      return ['strange-key', {}];
    case 'invalid_type':
      return [issue.input === undefined ? 'must-be-missing' : 'must-be', { what: article(issue.expected) }];
    case 'invalid_value':
      return ['one-of', { known: issue.values.map((value) => `"${String(value)}"`).join(', ') }];
    case 'too_small': {
      const least = String(issue.minimum);
      if (issue.origin === 'array') return ['must-hold', { least }];
      if (issue.origin === 'string') return Number(least) > 1 ? ['must-be-long', { least }] : ['empty', {}];
      return [issue.inclusive ? 'at-least' : 'more-than', { least }];
    }
    case 'too_big': {
      const most = String(issue.maximum);
      if (issue.origin === 'array') return ['must-hold-at-most', { most }];
      if (issue.origin === 'string') return ['must-be-short', { most }];
      return [issue.inclusive ? 'at-most' : 'less-than', { most }];
    }
    default:
      return ['as-it-says', { says: issue.message.charAt(0).toLowerCase() + issue.message.slice(1) }];
  }
}

const article = (type: string) => (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`);
