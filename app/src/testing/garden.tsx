import {
  calls,
  parseInput,
  type ActName,
  type CallName,
  type CasesView,
  type CaseSummary,
  type PastCasesView,
  type ReadName,
} from '@trowel/core/contract';
import { spokenIn } from '@trowel/core/quantities';
import { knowledge } from '@trowel/knowledge/reader';
import { openDatabase } from '../../../server/src/database';
import { seedDemo } from '../../../server/src/demo/seed';
import { acts, reads } from '../../../server/src/handlers';
import { asProblem, problemStatus } from '../../../server/src/problems';
import { saveGarden, maybeGarden } from '../../../server/src/store/garden';
import { knowTowns } from '../../../server/src/towns';
import { testPlot } from '../../../server/test/plot';
import cityTimezones from 'city-timezones';
import { outbox } from '@/api/outbox';
import { reach } from '@/api/reach';
import { place } from './router';

/** A garden of its own in memory, which answers the pages as the server would: the same calls, without a line. */
export interface TestGarden {
  /** What the pages did, by the names of the calls. */
  readonly done: ActName[];
  /** From now on nothing answers. */
  cutLine(): void;
  mendLine(): void;
  /** So many days go by. */
  wait(days: number): void;
  read<Name extends ReadName>(name: Name, id?: string): ReturnType<(typeof reads)[Name]>;
  /** Open ones, then the last closed. */
  cases(): CaseSummary[];
  act<Name extends ActName>(name: Name, body: Parameters<(typeof acts)[Name]>[1], id?: string): unknown;
}

/** The server fetches its list of towns when it starts. */
export const withTowns = (): void => knowTowns(cityTimezones.cityMapping);

/** @param now the moment at which it stands, 10 June by itself */
export function openGarden({ demo = false, now = '2026-06-10T15:40:00Z' } = {}): TestGarden {
  const db = openDatabase(':memory:');
  if (demo) seedDemo(db, knowledge, new Date(now));
  else saveGarden(db, testPlot);
  let moment = new Date(now);
  const deps = () => ({
    db,
    tables: spokenIn(knowledge, maybeGarden(db)?.measures ?? 'metric'),
    clock: () => moment,
  });
  const done: ActName[] = [];
  let isCut = false;
  const reading = (name: ReadName, id: string, query: object): unknown =>
    (reads[name] as (...all: unknown[]) => unknown)(deps(), id, parseInput(calls[name].query, query));
  const answer = (method: string, path: string, body: unknown): unknown => {
    const { name, id, query } = callAt(method, path);
    if (name in reads) return reading(name as ReadName, id, query);
    if (!(name in acts)) throw new Error(`${name} is asked of no garden`);
    done.push(name as ActName);
    const act = acts[name as ActName] as (here: ReturnType<typeof deps>, input: unknown, id: string) => unknown;
    return act(deps(), parseInput(calls[name].input, body), id);
  };
  globalThis.fetch = (async (path: unknown, init?: { method?: string; body?: string }) => {
    if (isCut) throw new TypeError('no line');
    try {
      const said = answer(init?.method ?? 'GET', String(path), init?.body && JSON.parse(init.body));
      return { ok: true, status: 200, json: async () => JSON.parse(JSON.stringify(said ?? {})) };
    } catch (error) {
      const { code, detail, fields } = asProblem(error);
      if (code === 'internal') throw error;
      return { ok: false, status: problemStatus[code], json: async () => ({ detail, fields }) };
    }
  }) as unknown as typeof fetch;
  place.reset();
  // In a new garden nothing waits.
  outbox.list().forEach(({ id }) => outbox.drop(id));
  reach.answered();
  return {
    done,
    cutLine: () => void (isCut = true),
    mendLine: () => void (isCut = false),
    wait: (days) => void (moment = new Date(moment.getTime() + days * 86_400_000)),
    read: (name, id = '') => reading(name, id, {}) as never,
    cases: () => [
      ...(reading('cases', '', {}) as CasesView).open,
      ...(reading('pastCases', '', {}) as PastCasesView).cases,
    ],
    act: (name, body, id = '') => (acts[name] as (...all: unknown[]) => unknown)(deps(), body, id),
  };
}

function callAt(method: string, address: string): { name: CallName; id: string; query: object } {
  const { pathname, searchParams } = new URL(address, 'http://garden');
  for (const name of Object.keys(calls) as CallName[]) {
    const found = new RegExp(`^/api${calls[name].path.replace(':id', '([^/]+)')}$`).exec(pathname);
    if (found && calls[name].method === method)
      return { name, id: decodeURIComponent(found[1] ?? ''), query: Object.fromEntries(searchParams) };
  }
  throw new Error(`no call is at ${method} ${address}`);
}
