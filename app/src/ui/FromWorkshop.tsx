import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, type ComponentType } from 'react';
import { Loaded } from './states';

type Workshop = typeof import('@/workshop');
type Pages = { [Name in keyof Workshop]: Workshop[Name] extends () => unknown ? Name : never }[keyof Workshop];

const workshop = queryOptions({
  queryKey: ['workshop'],
  queryFn: async (): Promise<Workshop> => {
    try {
      return await import('@/workshop');
    } catch {
      throw new Error(
        'The workshop could not be fetched: the garden’s server does not answer. What you typed is kept.',
      );
    }
  },
  staleTime: Infinity,
  gcTime: Infinity,
  retry: 1,
  networkMode: 'always',
});

/** A page of the workshop, with what is told while it is fetched, and another try when it cannot be. */
export const fromWorkshop = (page: Pages): ComponentType =>
  function WorkshopPage() {
    return (
      <Loaded query={useQuery(workshop)}>
        {(pages) => {
          const Page = pages[page];
          return <Page />;
        }}
      </Loaded>
    );
  };

/** What is in the workshop, once it has been fetched. @param fetches whether asking fetches it */
export const useFetchedWorkshop = (fetches: boolean): Workshop | undefined =>
  useQuery({ ...workshop, enabled: fetches }).data;
export const useWorkshop = (): Workshop | undefined => useFetchedWorkshop(false);

/** Fetches the workshop once the first page has been drawn and nothing else is to do. */
export function useWorkshopAhead(): void {
  const client = useQueryClient();
  useEffect(() => {
    const fetch = () => void client.prefetchQuery(workshop);
    if (typeof requestIdleCallback !== 'function') {
      const timer = setTimeout(fetch, 1500);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(fetch, { timeout: 4000 });
    return () => cancelIdleCallback(idle);
  }, [client]);
}
