import type { StepSpec, WindowSpec } from '@trowel/core/tables';

/** Hours that suit a kind of work. km/h, °C, hours. */
export const windows = {
  any: { part: 'any' },
  daylight: { part: 'day' },
  /** Contact sprays work wet: cool, still, out of the sun, two dry hours after. */
  contactSpray: { part: 'evening', sun: 'avoid', dryAfter: 2, windBelow: 15, between: [5, 30] },
  /** Milk works in sun and must dry on: four dry hours after. */
  sunSpray: { part: 'morning', sun: 'needed', dryBefore: 1, dryAfter: 4, windBelow: 15, between: [10, 30] },
  /** Living sprays dislike sun; four dry hours so that they are eaten first. */
  eveningFeed: { part: 'evening', sun: 'avoid', dryAfter: 4, windBelow: 15, between: [8, 30] },
  earlyJet: { part: 'morning', between: [5, 30] },
  dryWork: { part: 'day', dryBefore: 1 },
} as const satisfies Record<string, WindowSpec>;

export const count: StepSpec = {
  id: 'count',
  phase: 'before',
  kind: 'count',
  does: 'Count on ten leaves, chosen as you walk',
  why: 'without a count before, nobody can say whether it helped',
  gap: [0, 2],
  minutes: 5,
  window: windows.daylight,
};

/** The look at the leaves that were tried, two whole days later: what it finds decides whether the rest is done. */
export const testLook: StepSpec = {
  id: 'test-look',
  phase: 'before',
  kind: 'test-look',
  does: 'Look at the marked leaves: brown, spotted or limp?',
  why: 'a plant that cannot bear it shows it here, on two leaves instead of all',
  after: 'test-leaf',
  gap: [2, 3],
  minutes: 2,
  window: windows.daylight,
};

/** A look back after the step named. */
export const look = (
  id: string,
  after: string,
  gap: readonly [number, number],
  does: string,
  why: string,
): StepSpec => ({
  id,
  phase: 'look',
  does,
  why,
  after,
  gap,
  minutes: 5,
  window: windows.daylight,
});
