import { householdView, pairCode, type HouseholdView } from '@trowel/core/contract';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './client';

/** The devices of the house. What is typed to pair one is kept nowhere. */

const household = queryOptions({
  queryKey: ['household'],
  queryFn: async (): Promise<HouseholdView> => householdView.parse(await request('/household')),
  retry: false,
});
export const useHousehold = () => useQuery(household);

const post = (path: string, body: object): Promise<unknown> =>
  request(`/household${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

function useHouseAct<Input, Output>(does: (input: Input) => Promise<Output>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: does,
    onSettled: () => client.invalidateQueries({ queryKey: household.queryKey }),
  });
}
export const useSetPassphrase = () => useHouseAct((passphrase: string) => post('/passphrase', { passphrase }));
export const useRemoveDevice = () => useHouseAct((id: string) => post(`/devices/${encodeURIComponent(id)}/remove`, {}));
export const usePairCode = () => useHouseAct(async (_: void) => pairCode.parse(await post('/code', {})));

/** By the passphrase, or by a code that was shown on another device. */
export const pairThisDevice = (by: { name: string; passphrase: string } | { name: string; code: string }) =>
  post('/pair', by);
