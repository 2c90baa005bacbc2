import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState, useSyncExternalStore } from 'react';

/** Whether this tab looks round in the made-up garden; one's own stands beside it, untouched. */
const name = 'tour';
const listeners = new Set<() => void>();
let isOn = globalThis.sessionStorage?.getItem(name) === 'on';

export const isTour = (): boolean => isOn;
/** Where the calls of the garden are that one stands in. */
export const apiBase = (): string => (isOn ? '/api/tour' : '/api');

function set(next: boolean): void {
  isOn = next;
  if (next) globalThis.sessionStorage?.setItem(name, 'on');
  else globalThis.sessionStorage?.removeItem(name);
  listeners.forEach((tell) => tell());
}
const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};

/** Into the made-up garden, which is as new each time, and out of it again. */
export function useTour() {
  const client = useQueryClient();
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const go = (next: boolean) => {
    set(next);
    // What belongs to a garden; the workshop stays.
    void client.resetQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'workshop' });
    router.replace('/');
  };
  return {
    isOn: useSyncExternalStore(subscribe, isTour),
    isBusy,
    problem,
    enter: async () => {
      setBusy(true);
      setProblem(undefined);
      try {
        const response = await fetch('/api/tour/begin', { method: 'POST' });
        if (!response.ok) throw new Error(String(response.status));
        go(true);
      } catch {
        setProblem('The made-up garden could not be opened just now; try again in a moment.');
      } finally {
        setBusy(false);
      }
    },
    leave: () => go(false),
  };
}
