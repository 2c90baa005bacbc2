import {
  bedView,
  benchView,
  caseSummary,
  caseView,
  gardenView,
  notebookView,
  practiceView,
  todayView,
  type CaseView,
} from '@trowel/core/contract';
import { queryOptions, useMutation, useQuery, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { z } from 'zod';
import { read, send, Unreachable } from './client';

/** Key, fetcher and shape of everything that is read, tied together once. */
const retry = (count: number, error: Error) => error instanceof Unreachable && count < 2;

export const queries = {
  today: () => queryOptions({ queryKey: ['today'], queryFn: () => read(todayView, '/today'), retry }),
  garden: () => queryOptions({ queryKey: ['garden'], queryFn: () => read(gardenView, '/garden'), retry }),
  cases: () => queryOptions({ queryKey: ['cases'], queryFn: () => read(z.array(caseSummary), '/cases'), retry }),
  oneCase: (id: string) =>
    queryOptions({ queryKey: ['case', id], queryFn: () => read(caseView, `/cases/${id}`), retry }),
  bed: (id: string) => queryOptions({ queryKey: ['bed', id], queryFn: () => read(bedView, `/beds/${id}`), retry }),
  practice: () => queryOptions({ queryKey: ['practice'], queryFn: () => read(practiceView, '/practice'), retry }),
  bench: () => queryOptions({ queryKey: ['bench'], queryFn: () => read(benchView, '/bench'), retry }),
  notebook: () => queryOptions({ queryKey: ['notebook'], queryFn: () => read(notebookView, '/notebook'), retry }),
};

export const useToday = () => useQuery(queries.today());
export const useGarden = () => useQuery(queries.garden());
export const useCases = () => useQuery(queries.cases());
export const useCase = (id: string) => useQuery(queries.oneCase(id));
export const useBed = (id: string) => useQuery(queries.bed(id));
export const usePractice = () => useQuery(queries.practice());
export const useBench = () => useQuery(queries.bench());
export const useNotebook = () => useQuery(queries.notebook());

export interface Command {
  readonly path: string;
  readonly body?: Record<string, unknown>;
}

/** Does a command and lets every page that shows its effects read anew. */
export function useCommand() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: Command) => send(path, body),
    // A count made while the line is down is sent again by hand, not silently later.
    retry: false,
    networkMode: 'always',
    onSettled: () =>
      Promise.all(
        (['today', 'garden', 'cases', 'case', 'bed', 'bench', 'practice', 'notebook'] as const).map((key) =>
          client.invalidateQueries({ queryKey: [key] satisfies QueryKey }),
        ),
      ),
  });
}

type EvidenceItem = CaseView['situation']['evidence'][number];

/** Notes or takes back a sign at once on the page, then on the server; taken back again if that fails. */
export function useNoteSign(caseId: string) {
  const client = useQueryClient();
  const { queryKey } = queries.oneCase(caseId);
  return useMutation({
    mutationFn: (item: { sign: string; state: EvidenceItem['state'] | 'not-looked'; amount?: number }) =>
      send(`/cases/${caseId}/evidence`, { items: [item] }),
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
      Promise.all([client.invalidateQueries({ queryKey }), client.invalidateQueries({ queryKey: ['cases'] })]),
  });
}

function withItem(
  evidence: readonly EvidenceItem[],
  { sign, state, amount }: { sign: string; state: EvidenceItem['state'] | 'not-looked'; amount?: number },
): EvidenceItem[] {
  const rest = evidence.filter((item) => item.sign !== sign);
  return state === 'not-looked' ? rest : [...rest, { sign, state, ...(amount === undefined ? {} : { amount }) }];
}
