import type { DoingFault, RemedyRow } from '../tables';

type Done = Pick<RemedyRow, 'steps' | 'recipe'>;

/** What has to dry on the leaf is sprayed on it. */
export const isSprayed = ({ steps }: Pick<RemedyRow, 'steps'>): boolean =>
  steps.some(({ applies, window }) => applies && window?.dryAfter !== undefined);

/** What is worth asking about how it was done; nothing where nothing is put on. */
export function faultsToAsk(remedy: Done): DoingFault[] {
  const applying = remedy.steps.filter(({ applies }) => applies);
  if (applying.length === 0) return [];
  const isTimed = applying.some(({ window }) => (window?.part ?? 'any') !== 'any' || window?.sun !== undefined);
  return [
    ...(isSprayed(remedy) ? (['undersides'] as const) : []),
    'places',
    ...(isTimed ? (['hour'] as const) : []),
    ...(remedy.recipe ? (['water'] as const) : []),
    ...(isSprayed(remedy) ? (['rain'] as const) : []),
  ];
}
