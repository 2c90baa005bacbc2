import { calendarView, gardenView, slotsView, todayView } from '@trowel/core/contract';
import ICAL from 'ical.js';
import nodeIcal from 'node-ical';
import { knowledge } from '@trowel/knowledge/reader';
import supertest from 'supertest';
import { createApp } from '../src/app';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const { post, refused } = callsOf(() => world);
const theCalendar = async () => calendarView.parse((await world.api.get('/api/calendar').expect(200)).body);
const theSlots = async (jobId: string, step: string) =>
  slotsView.parse((await world.api.get(`/api/slots/${jobId}:${step}`).expect(200)).body);
const theDay = async () => todayView.parse((await world.api.get('/api/today').expect(200)).body);
const theFile = async (): Promise<string> => (await world.api.get('/api/plan.ics').expect(200)).text;

/** Every event as one parser reads it. */
const eventsOf = (file: string) =>
  new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));

async function sprayed(): Promise<string> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  const { id: caseId = '' } = await post('/cases', { bedId, plantingId });
  const { id = '' } = await post(`/cases/${caseId}/remedies`, { remedy: 'soap-spray' });
  return id;
}
const dayOf = async (jobId: string, step: string) =>
  (await theCalendar()).days.find(({ steps }) => steps.some((one) => one.jobId === jobId && one.step === step))?.date;

describe('the calendar', () => {
  test('holds eight whole weeks from Monday on, with every planned step on its day', async () => {
    const jobId = await sprayed();
    const { today, days } = await theCalendar();
    expect(days).toHaveLength(56);
    // 10 June 2026 is a Wednesday.
    expect(days[0]?.date).toBe('2026-06-08');
    const { due, coming } = await theDay();
    for (const step of [...due, ...coming])
      expect(days.find(({ date }) => date === step.date)?.steps.map(({ step: id }) => id)).toContain(step.step);
    expect(days.every(({ date, steps }) => date >= today || steps.length === 0)).toBe(true);
    expect(await dayOf(jobId, 'spray')).toBeDefined();
  });

  test('a step is moved to a day that may be; what follows goes with it, and it stays there', async () => {
    const jobId = await sprayed();
    const before = (await dayOf(jobId, 'spray')) ?? '';
    const { days } = await theSlots(jobId, 'spray');
    const free = days.find(({ date, hours }) => date > before && hours.length > 0);
    const full = days.find(({ hours }) => hours.length === 0);
    expect(full?.against).toBeTruthy();
    expect((await refused('/steps/move', { jobId, step: 'spray', on: full?.date }, 422)).detail).toContain(
      full?.against ?? '-',
    );
    await post('/steps/move', { jobId, step: 'spray', on: free?.date });
    expect(await dayOf(jobId, 'spray')).toBe(free?.date);
    const look = await dayOf(jobId, 'look');
    expect(look === undefined || look > (free?.date ?? '')).toBe(true);
    // Another act lays the plan out anew: the hand of the gardener holds.
    await post('/jobs', { wish: 'Wash the sprayer' });
    expect(await dayOf(jobId, 'spray')).toBe(free?.date);
    await refused('/steps/move', { jobId, step: 'spray', on: '2027-06-10' }, 422);
    await refused('/steps/move', { jobId, step: 'dance', on: free?.date }, 422);
  });

  test('what was marked for a month to come stands under the season, by its month', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    await post('/jobs', { wish: 'Prune the currants', places: [{ bedId, plantingId }], from: '2026-11-20' });
    const { later, days } = await theCalendar();
    expect(later).toEqual([{ month: '2026-11', says: ['Prune the currants'] }]);
    expect(days.flatMap(({ steps }) => steps)).toEqual([]);
    world.setNow('2026-11-01T09:00:00Z');
    const near = await theCalendar();
    expect(near.later).toEqual([]);
    expect(near.days.flatMap(({ steps }) => steps).length).toBeGreaterThan(0);
  });

  test('nothing is laid on days away, and it goes back when they are taken back', async () => {
    const jobId = await sprayed();
    const before = await dayOf(jobId, 'spray');
    const { id = '' } = await post('/away', { from: '2026-06-10', until: '2026-06-20' });
    const { days } = await theCalendar();
    for (const { date, isAway, steps } of days) {
      expect(isAway).toBe(date >= '2026-06-10' && date <= '2026-06-20');
      if (isAway) expect(steps).toEqual([]);
    }
    expect((await refused('/away', { from: '2026-07-10', until: '2026-07-01' }, 422)).detail).toMatch(/until/);
    await post(`/away/${id}/drop`);
    expect((await theCalendar()).days.some(({ isAway }) => isAway)).toBe(false);
    expect(before).toBeDefined();
  });

  test('reminders go to the half-days that the gardener has', async () => {
    await post('/visits', { visits: { mornings: [6], evenings: [] } });
    await post('/jobs', { wish: 'Turn the compost' });
    const step = (await theCalendar()).days.flatMap(({ steps }) => steps)[0];
    expect(step?.hour).toBeLessThan(12);
    expect(new Date(`${step?.date}T12:00:00Z`).getUTCDay()).toBe(6);
    expect(gardenView.parse((await world.api.get('/api/garden')).body).visits).toEqual({ mornings: [6], evenings: [] });
    await refused('/visits', { visits: { mornings: [7], evenings: [] } }, 422);
  });
});

describe('the plan as a calendar file', () => {
  test('two parsers read the same events, at the instants at which they stand in the garden’s zone', async () => {
    await post('/garden', { place: { latitude: 40, longitude: -74, timeZone: 'America/New_York' } });
    await sprayed();
    const file = await theFile();
    const events = eventsOf(file);
    const planned = (await theCalendar()).days.flatMap(({ steps }) => steps).filter(({ state }) => state === 'planned');
    expect(events).toHaveLength(planned.length);
    for (const { jobId, step, date, hour } of planned) {
      const event = events.find(({ uid }) => uid === `${jobId}.${step}.1@wise-trowel`);
      // New York keeps summer time in June: four hours behind.
      expect(event?.startDate.toJSDate().toISOString()).toBe(
        new Date(Date.parse(`${date}T00:00:00Z`) + ((hour ?? 0) + 4) * 3_600_000).toISOString(),
      );
    }
    const other = Object.values(nodeIcal.sync.parseICS(file)).flatMap((one) => (one?.type === 'VEVENT' ? [one] : []));
    const read = (uid: string, start: Date) => `${uid} ${start.toISOString()}`;
    expect(other.map(({ uid, start }) => read(uid, start)).sort()).toEqual(
      events.map(({ uid, startDate }) => read(uid, startDate.toJSDate())).sort(),
    );
  });

  test('an event keeps its id when it moves, with a higher sequence; what is stopped is cancelled, what is done is not', async () => {
    const jobId = await sprayed();
    const uid = `${jobId}.spray.1@wise-trowel`;
    const eventIs = async (id: string) => {
      const found = eventsOf(await theFile()).find((event) => event.uid === id);
      return (
        found && {
          sequence: found.sequence,
          status: found.component.getFirstPropertyValue('status'),
          start: found.startDate.toString(),
        }
      );
    };
    const first = await eventIs(uid);
    expect(first).toMatchObject({ sequence: 0, status: 'CONFIRMED' });
    const here = (await dayOf(jobId, 'spray')) ?? '';
    const { days } = await theSlots(jobId, 'spray');
    await post('/steps/move', {
      jobId,
      step: 'spray',
      on: days.find(({ date, hours }) => date > here && hours.length > 0)?.date,
    });
    const second = await eventIs(uid);
    expect(second?.sequence).toBe(1);
    expect(second?.start).not.toBe(first?.start);
    // Asked again, nothing has changed.
    expect(await eventIs(uid)).toEqual(second);
    const before = eventsOf(await theFile()).find(({ uid: id }) => id.startsWith(`${jobId}.count`))?.uid ?? '';
    await post('/counts', { jobId, counts: [4, 5, 6] });
    expect((await eventIs(before))?.status).toBe('CONFIRMED');
    await post(`/jobs/${jobId}/end`);
    expect(await eventIs(uid)).toMatchObject({ status: 'CANCELLED', sequence: 2 });
    expect((await eventIs(before))?.status).toBe('CONFIRMED');
  });
});

describe('a better plan', () => {
  test('is none looked for, that is told; where one is, how far it has come and that it was left at that', async () => {
    const { body: none } = await world.api.get('/api/planning').expect(200);
    expect(none).toEqual({ isThinking: false, seconds: 0, most: 0, gap: null });
    let given = 0;
    const state = () => ({ isThinking: given === 0, seconds: 3, most: 15, gap: null });
    const api = supertest(
      createApp({
        db: world.db,
        tables: knowledge,
        clock: () => new Date('2026-06-10T09:00:00Z'),
        planning: { state, giveUp: () => (given += 1) },
      }),
    );
    expect((await api.get('/api/planning').expect(200)).body).toMatchObject({ isThinking: true, seconds: 3 });
    await api.post('/api/planning/stop').send({}).expect(200);
    expect((await api.get('/api/planning').expect(200)).body.isThinking).toBe(false);
  });
});
