import { addDays } from '../core/src/quantities';
import { knowledge } from '../knowledge/src/reader';
import { openDatabase, type Db } from '../server/src/database';
import { seedDemo } from '../server/src/demo/seed';
import { settleOld } from '../server/src/views/learnt';

/** Cases and observations of ten years in a large garden. */
const cases = 5000;
const observationsEach = 20;
const days = 3650;

type Row = Record<string, string | number | null>;

/**
 * A garden of ten years: the stories of the made-up one, told again and again on other days and in other places, each
 * come to its end; what is open there stays open.
 * @param file where it is written; none may be there
 */
export function fillTenYears(file: string, now: Date): void {
  const db = openDatabase(file);
  seedDemo(db, knowledge, now);
  while (settleOld(db, knowledge, 50) > 0);
  db.transaction(() => {
    const stories = rowsOf(db, 'SELECT * FROM cases');
    for (let made = stories.length; made < cases; made += 1)
      tellAgain(db, stories[made % stories.length] as Row, made, Math.round((made / cases) * days));
  })();
  while (settleOld(db, knowledge, 200) > 0);
  db.close();
}

const rowsOf = (db: Db, sql: string, ...params: unknown[]): Row[] => db.prepare(sql).all(...params) as Row[];

function put(db: Db, table: string, row: Row): number {
  const names = Object.keys(row);
  return Number(
    db
      .prepare(`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`)
      .run(...Object.values(row)).lastInsertRowid,
  );
}

/** One story with everything that hangs on it, so many days earlier, in its bed and case by other names. */
function tellAgain(db: Db, story: Row, nth: number, earlier: number): void {
  const again = (id: unknown) => (typeof id === 'string' ? `${id}~${nth}` : null);
  const shifted = (row: Row): Row =>
    Object.fromEntries(
      Object.entries(row).map(([name, value]) => [
        name,
        typeof value === 'string' && /^\d{4}-\d{2}-\d{2}/.test(value)
          ? addDays(value.slice(0, 10), -earlier) + value.slice(10)
          : value,
      ]),
    );
  const { id: of } = story;
  const id = again(of);
  const closed: Row =
    story.status === 'open'
      ? { status: 'closed', outcome: 'solved', closed_on: addDays(String(story.opened_on), 21), late_look_on: null }
      : {};
  put(db, 'cases', shifted({ ...story, ...closed, id, name: `${String(story.name)} ${nth}` }));
  const seen = rowsOf(db, 'SELECT * FROM observation WHERE case_id = ?', of);
  for (let n = 0; n < observationsEach && seen.length > 0; n += 1) {
    const { id: _, ...row } = seen[n % seen.length] as Row;
    put(db, 'observation', shifted({ ...row, case_id: id }));
  }
  for (const { id: _, ...row } of rowsOf(db, 'SELECT * FROM check_done WHERE case_id = ?', of))
    put(db, 'check_done', shifted({ ...row, case_id: id }));
  const events = new Map<unknown, number>();
  for (const job of rowsOf(db, 'SELECT * FROM job WHERE case_id = ?', of)) {
    const jobId = again(job.id);
    const end: Row = { ended_on: job.ended_on ?? addDays(String(job.chosen_on), 21), ended_because: 'case-closed' };
    put(db, 'job', shifted({ ...job, ...end, id: jobId, case_id: id }));
    for (const table of ['job_place', 'job_setting', 'step_event']) {
      for (const { id: eventId, ...row } of rowsOf(db, `SELECT * FROM ${table} WHERE job_id = ?`, job.id)) {
        const count: Row = 'count_id' in row ? { count_id: again(row.count_id) } : {};
        const added = put(db, table, shifted({ ...row, ...count, job_id: jobId }));
        if (table === 'step_event') events.set(eventId, added);
      }
    }
    for (const { id: _, ...row } of rowsOf(db, 'SELECT * FROM application WHERE job_id = ?', job.id))
      put(
        db,
        'application',
        shifted({ ...row, job_id: jobId, event_id: events.get(row.event_id) ?? null, mix_id: null }),
      );
  }
  for (const row of rowsOf(db, 'SELECT * FROM count WHERE case_id = ?', of))
    put(db, 'count', shifted({ ...row, id: again(row.id), case_id: id, job_id: again(row.job_id) }));
  for (const { id: _, job_id: __, ...row } of rowsOf(db, 'SELECT * FROM log WHERE case_id = ?', of))
    put(db, 'log', shifted({ ...row, command_id: again(row.command_id), case_id: id }));
}
