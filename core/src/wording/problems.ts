import type { Said } from '../quantities';
import { fill } from './everyday/fill';
import { fieldSentences } from './fields';

/** Why something cannot be done as things stand. */
const conflicts = {
  'case-closed': 'The case “{name}” is closed; open it again first.',
  'case-open': 'The case is open already.',
  'under-way': '{remedy} is already under way in this case.',
  'not-ticked': 'That step is not ticked, so there is nothing to undo.',
  'ticked-already': 'That step is ticked already.',
  'taking-in-use': 'Something here rests on what came in then; take that back first, or leave it as it is.',
  'taken-back-already': 'That has been taken back already.',
  'job-ended': '{name} has come to its end; nothing of it can be changed any more.',
  'job-open': '{name} is under way already.',
  'rests-already': 'It rests already.',
  'goes-on-already': 'It is under way already.',
  'nothing-overdue': 'Nothing of {name} is overdue.',
  'photo-given': 'That photograph belongs to another case.',
  'move-gone': 'What was counted of {name} does not ask for that (any more); look at its verdict again.',
  'move-used': 'Something of that round of {name} is done already; it cannot be taken back.',
  'brew-past': '{name} is past its best since {day}; throw it out, or draw from another brew.',
  'brew-short': 'Only {left} of {name} is left; mix less, or draw from another brew.',
  'bed-in-use': '{name} has work under way or an open case: {what}. Bring that to its end first.',
  'not-all-beds': 'The walking order must hold every place once.',
  'gone-already': '{name} has been taken out already.',
  'not-gone': '{name} is there already.',
  'sensor-there': 'There is a sensor in {name} already; take that out first.',
  'sensor-made-up': 'That sensor is made up and takes no readings; put in one of your own.',
  'nothing-left': 'Nothing is left of {name}.',
  'not-ready': '{name} is not ready before {day}.',
  'nothing-noted': 'Nothing has been noted yet, so there is nothing to take back.',
  'no-longer-known': '“{given}” is no longer known here; choose something else.',
  'garden-not-empty':
    'Something has been entered here already. A whole garden is taken into an empty one only: start with another --data folder, and take it in there.',
  /** What a rule or a card says itself. */
  said: '{says}',
} as const;
export type ConflictCode = keyof typeof conflicts;

/** Everything that may be said of a failure, for the test that walks it all. */
export const problemSentences = { unfit: fieldSentences, conflicts };

const missing = 'There is no {what} "{id}".';

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
  'not-here': 'This garden is not to be found under that name',
  'not-from-there': 'Only the garden’s own pages may ask this',
  'not-paired': 'This device is not paired with the garden',
  'wrong-passphrase': 'That was not it',
  'only-here': 'Only at the garden’s own computer',
  'too-many-tries': 'Too many tries',
  'not-json': 'The body must be JSON: send Content-Type application/json',
  'bad-request': 'The request cannot be read',
  'disk-full': 'There is no room left on the disk',
  'read-only': 'The garden’s file cannot be written',
  damaged: 'The garden’s file is damaged',
  'took-too-long': 'That took too long',
  internal: 'The server stumbled; nothing was half-written',
} as const;

/** What is said of a failure that nobody described. */
export const plainDetails = {
  'took-too-long':
    'It took longer than anyone should wait, and was given up; nothing was written. Try it in smaller parts.',
  'bad-json': 'The body could not be read as JSON; check commas and quotes.',
  'too-large': 'The body is larger than 1 MB.',
  'not-paired': 'Pair it first: open this garden’s address in its browser, with the passphrase or a code.',
  'wrong-passphrase':
    'Neither the passphrase nor a code that holds now. A code holds for ten minutes, and for one device.',
  'only-here': 'The passphrase is set at the computer on which the garden lies.',
  'too-many-tries': 'Too many wrong tries. Wait a quarter of an hour, then try again.',
  'disk-full':
    'The disk of the garden’s computer is full, so nothing more can be kept. Nothing was half-written. Make room there, then do it again.',
  'read-only':
    'The garden’s file cannot be written: it or its folder belongs to someone else, or the disk is locked. Nothing was half-written. Mend that, then do it again.',
  damaged:
    'Part of the garden’s file cannot be read. Stop the server, keep a copy of the file, and put the last backup back with ./trowel restore.',
  internal: 'Please try again; if it happens again, note what you did.',
} as const;
export const nothingAt = (path: string): string => `There is nothing at ${path}.`;
