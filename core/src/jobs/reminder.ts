import type { RemedyRow, StepSpec } from '../tables';

/** Minutes that a reminder is thought to take where nothing is said. */
const reminderMinutes = 10;

/** A reminder in the gardener's own words, as a chain of one step that puts nothing on. */
export function reminderRow(wish: string): RemedyRow {
  const step: StepSpec = {
    id: 'do',
    phase: 'apply',
    does: wish,
    why: 'you asked to be reminded',
    gap: [0, 0],
    minutes: reminderMinutes,
    window: { part: 'any' },
  };
  return {
    id: 'reminder',
    name: wish,
    rung: 'care',
    plain: wish,
    honest: '',
    targets: [],
    rate: '',
    limits: [],
    cautions: [],
    classes: [],
    steps: [step],
    preHarvestDays: 0,
    expect: {
      what: '',
      sign: '',
      unit: 'yes-no',
      clearBelow: 0,
      reduction: [0, 0],
      days: [0, 0],
      twiceDaysApart: 0,
      lateLookDays: 0,
    },
    facts: {
      reaches: '',
      where: '',
      keeps: { days: 0, says: '', how: 'nothing' },
      wear: [],
      cost: 'nothing',
      spares: { helpers: 'safe', soil: 'safe', water: 'safe' },
      prepare: [],
    },
    source: 'growers',
    grade: 'practice',
  };
}

/** Is it a reminder, and no remedy of the knowledge? */
export const isReminder = ({ id }: Pick<RemedyRow, 'id'>): boolean => id === 'reminder';
