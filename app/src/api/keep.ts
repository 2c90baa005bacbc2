import { keepView, type KeepView } from '@trowel/core/contract';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './client';

/** Backups of the garden, and the way back to one. A tour has none. */

const kept = queryOptions({
  queryKey: ['keep'],
  queryFn: async (): Promise<KeepView> => keepView.parse(await request('/keep')),
  retry: false,
});
export const useKeepings = () => useQuery(kept);

const post = async (path: string, body: object): Promise<KeepView> =>
  keepView.parse(
    await request(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }),
  );

export function useBackUp() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => post('/keep/backup', {}),
    onSuccess: (view) => client.setQueryData(kept.queryKey, view),
  });
}

/** What was saved from a damaged file was read, and is not told again. */
export function useSalvageRead() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => post('/keep/salvage-read', {}),
    onSuccess: (view) => client.setQueryData(kept.queryKey, view),
  });
}

/** Everything is another garden afterwards: all of it is read anew. */
export function useRestore() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => post('/keep/restore', { name }),
    onSuccess: () => client.invalidateQueries(),
  });
}
