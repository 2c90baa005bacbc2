import {
  staleAfter,
  type ActName,
  type CaseView,
  type InputOf,
  type OutputOf,
  type ReadName,
} from '@trowel/core/contract';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { read, send, Unreachable } from './client';

/** Key, fetcher and shape of a read, from the table of calls. */
export const queryOf = <Name extends ReadName>(name: Name, id?: string) =>
  queryOptions({
    queryKey: id === undefined ? [name] : [name, id],
    queryFn: () => read(name, id),
    retry: (count: number, error: Error) => error instanceof Unreachable && count < 2,
  });

export const useToday = () => useQuery(queryOf('today'));
export const useGarden = () => useQuery(queryOf('garden'));
export const useCalendar = () => useQuery(queryOf('calendar'));
/** Where a step may be moved; nothing is asked while none is chosen. */
export const useSlots = (step: { readonly jobId: string; readonly step: string } | undefined) =>
  useQuery({ ...queryOf('slots', step ? `${step.jobId}:${step.step}` : ''), enabled: step !== undefined });
export const useCases = () => useQuery(queryOf('cases'));
export const useCase = (id: string) => useQuery(queryOf('oneCase', id));
export const useJob = (id: string) => useQuery(queryOf('job', id));
/** The weather ahead is in it: it is fetched anew each time it is opened. */
export const useWhatIf = (id: string) => useQuery({ ...queryOf('whatIf', id), staleTime: 0 });
export const useBed = (id: string) => useQuery(queryOf('bed', id));
/** Nothing is asked for less than two letters. */
export const useTowns = (like: string) =>
  useQuery({ ...queryOf('towns', like), enabled: like.trim().length > 1, staleTime: Infinity });
export const usePractice = () => useQuery(queryOf('practice'));
export const useBench = () => useQuery(queryOf('bench'));
export const useNotebook = () => useQuery(queryOf('notebook'));
export const useReview = (year: string) => useQuery(queryOf('review', year));

/** What an act is sent with: its body, and the id in its path where it has one. */
export interface ActInput<Name extends ActName> {
  readonly id?: string;
  readonly body?: Omit<InputOf<Name>, 'commandId'>;
}

/** Does an act and lets every page that shows its effects read anew: which those are, the table of calls says. */
export function useAct<Name extends ActName>(name: Name) {
  const client = useQueryClient();
  const { mutateAsync, ...rest } = useMutation<OutputOf<Name>, Error, ActInput<Name>>({
    mutationFn: ({ id, body }) => send(name, body, id),
    // A count made while the line is down is sent again by hand, not silently later.
    retry: false,
    networkMode: 'always',
    onSettled: () => Promise.all(staleAfter(name).map((stale) => client.invalidateQueries({ queryKey: [stale] }))),
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
};

/** Notes or takes back a sign at once on the page, then on the server; taken back again if that fails. */
export function useNoteSign(caseId: string) {
  const client = useQueryClient();
  const { queryKey } = queryOf('oneCase', caseId);
  return useMutation({
    mutationFn: ({ counts, amount, ...item }: NotedItem) =>
      send('addEvidence', { items: [{ ...item, ...(counts ? { counts } : { amount }) }] }, caseId),
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
    onSettled: () =>
      Promise.all(staleAfter('addEvidence').map((stale) => client.invalidateQueries({ queryKey: [stale] }))),
  });
}

function withItem(evidence: readonly EvidenceItem[], { sign, state, amount }: NotedItem): EvidenceItem[] {
  const rest = evidence.filter((item) => item.sign !== sign);
  return state === 'not-looked' ? rest : [...rest, { sign, state, ...(amount === undefined ? {} : { amount }) }];
}
