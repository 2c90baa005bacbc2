import {
  calls,
  staleAfter,
  type ActName,
  type CaseView,
  type OutputOf,
  type QueryOf,
  type ReadName,
} from '@trowel/core/contract';
import {
  keepPreviousData,
  queryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { useCallback } from 'react';
import { isLost, read, request } from './client';
import { perform, type ActInput, type Command } from './outbox';
import { reach } from './reach';
import { useWaiting } from './waiting';

/** Key, fetcher and shape of a read, from the table of calls. */
export const queryOf = <Name extends ReadName>(name: Name, id?: string) =>
  queryOptions({
    queryKey: id === undefined ? [name] : [name, id],
    queryFn: () => read(name, id),
    retry: retryLost,
  });

/** Out of reach, another try is made by the outbox, for all at once. */
const retryLost = (count: number, error: Error): boolean => isLost(error) && count < 1;

export const useToday = () => useQuery(queryOf('today'));
export const useGarden = () => useQuery(queryOf('garden'));
/** How the looking for a better plan stands; once it is over, what it may have moved is fetched anew. */
export function usePlanning() {
  const client = useQueryClient();
  return useQuery({
    ...queryOf('planning'),
    queryFn: async () => {
      const was = client.getQueryData<OutputOf<'planning'>>(['planning']);
      const now = await read('planning');
      if (was?.isThinking && !now.isThinking)
        for (const name of ['calendar', 'today'] as const) void client.invalidateQueries({ queryKey: [name] });
      return now;
    },
    refetchInterval: ({ state: { data } }) => (data?.isThinking ? thinkingMs : restingMs),
  });
}
const [thinkingMs, restingMs] = [700, 4000];
export const stopPlanning = () => request('/planning/stop', { method: 'POST', headers: jsonHeader, body: '{}' });
const jsonHeader = { 'Content-Type': 'application/json' };

export const useCalendar = () => useQuery(queryOf('calendar'));
/** Where a step may be moved; nothing is asked while none is chosen. */
export const useSlots = (step: { readonly jobId: string; readonly step: string } | undefined) =>
  useQuery({ ...queryOf('slots', step ? `${step.jobId}:${step.step}` : ''), enabled: step !== undefined });
export const useCases = () => useQuery(queryOf('cases'));
/** Closed cases, a page at a time. @param words in their name, place, plant or cause; empty: all */
export const usePastCases = (words = '', isWanted = true) =>
  useInfiniteQuery({
    queryKey: ['pastCases', words],
    queryFn: ({ pageParam: after }) => read('pastCases', '', { ...(words === '' ? {} : { words }), after }),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: ({ cases, goesOn }) => (goesOn ? cases[cases.length - 1]?.id : undefined),
    enabled: isWanted,
    placeholderData: keepPreviousData,
    retry: retryLost,
  });
/** What was done, a page at a time. */
export const useLog = (sought: Omit<QueryOf<'log'>, 'after'>) =>
  useInfiniteQuery({
    queryKey: ['log', sought],
    queryFn: ({ pageParam: after }) => read('log', '', { ...sought, after }),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ entries, goesOn }) => (goesOn ? entries[entries.length - 1]?.id : undefined),
    placeholderData: keepPreviousData,
    retry: retryLost,
  });
/** With what was noted and waits to be sent. */
export function useCase(id: string) {
  const waiting = useWaiting();
  const select = useCallback((view: CaseView) => withWaiting(view, waiting), [waiting]);
  return useQuery({ ...queryOf('oneCase', id), select });
}
export const useJob = (id: string) => useQuery(queryOf('job', id));
export const useRoutines = () => useQuery(queryOf('routines'));
export const useRoutine = (id: string) => useQuery(queryOf('oneRoutine', id));
/** The weather ahead is in it: it is fetched anew each time it is opened. */
export const useWhatIf = (id: string) => useQuery({ ...queryOf('whatIf', id), staleTime: 0 });
export const useWeather = () => useQuery(queryOf('weather'));
export const useBed = (id: string) => useQuery(queryOf('bed', id));
/** What can still be sown in a place. @param caseId the case whose plant is given up */
export const useSowing = (bedId: string, caseId: string | undefined) =>
  useQuery({
    queryKey: ['sowing', bedId, caseId],
    queryFn: () => read('sowing', bedId, caseId === undefined ? {} : { case: caseId }),
    staleTime: 0,
    retry: retryLost,
  });
/** Nothing is asked for less than two letters. */
export const useTowns = (like: string) =>
  useQuery({ ...queryOf('towns', like), enabled: like.trim().length > 1, staleTime: Infinity });
export const usePractice = () => useQuery(queryOf('practice'));
export const useBench = () => useQuery(queryOf('bench'));
export const useNotebook = () => useQuery(queryOf('notebook'));
/** What came in from elsewhere. */
export const useTakings = () => useQuery(queryOf('takings'));
export const useReview = (year: string) => useQuery(queryOf('review', year));

/** Until the pages that show an act stand anew; out of reach nobody waits for that. */
function readAnew(client: QueryClient, name: ActName): Promise<unknown> | undefined {
  const anew = Promise.all(staleAfter(name).map((stale) => client.invalidateQueries({ queryKey: [stale] })));
  return reach.isLost() ? undefined : anew;
}

/** Does an act and lets every page that shows its effects read anew: which those are, the table of calls says. */
export function useAct<Name extends ActName>(name: Name) {
  const client = useQueryClient();
  const { mutateAsync, ...rest } = useMutation<OutputOf<Name>, Error, ActInput<Name>>({
    mutationFn: (input) => perform(name, input, calls[name].log.says),
    // What can wait is sent later by the outbox; what cannot is sent again by hand.
    retry: false,
    networkMode: 'always',
    onSettled: () => readAnew(client, name),
  });
  // What follows is told even where the row that was tapped is gone by then: a ticked step moves to another list.
  const mutate = (input: ActInput<Name>, then: Then<OutputOf<Name>> = {}): void =>
    void mutateAsync(input).then(then.onSuccess, then.onError ?? (() => undefined));
  return { ...rest, mutate };
}

interface Then<Output> {
  readonly onSuccess?: (output: Output) => void;
  /** Left out, the error stands in `error` alone. */
  readonly onError?: (error: Error) => void;
}

type EvidenceItem = CaseView['situation']['evidence'][number];
type NotedItem = Pick<EvidenceItem, 'sign' | 'amount'> & {
  readonly state: EvidenceItem['state'] | 'not-looked';
  /** Counted one by one. */
  readonly counts?: number[];
  /** Its name, should it have to wait. */
  readonly says?: string;
};

/** Notes or takes back a sign at once on the page, then on the server; taken back again if that fails. */
export function useNoteSign(caseId: string) {
  const client = useQueryClient();
  const { queryKey } = queryOf('oneCase', caseId);
  return useMutation({
    mutationFn: ({ counts, amount, says, ...item }: NotedItem) =>
      perform(
        'addEvidence',
        {
          id: caseId,
          body: { items: [{ ...item, ...(counts ? { counts } : { amount }) }] },
          ...(says === undefined ? {} : { says }),
        },
        calls.addEvidence.log.says,
      ),
    networkMode: 'always',
    onMutate: async (item) => {
      await client.cancelQueries({ queryKey });
      const before = client.getQueryData<CaseView>(queryKey);
      if (before)
        client.setQueryData<CaseView>(queryKey, {
          ...before,
          situation: { ...before.situation, evidence: withItem(before.situation.evidence, item) },
        });
      return { before };
    },
    onError: (_error, _item, context) => {
      if (context?.before) client.setQueryData(queryKey, context.before);
    },
    onSettled: () => readAnew(client, 'addEvidence'),
  });
}

function withItem(
  evidence: EvidenceItem[],
  { sign, state, amount }: Omit<NotedItem, 'counts' | 'says'>,
): EvidenceItem[] {
  const rest = evidence.filter((item) => item.sign !== sign);
  return state === 'not-looked' ? rest : [...rest, { sign, state, ...(amount === undefined ? {} : { amount }) }];
}

function withWaiting(view: CaseView, waiting: readonly Command[]): CaseView {
  const noted = waiting.flatMap(({ act, on, body, refused }) =>
    act === 'addEvidence' && on === view.summary.id && refused === undefined
      ? ((body as { items?: NotedItem[] }).items ?? [])
      : [],
  );
  if (noted.length === 0) return view;
  return {
    ...view,
    situation: { ...view.situation, evidence: noted.reduce(withItem, view.situation.evidence) },
  };
}
