import { unused } from './unused';

/** Stands in for many queries in one, and for queries that a server has begun: each of ours is asked by itself, here. */
export const [
  QueriesObserver,
  hydrate,
  dehydrateQuery,
  dehydrate,
  defaultShouldDehydrateMutation,
  defaultShouldDehydrateQuery,
  streamedQuery,
  experimental_streamedQuery,
] = Array<typeof unused>(8).fill(unused);
