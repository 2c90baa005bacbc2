import type { Said } from '../quantities';
import { fill } from './everyday/fill';

/** What does not fit in one field, after the field's name; `{…}` is what was given or what is known. */
const unfit = {
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
export type UnfitCode = keyof typeof unfit;

/** Why something cannot be done as things stand. */
const conflicts = {
  'case-closed': 'The case “{name}” is closed; open it again first.',
  'case-open': 'The case is open already.',
  'not-for-plant': '{remedy} is not for this plant: {why}.',
  'under-way': '{remedy} is already under way in this case.',
  'not-ticked': 'That step is not ticked, so there is nothing to undo.',
  'ticked-already': 'That step is ticked already.',
  'taken-back-already': 'That mix has been taken back already.',
  'nothing-left': 'Nothing is left of {name}.',
  'not-ready': '{name} is not ready before {day}.',
  'nothing-noted': 'Nothing has been noted yet, so there is nothing to take back.',
  'no-longer-known': '“{given}” is no longer known here; choose something else.',
  /** What a rule or a card says itself. */
  said: '{says}',
} as const;
export type ConflictCode = keyof typeof conflicts;

/** Everything that may be said of a failure, for the test that walks it all. */
export const problemSentences = { unfit, conflicts };

const missing = 'There is no {what} "{id}".';

export const unfitWords = (code: UnfitCode, data: Said['with'] = {}): string => fill(unfit[code], data, 'metric');
export const conflictWords = (code: ConflictCode, data: Said['with'] = {}): string =>
  fill(conflicts[code], data, 'metric');
export const missingWords = (what: string, id: string): string => fill(missing, { what, id }, 'metric');

/** Every way a request can fail, as its title; the server knows their status. */
export const problemTitles = {
  'bad-input': 'Something in the request does not fit',
  'bad-json': 'The body is not JSON',
  'too-large': 'The body is too large',
  'not-found': 'There is no such thing here',
  conflict: 'That cannot be done as things stand',
  internal: 'The server stumbled; nothing was half-written',
} as const;

/** What is said of a failure that nobody described. */
export const plainDetails = {
  'bad-json': 'The body could not be read as JSON; check commas and quotes.',
  'too-large': 'The body is larger than 1 MB.',
  internal: 'Please try again; if it happens again, note what you did.',
} as const;
export const nothingAt = (path: string): string => `There is nothing at ${path}.`;
