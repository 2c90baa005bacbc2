import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Counter } from '@/steps/follow/Counter';
import { CouldGive } from '@/steps/plan/CouldGive';
import { LeaveOut } from '@/steps/plan/LeaveOut';
import { Away, Marked } from '@/steps/today/Seldom';
import { WholeCount } from '@/steps/follow/WholeCount';
import { paperTheme } from '@/theme/theme';
import { workshop, type Workshop } from '@/ui/FromWorkshop';
import { NoticeProvider } from '@/ui/notice';

/** Draws a component with what every page stands in. */
export function draw(children: ReactNode) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: Infinity } } });
  // What is fetched while a page is open: the test's world cannot import while it runs.
  client.setQueryData(workshop.queryKey, { Away, CouldGive, Counter, LeaveOut, Marked, WholeCount } as Workshop);
  return render(
    <QueryClientProvider client={client}>
      <PaperProvider theme={paperTheme(false)} settings={{ icon: () => null }}>
        <NoticeProvider>{children}</NoticeProvider>
      </PaperProvider>
    </QueryClientProvider>,
  );
}

/** The browser has it where a page is served from its own machine; the test's world does not. */
let ids = 0;
Object.defineProperty(globalThis.crypto, 'randomUUID', { value: () => `command-${(ids += 1)}`, configurable: true });

AbortSignal.timeout ??= () => new AbortController().signal;

/** Lets `fetch` answer in turn: a body with its status, or nothing at all. */
export function answering(...answers: (readonly [number, unknown] | 'silence')[]) {
  const asked: { path: string; headers: unknown; body: Record<string, unknown> | undefined }[] = [];
  globalThis.fetch = jest.fn(async (path: unknown, init?: { body?: unknown; headers?: unknown }) => {
    asked.push({
      path: String(path),
      headers: init?.headers,
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as Record<string, unknown>) : undefined,
    });
    const answer = answers[Math.min(asked.length, answers.length) - 1] ?? 'silence';
    if (answer === 'silence') throw new TypeError('no line');
    const [status, body] = answer;
    return { ok: status < 400, status, json: async () => body } as Response;
  }) as typeof fetch;
  return asked;
}
