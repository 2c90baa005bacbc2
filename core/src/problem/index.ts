import type { z } from 'zod';

/** What was wrong with what came in: the field, and what to do about it. */
export interface FieldProblem {
  readonly field: string;
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

export const inputError = (field: string, message: string): InputError => new InputError([{ field, message }]);

/** Parses with a schema. @throws InputError naming every field that does not fit. */
export function parseInput<Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  const [first = { field: 'body', message: 'is not what was expected' }, ...rest] = told(result.error);
  throw new InputError([first, ...rest]);
}

/** What does not fit, field by field, for a form that says it beside its fields; empty where all fits. */
export function problemsIn(schema: z.ZodType, input: unknown): FieldProblem[] {
  const result = schema.safeParse(input);
  return result.success ? [] : told(result.error);
}

const told = ({ issues }: z.ZodError): FieldProblem[] =>
  issues.map((issue) => ({ field: fieldOf(issue), message: messageOf(issue) }));

function fieldOf(issue: z.core.$ZodIssue): string {
  const path = issue.code === 'unrecognized_keys' ? [...issue.path, ...issue.keys.slice(0, 1)] : issue.path;
  const text = path.map((part) => (typeof part === 'number' ? `[${part}]` : `.${String(part)}`)).join('');
  return text.replace(/^\./, '') || 'body';
}

function messageOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'unrecognized_keys':
      return 'is not a field that is known here; check its spelling or leave it out';
    case 'invalid_type':
      return `must be ${article(issue.expected)}${issue.input === undefined ? '; it is missing' : ''}`;
    case 'invalid_value':
      return `must be one of ${issue.values.map((value) => `"${String(value)}"`).join(', ')}`;
    case 'too_small':
      if (issue.origin === 'array') return `must hold at least ${String(issue.minimum)}`;
      return issue.origin === 'string'
        ? Number(issue.minimum) > 1
          ? `must be at least ${String(issue.minimum)} characters long`
          : 'must not be empty'
        : `must be ${issue.inclusive ? 'at least' : 'more than'} ${String(issue.minimum)}`;
    case 'too_big':
      if (issue.origin === 'string') return `must be at most ${String(issue.maximum)} characters long`;
      if (issue.origin === 'array') return `must hold at most ${String(issue.maximum)}`;
      return `must be ${issue.inclusive ? 'at most' : 'less than'} ${String(issue.maximum)}`;
    default:
      return issue.message.charAt(0).toLowerCase() + issue.message.slice(1);
  }
}

const article = (type: string) => (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`);
