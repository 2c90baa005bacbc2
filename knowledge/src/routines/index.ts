/** Work through a season that is no case, as jobs that know each other. */
import type { RoutineRow } from '@trowel/core/tables';
import { feedingRoutines } from './feeding';
import { groundRoutines } from './ground';
import { roundsRoutines } from './rounds';

export const routines: readonly RoutineRow[] = [...feedingRoutines, ...groundRoutines, ...roundsRoutines];
