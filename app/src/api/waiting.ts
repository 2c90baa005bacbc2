import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { read } from './client';
import { flush, outbox, type Command } from './outbox';
import { reach } from './reach';

/** What has been done here and waits to be sent, the earliest first. */
export const useWaiting = (): readonly Command[] => useSyncExternalStore(outbox.subscribe, outbox.list);
export const useReach = () => useSyncExternalStore(reach.subscribe, reach.state);

/** ms between two tries to reach the server. */
const triesAfter = 4000;

/** Sends what waits as soon as the server answers again, and lets pages that show its effects read anew. */
export function useOutbox(tell: (says: string) => void): void {
  const client = useQueryClient();
  const { lost } = useReach();
  const waits = useWaiting().some(({ refused }) => refused === undefined);
  useEffect(
    () =>
      outbox.onLate(({ stale = [], says }) => {
        stale.forEach((name) => void client.invalidateQueries({ queryKey: [name] }));
        if (says !== undefined) tell(says);
      }),
    [client, tell],
  );
  useEffect(() => {
    if (!lost && !waits) return;
    const go = async () => {
      await flush();
      if (!reach.isLost()) return;
      await read('health').catch(() => undefined);
      if (reach.isLost()) return;
      await flush();
      await client.invalidateQueries();
    };
    const timer = setInterval(() => void go(), triesAfter);
    const online = () => void go();
    globalThis.addEventListener('online', online);
    return () => {
      clearInterval(timer);
      globalThis.removeEventListener('online', online);
    };
  }, [client, lost, waits]);
}
