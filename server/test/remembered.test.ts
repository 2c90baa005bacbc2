import Database from 'better-sqlite3';
import fc from 'fast-check';
import { z } from 'zod';
import { inTransaction, workedOut } from '../src/store/remembered';
import { any, maybeOne, run } from '../src/store/rows';

/** A bed with plants that go with it, and a tally that a trigger keeps. */
function smallGarden() {
  const db = new Database(':memory:');
  db.pragma('foreign_keys = ON');
  db.exec(`
    CREATE TABLE bed (id INTEGER PRIMARY KEY, size INTEGER NOT NULL, note TEXT);
    CREATE TABLE plant (id INTEGER PRIMARY KEY, bed INTEGER NOT NULL REFERENCES bed (id) ON DELETE CASCADE);
    CREATE TABLE tally (id INTEGER PRIMARY KEY, n INTEGER NOT NULL, resized INTEGER NOT NULL, noted INTEGER NOT NULL);
    INSERT INTO tally VALUES (1, 0, 0, 0);
    CREATE TABLE heard (bed INTEGER REFERENCES bed (id) ON DELETE SET NULL);
    CREATE TRIGGER plants_are_counted AFTER INSERT ON plant BEGIN UPDATE tally SET n = n + 1; END;
    CREATE TRIGGER plants_gone_are_counted AFTER DELETE ON plant BEGIN UPDATE tally SET n = n - 1; END;
    CREATE TRIGGER beds_resized AFTER UPDATE OF size ON bed BEGIN UPDATE tally SET resized = resized + 1; END;
    CREATE TRIGGER tallies_heard AFTER UPDATE OF resized, noted ON tally BEGIN INSERT INTO heard SELECT MIN(id) FROM bed; END;
  `);
  return db;
}
type Small = ReturnType<typeof smallGarden>;

const sums = [
  'SELECT COALESCE(SUM(size), 0) AS n FROM bed',
  'SELECT COUNT(*) AS n FROM plant JOIN bed ON bed.id = plant.bed',
  'SELECT n FROM tally',
  'SELECT resized AS n FROM tally',
  'SELECT COUNT(*) * 10 + COUNT(bed) AS n FROM heard',
] as const;
const number = z.object({ n: z.number() });
const plain = (db: Small) => sums.map((sql) => db.prepare<unknown[], number>(sql).pluck().get());
const asked = (db: Small) => sums.map((sql) => maybeOne(db, number, sql)?.n);
const tables = {};
const worked = (db: Small) => workedOut(db, tables, 'sums', [], () => [...asked(db), any(db, number, sums[1]).length]);

/** Rests on what was worked out in its turn, which often comes to the same though its rows changed. */
const isMany = (db: Small) => workedOut(db, tables, 'many', [], () => ({ beds: (asked(db)[0] ?? 0) > 4 }));
const told = (db: Small) =>
  workedOut(db, tables, 'told', [], () => `${isMany(db).beds ? 'many' : 'few'}, ${maybeOne(db, number, sums[2])?.n}`);
const plainlyTold = (db: Small) => `${(plain(db)[0] ?? 0) > 4 ? 'many' : 'few'}, ${plain(db)[2]}`;

class TakenBack extends Error {}

type Step = (db: Small) => void;
const id = fc.integer({ min: 1, max: 4 });
const write: fc.Arbitrary<Step> = fc.oneof(
  fc.tuple(id, id).map(
    ([bed, size]): Step =>
      (db) =>
        run(db, 'INSERT OR REPLACE INTO bed (id, size) VALUES (?, ?)', bed, size),
  ),
  fc.tuple(id, id).map(
    ([plant, bed]): Step =>
      (db) =>
        run(db, 'INSERT INTO plant (id, bed) SELECT ?, id FROM bed WHERE id = ? ON CONFLICT DO NOTHING', plant, bed),
  ),
  id.map(
    (bed): Step =>
      (db) =>
        run(db, 'DELETE FROM bed WHERE id = ?', bed),
  ),
  id.map(
    (bed): Step =>
      (db) =>
        run(db, 'UPDATE bed SET size = size + 1 WHERE id = ?', bed),
  ),
  fc.tuple(id, id).map(
    ([bed, size]): Step =>
      (db) =>
        run(
          db,
          'INSERT INTO bed (id, size) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET size = excluded.size',
          bed,
          size,
        ),
  ),
  id.map(
    (bed): Step =>
      (db) =>
        run(db, "UPDATE bed SET note = 'damp' WHERE id = ?", bed),
  ),
  // Past the store, as the import of a whole garden does.
  id.map(
    (bed): Step =>
      (db) =>
        void db.prepare('UPDATE bed SET size = size + 2 WHERE id = ?').run(bed),
  ),
);
const step = fc.record({
  writes: fc.array(write, { maxLength: 3 }),
  isTakenBack: fc.boolean(),
  readsBetween: fc.boolean(),
});

describe('what was read before', () => {
  test('is never told after it has changed: by an act, its trigger, its cascade, past the store, or taken back', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 12 }), (steps) => {
        const db = smallGarden();
        const holds = () => {
          expect(asked(db)).toEqual(plain(db));
          expect(told(db)).toBe(plainlyTold(db));
          expect(worked(db).slice(0, sums.length)).toEqual(plain(db));
        };
        for (const { writes, isTakenBack, readsBetween } of steps) {
          try {
            inTransaction(db, 'write', () => {
              for (const one of writes) {
                one(db);
                if (readsBetween) holds();
              }
              if (isTakenBack) throw new TakenBack();
            });
          } catch (error) {
            if (!(error instanceof TakenBack)) throw error;
          }
          inTransaction(db, 'read', holds);
        }
        db.close();
      }),
      { numRuns: 250 },
    );
  });

  test('is not worked out again while what it rests on is the same, whatever else is written', () => {
    const db = smallGarden();
    let times = 0;
    const bedsSize = (asOf: number) =>
      inTransaction(db, 'read', () =>
        workedOut(db, tables, 'size', [asOf], () => {
          times += 1;
          return maybeOne(db, number, sums[0])?.n;
        }),
      );
    inTransaction(db, 'write', () => run(db, 'INSERT INTO bed (id, size) VALUES (1, 5)'));
    expect([bedsSize(1), bedsSize(1), times]).toEqual([5, 5, 1]);
    inTransaction(db, 'write', () => run(db, 'INSERT INTO plant (bed) VALUES (1)'));
    expect([bedsSize(1), times]).toEqual([5, 1]);
    // Written, and as it was.
    inTransaction(db, 'write', () => run(db, 'UPDATE bed SET size = 5'));
    expect([bedsSize(1), times]).toEqual([5, 1]);
    expect([bedsSize(2), times]).toEqual([5, 2]);
    inTransaction(db, 'write', () => run(db, 'UPDATE bed SET size = 6'));
    expect([bedsSize(2), times]).toEqual([6, 3]);
    // Another size, which comes to the same in what is told of it.
    let telling = 0;
    const tell = () =>
      inTransaction(db, 'read', () =>
        workedOut(db, tables, 'tell', [], () => {
          telling += 1;
          return isMany(db).beds;
        }),
      );
    expect([tell(), telling]).toEqual([true, 1]);
    inTransaction(db, 'write', () => run(db, 'UPDATE bed SET size = 7'));
    expect([tell(), telling]).toEqual([true, 1]);
    inTransaction(db, 'write', () => run(db, 'UPDATE bed SET size = 2'));
    expect([tell(), telling]).toEqual([false, 2]);
    db.close();
  });
});
