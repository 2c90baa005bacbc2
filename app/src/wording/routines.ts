import type { RoutineView } from '@trowel/core/contract';

/** How far a part of a routine has come. */
export const partStateWords: Readonly<Record<RoutineView['parts'][number]['state'], string>> = {
  waits: 'To come',
  'under-way': 'Under way',
  done: 'Done',
  stopped: 'Stopped',
};
