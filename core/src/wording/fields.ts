/** What does not fit in one field, after the field's name; `{…}` is what was given or what is known. */
export const fieldSentences = {
  // The shape of what came in.
  'strange-key': 'is not a field that is known here; check its spelling or leave it out',
  'must-be': 'must be {what}',
  'must-be-missing': 'must be {what}; it is missing',
  missing: 'is missing',
  'missing-amount': 'is missing: an amount, in {unit} where no unit is given',
  'not-expected': 'is not what was expected',
  'must-hold': 'must hold at least {least}',
  'must-hold-at-most': 'must hold at most {most}',
  'must-be-long': 'must be at least {least} characters long',
  'must-be-short': 'must be at most {most} characters long',
  empty: 'must not be empty',
  'at-least': 'must be at least {least}',
  'at-most': 'must be at most {most}',
  'more-than': 'must be more than {least}',
  'less-than': 'must be less than {most}',
  'not-a-number': 'must be a number',
  'amount-shape': 'must be a number in {unit}, a text like "1 qt", or an object with "amount" and "unit"',
  'no-amount': '"{given}" is no amount; write a figure and a unit like {known}',
  'not-above-zero': '"{given}" is no amount; write a figure above zero, like {like}',
  'as-it-says': '{says}',

  // What is named and not known.
  unknown: '"{given}" is not known',
  'unknown-of': '"{given}" is not known; known: {known}',
  'unknown-use': '"{given}" is not known; use {known}',
  'unknown-here-use': '"{given}" is not known here; use {known}',
  'unknown-leave-out': '"{given}" is not known; leave it out or use a commoner name',
  'unknown-remedy-leave-out': '"{given}" is not a remedy that is known here; leave it out',
  'unknown-with-recipe': '"{given}" is not known; known with a recipe: {known}',
  'unknown-plant-leave-out': 'the plant "{given}" is not known; leave it out or use a commoner name',
  'strange-value': 'is not known here; "{of}" takes {known}',

  // Mixing and the bench.
  'bottle-too-weak': 'a {has} % bottle cannot give {wanted} %',
  'no-recipe-to-begin': '"{given}" has no recipe to begin from',
  'nothing-to-mix': '{remedy} has nothing to mix: {rate}',
  'strength-unknown': '"{given}" is not known here; use {known} or a number',
  'cannot-stand-in': '"{given}" cannot stand in for {usual}',
  'too-much-at-once': 'is more than {most}; mix what one evening needs',
  'corner-broken': 'corner {corner}, "{given}", must be two numbers like 3,1.5',
  'too-few-corners': 'needs at least three corners, like 0,0 3,0 3,2',
  'corner-too-large': 'the missing corner must be smaller than the bed',
  'outline-empty': 'encloses nothing; give the corners in order round the bed',
  'order-shape': 'must be an object naming a remedy, "oneTo", "together", "tool", "ask" or "recipe"',
  'order-empty': 'name a remedy, or "oneTo", "together", "tool", "ask" or "recipe"',

  // The job without a garden.
  'say-or-sign': 'needs either "say" (words) or "sign" (an id)',
  'seen-and-absent': '"{given}" is said to be both seen and absent; keep one',
  'stands-twice': '"{given}" stands twice; every job needs its own',
  'no-step-of': '"{given}" is not a step of {remedy}; its steps: {known}',
  'before-applied': 'lies before the remedy was put on ({day}); put it under "before"',

  // Acts on a garden.
  'no-such-bed': 'there is no bed "{given}"',
  'not-in-bed': '"{given}" does not grow in {bed}',
  'unknown-sign': '"{given}" is not a sign that is known here',
  'unknown-check': '"{given}" is not a check that is known here',
  'unknown-remedy': '"{given}" is not a remedy that is known here',
  'unknown-cause': '"{given}" is not a cause that is known here',
  'unknown-plant': '"{given}" is not a plant that is known here; try a commoner name',
  'unknown-ingredient': '"{given}" is not known; use a commoner name',
  'unknown-thing': '"{given}" is not known; name a remedy, a brew or an ingredient',
  'unknown-rule': '"{given}" is neither a remedy, a class nor an ingredient',
  'one-of': 'must be one of {known}',
  'beyond-limit': 'is beyond the limit: {why}',
  'no-such-step': '"{given}" is not a step of {remedy}',
  'other-case': 'belongs to another case',
  'bed-name-taken': 'there is a bed called "{given}" already',
  'no-bed-called': 'there is no bed called "{given}"',
  'not-counted': '{cause} is not judged by a count',
  'no-recipe': 'has no recipe to keep a strength of',
  'say-held': 'say what it holds, or "washed": true',
  'shell-missing': 'is missing: how much shell, acid in the vinegar, grain',
  'shell-only': 'belongs to shell extract only',
  'more-than-vessel': 'is more than {vessel} holds ({holds})',
  'no-fizz': 'only shells in vinegar fizz',
  'used-missing': 'is missing: how much of it was used?',
  'more-than-left': 'is more than is left ({left})',
  'csv-broken': '{why}',
  'csv-no-column': 'has no column "{column}"',
  'csv-strange-column': 'column "{column}" is not known; known are {known}',
  'csv-empty': 'has a header but no rows',
  'csv-not-number': '"{given}" is not a number',
  'csv-no-bed': 'is empty: which bed was tested?',
  'csv-not-day': '"{given}" is not a day as YYYY-MM-DD',
  'csv-texture': 'sand, silt and clay belong together: give all three or none',
  'csv-nothing': 'nothing was measured in this row',
} as const;
export type FieldCode = keyof typeof fieldSentences;

/** What a field's code says, of figures and names. @throws Error naming what the code does not carry. */
export const fieldSays = (code: FieldCode, data: Readonly<Record<string, unknown>> = {}): string =>
  fieldSentences[code].replace(/\{(\w+)\}/g, (_, name: string) => {
    if (data[name] === undefined) throw new Error(`"${code}" wants {${name}}, which is not given`);
    return String(data[name]);
  });
