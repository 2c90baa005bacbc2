import { knowledge } from '@trowel/knowledge/reader';
import { randomUUID } from 'node:crypto';
import { keepTaking, readAnew } from './acts/takings';
import { broughtUpToDate, bundleOf, isEmpty, readBundle, takeIn, type Bundle } from './bundle';
import { gardenTime } from './clock';
import { openDatabase } from './database';
import { acts } from './handlers';
import { mergeIn, type Brought } from './merge';
import { plainProblem } from './problems';
import { readSheet, sheetOut, theSheet, type SheetLooked } from './sheets';
import { oneGarden } from './store/garden';
import { addLog } from './store/log';
import { inTransaction } from './store/remembered';
import type { LongWork } from './thread';
import type { Turns } from './turns';
import { inItsMeasures } from './views/measures';
import { rememberPlan, type Deps } from './views/plan';

/**
 * Works on a whole garden: of ten years they take seconds. Where the garden lies in a file they are done on a thread,
 * which opens it for itself; a garden in memory is worked on here.
 */
export const wholeWorks = {
  /** The garden as its bundle. */
  bundle: ({ db, clock }: Deps): Uint8Array =>
    inBytes(JSON.stringify(inTransaction(db, 'read', () => bundleOf(db, clock())))),

  /** What a bundle holds, and what would come in. */
  look: (deps: Deps, { bytes }: Sent) => {
    const { made, tables } = takenUp(bytes);
    const rows = Object.fromEntries(Object.entries(tables).map(([table, all]) => [table, all.length]));
    return { made, isEmpty: isEmpty(deps.db), rows, brings: isEmpty(deps.db) ? null : tried(deps, tables) };
  },

  /** A bundle into an empty garden. */
  takeIn: ({ db }: Deps, { bytes }: Sent): Record<string, number> => takeIn(db, takenUp(bytes)),

  /** A bundle into a garden that is not empty. */
  merge: (deps: Deps, { bytes }: Sent): { readonly id: string; readonly brings: Record<string, Brought> } => {
    const { tables } = takenUp(bytes);
    const { db, clock } = deps;
    return inTransaction(db, 'write', () => {
      const now = clock();
      const { today } = gardenTime(now, oneGarden(db).time_zone);
      const { brought, put, cases } = mergeIn(db, tables);
      const id = keepTaking(db, 'garden', today, put);
      readAnew(deps, cases, put);
      rememberPlan(deps);
      const line = { commandId: randomUUID(), at: now.toISOString(), on: today, command: 'take-garden', caseId: null };
      addLog(db, { ...line, body: {}, result: { id }, device: deps.device });
      return { id, brings: brought };
    });
  },

  /** A table as CSV. */
  sheetOut: (deps: Deps, { sheet }: { sheet: string }): Uint8Array =>
    inBytes(inTransaction(deps.db, 'read', () => sheetOut(deps, theSheet(sheet)))),

  /** What a CSV would bring. */
  lookSheet: (deps: Deps, { sheet, csv }: { sheet: string; csv: string }): SheetLooked =>
    inTransaction(deps.db, 'read', () => readSheet(deps, theSheet(sheet), csv)).looked,

  /** An act that takes in, or out again, many rows at once. */
  act: (deps: Deps, { name, body, id, waitedMs }: { name: LongAct; body: unknown; id: string; waitedMs: number }) =>
    (acts[name] as (here: Deps, body: unknown, id: string, waitedMs: number) => unknown)(deps, body, id, waitedMs),
} as const;
/** A file as it came: taken apart on the thread, since letters alone take long where there are millions. */
interface Sent {
  readonly bytes: Uint8Array;
}
type WholeWorks = typeof wholeWorks;
export type WholeName = keyof WholeWorks;
type InputOf<Name extends WholeName> = WholeWorks[Name] extends (deps: Deps, input: infer Input) => unknown
  ? Input
  : undefined;

/** Acts that may take in thousands of rows. */
const longActs = ['takeSheet', 'undoTaking'] as const;
export type LongAct = (typeof longActs)[number];
export const isLongAct = (name: string): name is LongAct => longActs.some((known) => known === name);

/** Those that write: while they do, nobody else may. */
const writing: ReadonlySet<WholeName> = new Set<WholeName>(['takeIn', 'merge', 'act']);

const inBytes = (text: string): Uint8Array => new TextEncoder().encode(text);

function takenUp(bytes: Uint8Array): Bundle {
  let parsed: unknown;
  try {
    parsed = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw plainProblem('bad-json');
  }
  return broughtUpToDate(readBundle(parsed));
}

/** What a merge would bring: tried on a copy, so that nobody waits for it who wants to write. */
function tried({ db }: Deps, tables: Bundle['tables']): Record<string, Brought> {
  const bytes = db.serialize();
  // A file with a log beside it says so in two bytes of its head; in memory there is none.
  bytes[18] = bytes[19] = 1;
  const copy = openDatabase(bytes);
  try {
    return inTransaction(copy, 'write', () => mergeIn(copy, tables).brought);
  } finally {
    copy.close();
  }
}

/** A work as it is sent to the thread. */
export interface InFile {
  readonly file: string;
  /** Instant at which it is asked for. */
  readonly at: string;
  readonly device: string | undefined;
  readonly name: WholeName;
  readonly input: unknown;
}

/** The same on a garden in its file, opened for this work alone. */
export function workInFile({ file, at, device, name, input }: InFile): unknown {
  const db = openDatabase(file);
  try {
    return done(inItsMeasures({ db, tables: knowledge, clock: () => new Date(at), device }), name, input);
  } finally {
    db.close();
  }
}

const done = (deps: Deps, name: WholeName, input: unknown): unknown =>
  (wholeWorks[name] as (deps: Deps, input: unknown) => unknown)(deps, input);

/** A garden with what it takes to work on the whole of it. */
export interface Whole extends Deps {
  readonly turns: Turns;
  /** The thread; left out, there is none. */
  readonly long?: LongWork;
  /** Where the garden lies; left out, in memory. */
  readonly file?: string;
}

/** Does one of the works where it keeps nobody waiting. */
export async function onTheWhole<Name extends WholeName>(
  { turns, long, file, ...deps }: Whole,
  name: Name,
  input: InputOf<Name>,
): Promise<ReturnType<WholeWorks[Name]>> {
  const { clock, device } = deps;
  const work = async () =>
    file === undefined || !long
      ? done(inItsMeasures(deps), name, input)
      : long('whole', { file, at: clock().toISOString(), device, name, input });
  return (writing.has(name) ? turns.alone(work) : work()) as Promise<ReturnType<WholeWorks[Name]>>;
}
