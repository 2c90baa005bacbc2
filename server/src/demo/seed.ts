import { addDays, type IsoDate } from '@trowel/core/quantities';
import { cautionKey } from '@trowel/core/judge';
import { sized } from '@trowel/core/mix';
import type { Tables } from '@trowel/core/tables';
import { gardenTime } from '../clock';
import * as atBench from '../acts/bench';
import * as inCases from '../acts/cases';
import * as inGarden from '../acts/garden';
import * as inJobs from '../acts/jobs';
import { putSensor } from '../acts/weather';
import type { Db } from '../database';
import { addBed, addPlanting, isSetUp, saveGarden, setNumber, setSize, setSpot } from '../store/garden';
import { applyCautions } from '../views/step-safety';
import { oneJob } from '../store/jobs';
import { anyBrews } from '../views/job';
import {
  demoBeds,
  demoBrews,
  demoCupboard,
  demoGarden,
  demoPractice,
  demoRecipe,
  demoRoutines,
  demoSensor,
  demoSoilTests,
  demoVessels,
} from './garden';
import { openStories, pastStories, type Story } from './stories';

/**
 * Fills an empty file with the demo garden: a season and a half that ends today. Everything goes
 * through the same commands as a gardener's taps, on the days on which it would have happened.
 */
export function seedDemo(db: Db, tables: Tables, now: Date): void {
  if (isSetUp(db)) return;
  const { today } = gardenTime(now, demoGarden.time_zone);
  db.transaction(() => {
    saveGarden(db, demoGarden);
    const plantedOn = addDays(today, -540);
    for (const { plants, measured, at, ...bed } of demoBeds) {
      addBed(db, bed);
      setSpot(db, bed.id, { x: at[0], y: at[1] });
      if (measured) setSize(db, bed.id, sized(measured));
      for (const [plant, label, number] of plants) {
        const id = `${bed.id}-${plant}`;
        addPlanting(db, { id, bed_id: bed.id, plant, label, planted_on: plantedOn });
        if (number !== undefined) setNumber(db, id, number);
      }
    }
  })();
  const stories = [...pastStories(today), ...openStories(today)].sort((a, b) => a.opened.localeCompare(b.opened));
  for (const story of stories) tell(db, tables, story);
  measureTheGround(db, tables, today);
  practise(db, tables, today);
  keepTheBench(db, tables, today);
  keepUp(db, tables, today);
}

/** Soil tests of two springs, from a jar and a laboratory. */
function measureTheGround(db: Db, tables: Tables, today: IsoDate): void {
  for (const { bed, daysAgo, source, found } of demoSoilTests)
    inGarden.addSoilTest(depsOn(db, tables, addDays(today, -daysAgo)), { source, found }, bed);
  putSensor(depsOn(db, tables, addDays(today, -30)), { kind: 'made-up' }, demoSensor);
}

/** A few rounds of practice, one of them missed. */
function practise(db: Db, tables: Tables, today: IsoDate): void {
  for (const { cause, answer, daysAgo, minutes } of demoPractice)
    inGarden.answerPractice(depsOn(db, tables, addDays(today, -daysAgo)), { cause, answer, minutes });
}

/** Sprayers, cupboard, brews and a recipe of their own. */
function keepTheBench(db: Db, tables: Tables, today: IsoDate): void {
  const deps = depsOn(db, tables, addDays(today, -41));
  const vessels = new Map<string, string>();
  for (const { name, kind, volumeMl, ...more } of demoVessels) {
    const { id } = atBench.addVessel(deps, { name, kind, volumeMl });
    vessels.set(name, String(id));
    if ('held' in more) atBench.noteVessel(depsOn(db, tables, addDays(today, -3)), { held: more.held }, String(id));
  }
  for (const row of demoCupboard) atBench.keepIngredient(deps, row);
  for (const { start, daysAgo, events, ...more } of demoBrews) {
    const vesselId = 'vessel' in more ? vessels.get(more.vessel) : undefined;
    const { id } = atBench.startBatch(depsOn(db, tables, addDays(today, -daysAgo)), {
      ...start,
      ...(vesselId === undefined ? {} : { vesselId }),
    });
    for (const { daysAgo: ago, ...event } of events)
      atBench.noteBatch(depsOn(db, tables, addDays(today, -ago)), event, String(id));
  }
  atBench.saveRecipe(depsOn(db, tables, addDays(today, -20)), { document: demoRecipe });
}

/** What comes again and again, done on its days out of the brew that stood ready. */
function keepUp(db: Db, tables: Tables, today: IsoDate): void {
  for (const { plan, beds, daysAgo, step, doneDaysAgo, ...more } of demoRoutines) {
    const batchId = 'brew' in more ? anyBrews(db).find(({ name }) => name === more.brew)?.id : undefined;
    const { id } = inJobs.planJob(depsOn(db, tables, addDays(today, -daysAgo)), {
      ...plan,
      places: beds.map((bedId) => ({ bedId })),
      ...(batchId === undefined ? {} : { batchId }),
    });
    for (const ago of doneDaysAgo) {
      const day = addDays(today, -ago);
      inJobs.recordStep(depsOn(db, tables, day), {
        jobId: id,
        step,
        outcome: 'done',
        acknowledged: applyCautions(db, tables, oneJob(db, id), day).map(cautionKey),
      });
    }
  }
}

const depsOn = (db: Db, tables: Tables, day: IsoDate) => ({ db, tables, clock: () => new Date(`${day}T08:30:00Z`) });

function tell(db: Db, tables: Tables, story: Story): void {
  let day: IsoDate = story.opened;
  const deps = { db, tables, clock: () => new Date(`${day}T${String(story.hour ?? 8).padStart(2, '0')}:30:00Z`) };
  const idOf = (result: Record<string, unknown>) => String(result.id);
  const caseId = idOf(
    inCases.openCase(deps, {
      bedId: story.bed,
      name: story.name,
      ...(story.plant === undefined ? {} : { plantingId: `${story.bed}-${story.plant}` }),
    }),
  );
  const jobs = new Map<string, string>();
  for (const event of story.events) {
    day = addDays(story.opened, event.day);
    switch (event.kind) {
      case 'said':
        inCases.addEvidence(deps, { said: event.line }, caseId);
        break;
      case 'signs':
        inCases.addEvidence(deps, { items: event.items }, caseId);
        break;
      case 'check':
        inCases.answerCheck(deps, { check: event.check, answer: event.answer }, caseId);
        break;
      case 'choose':
        jobs.set(
          event.remedy,
          idOf(
            inJobs.chooseRemedy(
              deps,
              { remedy: event.remedy, ...(event.strength === undefined ? {} : { strength: event.strength }) },
              caseId,
            ),
          ),
        );
        break;
      case 'step': {
        const jobId = jobs.get(event.remedy) ?? '';
        const row = oneJob(db, jobId);
        inJobs.recordStep(deps, {
          jobId,
          step: event.step,
          outcome: event.outcome ?? 'done',
          ...(event.result === undefined ? {} : { result: event.result }),
          // This household reads what it is told.
          acknowledged: applyCautions(db, tables, row, day).map(cautionKey),
        });
        break;
      }
      case 'count':
        inJobs.addCount(deps, { jobId: jobs.get(event.remedy), counts: event.counts, unit: event.unit });
        break;
      case 'close':
        inCases.closeCase(deps, { outcome: event.outcome }, caseId);
        break;
      default:
        event satisfies never;
    }
  }
}
