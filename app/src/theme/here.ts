import { useSyncExternalStore } from 'react';

/** Something chosen for this device alone, kept in its browser. */
export function chosenHere<Choice extends string>(name: string, choices: readonly Choice[], usual: Choice) {
  const listeners = new Set<() => void>();
  const kept = globalThis.localStorage?.getItem(name);
  let chosen: Choice = choices.find((choice) => choice === kept) ?? usual;
  const get = (): Choice => chosen;
  const subscribe = (tell: () => void) => {
    listeners.add(tell);
    return () => void listeners.delete(tell);
  };
  return {
    get,
    set(next: Choice): void {
      chosen = next;
      globalThis.localStorage?.setItem(name, next);
      listeners.forEach((tell) => tell());
    },
    useChosen: (): Choice => useSyncExternalStore(subscribe, get),
  };
}
