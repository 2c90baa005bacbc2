import { spokenIn } from '@trowel/core/quantities';
import { maybeGarden } from '../store/garden';
import type { Deps } from './plan';

/** The same, with every amount of the knowledge in the measures of this garden. */
export const inItsMeasures = <Here extends Deps>(deps: Here): Here => ({
  ...deps,
  tables: spokenIn(deps.tables, maybeGarden(deps.db)?.measures ?? 'metric'),
});
