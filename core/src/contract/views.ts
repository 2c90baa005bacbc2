import { z } from 'zod';
import { measureSystems } from '../quantities/systems';
import { actionClasses } from '../tables/causes';
import { climates, settings } from '../tables/common';
import { lifeStages, scenarioIds } from '../tables/life';
import { trialEnds } from '../tables/verdicts';
import { tapTreatments } from '../tables/jobs';
import { nearFacts } from '../tables/safety';
import { specksCount, spottedShare } from './entries';
import { bedSize, spot } from './garden';
import { caseOutcomes } from './commands';
import { visitsSchema } from './plan';
import { recentWeatherSchema } from './weigh';
import { batchShape, countView, jobView, stepView } from './job-views';

/** What the server shows of a garden; the app parses every answer with these. */

export const gardenView = z.object({
  name: z.string(),
  latitude: z.number(),
  longitude: z.number(),
  timeZone: z.string(),
  measures: z.enum(measureSystems),
  tapHardness: z.number(),
  buttHardness: z.number(),
  tapTreatment: z.enum(tapTreatments),
  usualHour: z.number(),
  /** When the gardener comes by; null: at any time. */
  visits: visitsSchema.nullable(),
  away: z.array(z.object({ id: z.string(), from: z.string(), until: z.string() })),
  climate: z.enum(climates).nullable(),
  /** The gardener's own rules for choosing. */
  forbids: z.array(z.string()),
  onlyFromCupboard: z.boolean(),
  schools: z.record(z.string(), z.string()),
  /** What is in the cupboard; empty where none is kept. */
  cupboard: z.array(
    z.object({
      ingredient: z.string(),
      amount: z.number().nullable(),
      packSize: z.number().nullable(),
      packPrice: z.number().nullable(),
      wanted: z.boolean(),
    }),
  ),
  vessels: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.string(),
      classes: z.array(z.string()),
      volumeMl: z.number(),
    }),
  ),
  /** What stands and may be drawn from. */
  brews: z.array(z.object({ id: z.string(), name: z.string(), batch: batchShape })),
  today: z.string(),
  hourNow: z.number(),
  beds: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      setting: z.enum(settings),
      note: z.string(),
      size: bedSize.nullable(),
      /** Where it lies in the picture of the garden, m; null where nobody has laid it out. */
      at: spot.nullable(),
      near: z.array(z.enum(nearFacts)),
      plantings: z.array(
        z.object({
          id: z.string(),
          plant: z.string(),
          plantName: z.string(),
          label: z.string(),
          plantedOn: z.string(),
          /** How many of it grow there; null where nobody has said. */
          number: z.number().nullable(),
          /** What one pot or tray of it holds, mL; null in open ground, or where nobody has said. */
          potMl: z.number().nullable(),
        }),
      ),
      /** What the latest readings say about the ground here, likeliest first. */
      conditions: z.array(z.object({ id: z.string(), name: z.string(), probability: z.number() })),
      history: z.array(z.object({ cause: z.string(), name: z.string(), times: z.number() })),
      /** What is open on it, and what is due there today. */
      open: z.array(z.object({ id: z.string(), name: z.string(), pattern: z.number() })),
      due: z.number(),
    }),
  ),
  /** Taken out of use, and when. */
  gone: z.array(z.object({ id: z.string(), name: z.string(), on: z.string() })),
});
export type GardenView = z.infer<typeof gardenView>;

export const caseSummary = z.object({
  id: z.string(),
  name: z.string(),
  pattern: z.number(),
  bedId: z.string(),
  bedName: z.string(),
  plantingId: z.string().nullable(),
  plant: z.string().nullable(),
  plantLabel: z.string().nullable(),
  status: z.enum(['open', 'closed']),
  openedOn: z.string(),
  closedOn: z.string().nullable(),
  outcome: z.enum(caseOutcomes).nullable(),
  lateLookOn: z.string().nullable(),
  signCount: z.number(),
  leading: z.array(z.object({ id: z.string(), name: z.string(), probability: z.number() })),
  depth: z.number(),
  action: z.enum(actionClasses),
  jobs: z.array(z.string()),
  verdict: z.string().nullable(),
});
export type CaseSummary = z.infer<typeof caseSummary>;

export const casesView = z.object({
  /** The first opened first. */
  open: z.array(caseSummary),
  /** How many are closed. */
  closed: z.number(),
});
export type CasesView = z.infer<typeof casesView>;

/** Letters in a text that a list is searched for. */
const words = z.string().trim().min(1).max(80);
export const pastCasesQuery = z.strictObject({
  /** In the name, the place, the plant or the cause. */
  words: words.optional(),
  /** The last case of the page before. */
  after: z.string().max(80).optional(),
});
export const pastCasesView = z.object({
  /** The last closed first. */
  cases: z.array(caseSummary),
  /** There are more: ask for those after the last. */
  goesOn: z.boolean(),
});
export type PastCasesView = z.infer<typeof pastCasesView>;

export const logEntry = z.object({
  id: z.number(),
  on: z.string(),
  command: z.string(),
  says: z.string(),
  caseId: z.string().nullable(),
  /** The device that did it; null: the machine itself. */
  device: z.string().nullable(),
});
export type LogEntry = z.infer<typeof logEntry>;

export const caseView = z.object({
  summary: caseSummary,
  situation: z.object({
    plant: z.string().optional(),
    setting: z.enum(settings),
    month: z.number(),
    latitude: z.number(),
    climate: z.enum(climates).optional(),
    evidence: z.array(
      z.object({
        sign: z.string(),
        state: z.enum(['seen', 'absent']),
        amount: z.number().optional(),
        /** How sure the reading of words is; left out where it was tapped. */
        sure: z.number().optional(),
      }),
    ),
    /** Signs in the evidence that the book of the bed tells (soil tests, what grew there), not a look at this plant. */
    measured: z.array(z.string()),
    history: z.array(z.object({ cause: z.string(), times: z.number() })),
    /** Remedies that should have helped by now and did not. */
    failed: z.array(z.string()),
    /** What an earlier walk of the bed found of its ground. */
    ground: z.array(z.object({ condition: z.string(), probability: z.number() })),
    weather: recentWeatherSchema.optional(),
    thresholds: z.record(z.string(), z.number()),
    earlier: z.array(z.object({ sign: z.string(), amount: z.number(), daysAgo: z.number() })),
    daysToHarvest: z.number().optional(),
    checksDone: z.array(z.string()),
  }),
  /** The last day on which its plant is in flower; null where it is not, or nobody said. */
  bloomUntil: z.string().nullable(),
  /** What the gardener said was done before, outside of any job. */
  tried: z.array(z.object({ remedy: z.string(), helped: z.boolean().nullable(), on: z.string().nullable() })),
  recent: z.array(z.object({ remedy: z.string(), daysAgo: z.number(), where: z.enum(['plant', 'bed']) })),
  /** How remedies did here against what leads. */
  experience: z.array(
    z.object({ remedy: z.string(), worked: z.number(), failed: z.number(), harmed: z.number(), factor: z.number() }),
  ),
  nearby: z.array(z.string()),
  jobs: z.array(jobView),
  counts: z.array(countView),
  /** Photographs, oldest first; each lies at /api/photos/ and its id. */
  photos: z.array(
    z.object({
      id: z.string(),
      on: z.string(),
      width: z.number(),
      height: z.number(),
      /** How much of the leaf on it is spotted, where it was measured. */
      spotted: spottedShare.nullable(),
      /** How many specks there are on the card on it, where they were counted. */
      specks: specksCount.nullable(),
    }),
  ),
  log: z.array(logEntry),
  /** What was noted here and is no longer known, by name. */
  noLongerKnown: z.array(z.string()),
});
export type CaseView = z.infer<typeof caseView>;

export const skyDay = z.object({
  date: z.string(),
  rise: z.number(),
  set: z.number(),
  hours: z.array(z.object({ temperature: z.number(), rain: z.number(), wind: z.number(), cloud: z.number() })),
});
export type SkyDay = z.infer<typeof skyDay>;

/** The weeks to come, day by day. */
export const calendarView = z.object({
  today: z.string(),
  days: z.array(
    z.object({
      date: z.string(),
      /** The gardener is away. */
      isAway: z.boolean(),
      steps: z.array(stepView),
      /** Looks and brews that fall on it, in words. */
      also: z.array(z.string()),
    }),
  ),
  /** What comes after those days, by month ("2026-11"), in words. */
  later: z.array(z.object({ month: z.string(), says: z.array(z.string()) })),
});
export type CalendarView = z.infer<typeof calendarView>;

/** Whether a better plan is being looked for, and how good the one is that stands. */
export const planningView = z.object({
  isThinking: z.boolean(),
  /** Seconds that it has been thought about, and how many at most. */
  seconds: z.number(),
  most: z.number(),
  /** By how much, as a share, the best there can be may be better than what stands; null where that is not known. */
  gap: z.number().nullable(),
});
export type PlanningView = z.infer<typeof planningView>;

/** Where one step may be moved to. */
export const slotsView = z.object({
  jobId: z.string(),
  step: z.string(),
  does: z.string(),
  days: z.array(
    z.object({
      date: z.string(),
      hours: z.array(z.number()),
      /** Why not on that day. */
      against: z.string().nullable(),
      /** Hours in a row that are alike for it, and what is in their way; nothing beyond the forecast. */
      spells: z.array(z.object({ from: z.number(), to: z.number(), against: z.string().nullable() })),
      isHere: z.boolean(),
    }),
  ),
});
export type SlotsView = z.infer<typeof slotsView>;

export const todayView = z.object({
  today: z.string(),
  hourNow: z.number(),
  gardenName: z.string(),
  due: z.array(stepView),
  coming: z.array(stepView),
  /** Jobs with steps that should have been done by now: one line each, with one way forward. */
  overdue: z.array(
    z.object({
      jobId: z.string(),
      caseId: z.string().nullable(),
      name: z.string(),
      remedyName: z.string(),
      pattern: z.number(),
      bedName: z.string(),
      since: z.string(),
      steps: z.array(stepView),
    }),
  ),
  /** Days off that are near: what had to wait for them, and what somebody else would have to do. */
  away: z
    .object({
      from: z.string(),
      until: z.string(),
      says: z.string(),
      waits: z.array(z.string()),
      others: z.array(z.string()),
    })
    .nullable(),
  /** What to take along on the next round: in all, place by place, and to wear; null where nothing is mixed. */
  bring: z
    .object({
      inAll: z.array(z.string()),
      places: z.array(z.object({ place: z.string(), says: z.string() })),
      wear: z.array(z.string()),
    })
    .nullable(),
  doneToday: z.array(stepView),
  stuck: z.array(stepView),
  lateLooks: z.array(z.object({ caseId: z.string(), caseName: z.string(), pattern: z.number(), on: z.string() })),
  /** Marked for this month in cases that are closed by now. */
  marked: z.array(
    z.object({
      jobId: z.string(),
      caseId: z.string(),
      caseName: z.string(),
      pattern: z.number(),
      remedyName: z.string(),
      on: z.string(),
    }),
  ),
  moved: z.array(
    z.object({ does: z.string(), caseName: z.string(), from: z.string(), to: z.string(), why: z.string() }),
  ),
  sky: z.array(skyDay),
  openCases: z.number(),
  /** What places had at this time in earlier years. */
  likely: z.array(z.object({ bedId: z.string(), says: z.string() })),
  /** What brews want today. */
  brews: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      pattern: z.number(),
      says: z.string(),
      chores: z.array(z.object({ kind: z.string(), does: z.string() })),
    }),
  ),
});
export type TodayView = z.infer<typeof todayView>;

/** A share of ten times, between two ends. */
const share = z.object({ low: z.number(), high: z.number() });

const facet = z.object({ id: z.string(), name: z.string() });
export const notebookView = z.object({
  /** By remedy and cause, what was put on and judged; the most often tried first. */
  worked: z.array(
    z.object({
      remedy: z.string(),
      remedyName: z.string(),
      cause: z.string().nullable(),
      causeName: z.string().nullable(),
      worked: z.number(),
      failed: z.number(),
      harmed: z.number(),
      /** What it was put on against went by itself. */
      byItself: z.number(),
      says: z.string(),
      /** At which strengths it worked and did not. */
      strengths: z.string().nullable(),
      share: share.nullable(),
      lastOn: z.string(),
      cases: z.array(
        z.object({
          id: z.string(),
          end: z.enum(trialEnds),
          /** By counts; else by the gardener's word. */
          isCounted: z.boolean(),
          on: z.string(),
          says: z.string(),
        }),
      ),
      /** How many more there were before those. */
      earlier: z.number(),
    }),
  ),
  places: z.array(
    z.object({ bedName: z.string(), cause: z.string(), causeName: z.string(), times: z.number(), lastOn: z.string() }),
  ),
  /** In which cases were opened; the newest first. */
  years: z.array(z.number()),
  /** By what the log can be sought. */
  facets: z.object({
    bed: z.array(facet),
    plant: z.array(facet),
    cause: z.array(facet),
    remedy: z.array(facet),
  }),
});
export type NotebookView = z.infer<typeof notebookView>;

export const logQuery = z.strictObject({
  bed: z.string().max(80).optional(),
  plant: z.string().max(200).optional(),
  cause: z.string().max(80).optional(),
  remedy: z.string().max(80).optional(),
  /** The last line of the page before. */
  after: z.coerce.number().int().optional(),
});
export const logView = z.object({
  /** The newest day first. */
  entries: z.array(
    logEntry.extend({
      about: z.object({
        caseName: z.string().nullable(),
        beds: z.array(z.string()),
        plants: z.array(z.string()),
        cause: z.string().nullable(),
        remedy: z.string().nullable(),
      }),
    }),
  ),
  goesOn: z.boolean(),
});
export type LogView = z.infer<typeof logView>;

export const takingsView = z.array(
  z.object({ id: z.string(), what: z.string(), on: z.string(), rows: z.number(), says: z.string() }),
);
export type TakingsView = z.infer<typeof takingsView>;

/** One year, looked back on. */
export const reviewView = z.object({
  year: z.number(),
  years: z.array(z.number()),
  gardenName: z.string(),
  /** The year in two or three sentences. */
  says: z.array(z.string()),
  /** January to December: cases opened, and visits on which something was done. */
  months: z.array(z.object({ cases: z.number(), visits: z.number() })).length(12),
  came: z.array(z.object({ cause: z.string(), causeName: z.string(), times: z.number(), says: z.string() })),
  worked: z.array(z.object({ remedyName: z.string(), says: z.string() })),
  notWorth: z.array(z.object({ remedyName: z.string(), says: z.string() })),
  earlier: z.array(z.object({ bedName: z.string(), causeName: z.string(), says: z.string() })),
});
export type ReviewView = z.infer<typeof reviewView>;

const day = z.number().int().min(0);
/** What a job's pest is known to be and do, and the plans that the model is asked about; or why it cannot be asked. */
export const whatIfView = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cannot'), because: z.enum(['no-life', 'no-reach', 'no-count']) }),
  z.object({
    kind: z.literal('can'),
    pest: z.string(),
    /** Day 0. */
    from: z.string(),
    known: z.object({
      /** Of the table of lives. */
      row: z.string(),
      takes: z.record(z.enum(lifeStages), z.number()),
      warmth: z.array(z.number()),
      today: day,
      looks: z.array(z.object({ day, counts: z.array(z.number()) })),
      sprayed: z.array(day),
      threshold: z.number(),
      hurtsHelpers: z.number(),
    }),
    scenarios: z.array(
      z.object({
        id: z.enum(scenarioIds),
        sprays: z.array(day),
        missesUndersides: z.literal(true).optional(),
        hasAnts: z.literal(true).optional(),
      }),
    ),
  }),
]);
export type WhatIfView = z.infer<typeof whatIfView>;

export const townsView = z.array(
  z.object({
    name: z.string(),
    /** Province and country. */
    where: z.string(),
    latitude: z.number(),
    longitude: z.number(),
    timeZone: z.string(),
    /** What people measure in there. */
    measures: z.enum(measureSystems),
  }),
);
export type TownsView = z.infer<typeof townsView>;
