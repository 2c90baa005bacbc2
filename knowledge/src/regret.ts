/**
 * What it costs (0…1) to do the column when the row was right. Judgement, on three grounds: a spray
 * or feed for nothing does some harm; waiting with what grows costs more than waiting with what does
 * not; pulling up a sound plant cannot be undone.
 */
import type { RegretTable } from '@trowel/core/tables';

export const regret: RegretTable = {
  'treat-now': {
    'treat-now': 0,
    'mend-care-first': 0.35,
    watch: 0.4,
    leave: 0.8,
    remove: 0.6,
    'ask-expert': 0.4,
    report: 0.6,
  },
  'mend-care-first': {
    'treat-now': 0.45,
    'mend-care-first': 0,
    watch: 0.35,
    leave: 0.6,
    remove: 0.6,
    'ask-expert': 0.4,
    report: 0.6,
  },
  watch: {
    'treat-now': 0.3,
    'mend-care-first': 0.2,
    watch: 0,
    leave: 0.15,
    remove: 0.7,
    'ask-expert': 0.35,
    report: 0.6,
  },
  leave: {
    'treat-now': 0.5,
    'mend-care-first': 0.25,
    watch: 0.1,
    leave: 0,
    remove: 0.9,
    'ask-expert': 0.35,
    report: 0.6,
  },
  remove: {
    'treat-now': 0.5,
    'mend-care-first': 0.45,
    watch: 0.5,
    leave: 0.9,
    remove: 0,
    'ask-expert': 0.3,
    report: 0.5,
  },
  'ask-expert': {
    'treat-now': 0.5,
    'mend-care-first': 0.4,
    watch: 0.3,
    leave: 0.6,
    remove: 0.6,
    'ask-expert': 0,
    report: 0.4,
  },
  report: { 'treat-now': 0.8, 'mend-care-first': 0.8, watch: 0.7, leave: 1, remove: 0.6, 'ask-expert': 0.3, report: 0 },
};
