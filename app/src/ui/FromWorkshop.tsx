import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, type ComponentType, type ReactNode } from 'react';
import { Loaded } from './states';

export type Workshop = typeof import('@/workshop');
type Pages = { [Name in keyof Workshop]: Workshop[Name] extends () => unknown ? Name : never }[keyof Workshop];

export const workshop = queryOptions({
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
      <WithWorkshop>
        {(pages) => {
          const Page = pages[page];
          return <Page />;
        }}
      </WithWorkshop>
    );
  };

/** A part of a page that comes from the workshop. */
export function WithWorkshop({ children }: { children: (workshop: Workshop) => ReactNode }) {
  return <Loaded query={useQuery(workshop)}>{children}</Loaded>;
}

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
