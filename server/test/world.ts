import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { knowledge } from '@trowel/knowledge/reader';
import supertest from 'supertest';
import { createApp } from '../src/app';
import { openDatabase, type Db } from '../src/database';
import { seedDemo } from '../src/demo/seed';
import type { Keeper } from '../src/keeper';
import { saveGarden } from '../src/store/garden';
import { unreadableIn } from '../src/store/rows';
import { longWorkHere } from '../src/thread';
import { testPlot } from './plot';

/** A fresh garden in a file of its own, on a clock that only the test moves. */
export interface World {
  readonly file: string;
  readonly db: Db;
  readonly api: ReturnType<typeof supertest>;
  setNow(moment: string): void;
  close(): void;
}

export function newWorld({
  demo = false,
  now = '2026-06-10T09:00:00Z',
  mayBeDamaged = false,
  keeper,
}: { demo?: boolean; now?: string; mayBeDamaged?: boolean; keeper?: Keeper } = {}): World {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-test-'));
  const file = path.join(folder, 'garden.sqlite');
  const db = openDatabase(file);
  let moment = now;
  const clock = () => new Date(moment);
  if (demo) seedDemo(db, knowledge, clock());
  else saveGarden(db, testPlot);
  return {
    file,
    db,
    // What takes long opens the file for itself, as on the thread.
    api: supertest(
      createApp({ db, tables: knowledge, clock, file, long: longWorkHere, ...(keeper ? { keeper } : {}) }),
    ),
    setNow: (next) => (moment = next),
    close: () => {
      const unreadable = unreadableIn(db);
      db.close();
      fs.rmSync(folder, { recursive: true, force: true });
      // A row that a page left out would hide that its schema is wrong.
      if (!mayBeDamaged && unreadable.length > 0) throw new Error(`rows were not read: ${JSON.stringify(unreadable)}`);
    },
  };
}

/** A bed with redcurrants, ready for a case. */
export async function bedWithCurrants({ api }: World): Promise<{ bedId: string; plantingId: string }> {
  const bed = await api.post('/api/beds').send({ name: 'Long Bed', setting: 'bed' }).expect(200);
  const planting = await api.post(`/api/beds/${bed.body.id}/plantings`).send({ plant: 'redcurrants' }).expect(200);
  return { bedId: bed.body.id, plantingId: planting.body.id };
}

/** Calls that a test expects to be answered, or refused with a status. */
export const callsOf = (world: () => World) => ({
  post: async (path: string, body: object = {}) =>
    (await world().api.post(`/api${path}`).send(body).expect(200)).body as Record<string, string>,
  refused: async (path: string, body: object, status: number) =>
    (await world().api.post(`/api${path}`).send(body).expect(status)).body,
});
