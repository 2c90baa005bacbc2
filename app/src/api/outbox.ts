import {
  canWait,
  lateWords,
  longestWaitMs,
  staleAfter,
  type ActName,
  type InputOf,
  type OutputOf,
  type ReadName,
} from '@trowel/core/contract';
import { z } from 'zod';
import { isLost, send } from './client';
import { reach } from './reach';
import { isTour } from './tour';
import { newId } from './newid';

/** An act on its way: kept from the first press until it is answered, under one id, so that it is done once. */
const command = z.object({
  id: z.string(),
  act: z.string().transform((name) => name as ActName),
  /** The id in its path. */
  on: z.string().optional(),
  body: z.record(z.string(), z.unknown()),
  /** ms since 1970 by this device. */
  pressed: z.number(),
  /** What it is, in the list of what waits. */
  says: z.string(),
  /** Why the server did not take it. */
  refused: z.string().or(z.undefined()).optional(),
});
export type Command = z.output<typeof command>;

/** What an act is sent with: its body, and the id in its path where it has one. */
export interface ActInput<Name extends ActName> {
  readonly id?: string;
  readonly body?: Omit<InputOf<Name>, 'commandId'>;
  /** What it is, in a few words, should it have to wait. */
  readonly says?: string;
}

interface Settles {
  readonly answered: (output: never) => void;
  readonly failed: (error: Error) => void;
}
interface Told {
  /** Reads that show its effects. */
  readonly stale?: readonly ReadName[];
  readonly says?: string;
}

const queueName = 'outbox';
const idsName = 'outbox-ids';
/** How long an answer is waited for; sent again under the same id, it is not done twice. */
const patience = 8000;

const stored = <Value>(name: string, shape: z.ZodType<Value>, empty: Value): Value => {
  try {
    const parsed = shape.safeParse(JSON.parse(localStorage.getItem(name) ?? 'null'));
    return parsed.success ? parsed.data : empty;
  } catch {
    return empty;
  }
};
const store = (name: string, value: unknown) => localStorage.setItem(name, JSON.stringify(value));
const storedIds = () => stored(idsName, z.record(z.string(), z.string()), {});

let waiting: readonly Command[] = stored(queueName, z.array(command), []);
const listeners = new Set<() => void>();
const late = new Set<(told: Told) => void>();
/** Those whose page still looks on. */
const settles = new Map<string, Settles>();
const underWay = new Map<string, Promise<unknown>>();
let flushing: Promise<void> | undefined;

function change(make: (all: readonly Command[]) => readonly Command[]): void {
  waiting = make(stored(queueName, z.array(command), []));
  store(queueName, waiting);
  listeners.forEach((tell) => tell());
}

/** What waits, for `useSyncExternalStore`. */
export const outbox = {
  list: () => waiting,
  subscribe(tell: () => void) {
    listeners.add(tell);
    const elsewhere = ({ key }: StorageEvent) => {
      if (key !== queueName) return;
      waiting = stored(queueName, z.array(command), []);
      tell();
    };
    globalThis.addEventListener('storage', elsewhere);
    return () => {
      listeners.delete(tell);
      globalThis.removeEventListener('storage', elsewhere);
    };
  },
  /** Told when what waited has been answered. */
  onLate(tell: (told: Told) => void) {
    late.add(tell);
    return () => void late.delete(tell);
  },
  /** Takes something out that has not been sent. */
  drop: (id: string) => change((all) => all.filter((one) => one.id !== id)),
  /** Sends one again that was refused. */
  again(id: string) {
    change((all) => all.map((one) => (one.id === id ? { ...one, refused: undefined } : one)));
    return flush();
  },
};

/**
 * Does an act. Pressed twice before it is answered, it is one; not answered, it keeps its id until it is. What can wait
 * does, behind what waits already, and the page goes on with the answer that is assumed.
 * @throws ApiProblem what the server did not take @throws Unreachable an act that needs its answer
 */
export function perform<Name extends ActName>(
  name: Name,
  { id: on, body, says }: ActInput<Name>,
  usually: string,
): Promise<OutputOf<Name>> {
  // Nothing of a tour is kept here: it would be sent to one's own garden.
  const key = JSON.stringify([name, on, body, isTour()]);
  const same = underWay.get(key) as Promise<OutputOf<Name>> | undefined;
  if (same) return same;
  const done = (
    name in canWait && !isTour() ? wait(name, on, body, says ?? usually) : insist(name, on, body, key)
  ).finally(() => underWay.delete(key));
  underWay.set(key, done);
  return done;
}

async function insist<Name extends ActName>(
  name: Name,
  on: string | undefined,
  body: ActInput<Name>['body'],
  key: string,
): Promise<OutputOf<Name>> {
  const id = storedIds()[key] ?? newId();
  store(idsName, { ...storedIds(), [key]: id });
  // What it rests on comes first.
  await flush();
  let isAnswered = true;
  try {
    return await send(name, body, on, { commandId: id });
  } catch (error) {
    isAnswered = !isLost(error);
    throw error;
  } finally {
    if (isAnswered) store(idsName, Object.fromEntries(Object.entries(storedIds()).filter(([one]) => one !== key)));
  }
}

function wait<Name extends ActName>(
  name: Name,
  on: string | undefined,
  body: ActInput<Name>['body'],
  says: string,
): Promise<OutputOf<Name>> {
  const next: Command = {
    id: newId(),
    act: name,
    ...(on === undefined ? {} : { on }),
    body: { ...body },
    pressed: Date.now(),
    says,
  };
  return new Promise<OutputOf<Name>>((answered, failed) => {
    // Nobody waits for a server that is known to be out of reach.
    if (reach.isLost()) answered(assumed(next) as OutputOf<Name>);
    else settles.set(next.id, { answered: answered as Settles['answered'], failed });
    change((all) => [...all, next]);
    void flush();
  });
}

const assumed = ({ act, id, body }: Command): unknown =>
  (canWait as Partial<Record<ActName, (id: string, body: unknown) => unknown>>)[act]?.(id, body);

/** Sends what waits, in the order in which it was pressed; one tab at a time. */
export function flush(): Promise<void> {
  if (isTour()) return Promise.resolve();
  const alone = async () => {
    for (;;) {
      const next = stored(queueName, z.array(command), []).find(({ refused }) => refused === undefined);
      if (!next || !(await delivered(next))) break;
    }
    // Those that look on go on with what is assumed.
    for (const one of waiting) {
      settles.get(one.id)?.answered(assumed(one) as never);
      settles.delete(one.id);
    }
  };
  flushing ??= (navigator.locks ? navigator.locks.request(queueName, alone) : alone()).finally(() => {
    flushing = undefined;
    // What was pressed meanwhile.
    if (!reach.isLost() && waiting.some(({ refused, id }) => refused === undefined && settles.has(id))) void flush();
  });
  return flushing;
}

/** @returns false where the server is not reached */
async function delivered(next: Command): Promise<boolean> {
  const { act, id, on, body, pressed } = next;
  const onlooker = () => {
    const found = settles.get(id);
    settles.delete(id);
    return found;
  };
  try {
    const waited = Math.min(longestWaitMs, Math.max(0, Date.now() - pressed));
    const output = await send(act, body as never, on, { commandId: id, waited, patience });
    outbox.drop(id);
    const page = onlooker();
    if (page) page.answered(output as never);
    else {
      const says = lateWords(act, output);
      late.forEach((tell) => tell({ stale: staleAfter(act), ...(says === undefined ? {} : { says }) }));
    }
    return true;
  } catch (error) {
    if (isLost(error)) return false;
    const page = onlooker();
    const { message } = error as Error;
    if (page) {
      outbox.drop(id);
      page.failed(error as Error);
    } else change((all) => all.map((one) => (one.id === id ? { ...one, refused: message } : one)));
    return true;
  }
}
