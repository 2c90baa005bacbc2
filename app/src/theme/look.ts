import { useSyncExternalStore } from 'react';

/** How the pages look on this device; `device`: by day or by night, as it has it. */
export const looks = ['device', 'sun', 'day', 'night'] as const;
export type Look = (typeof looks)[number];

const name = 'look';
const listeners = new Set<() => void>();
const stored = (): Look => {
  const kept = globalThis.localStorage?.getItem(name);
  return looks.find((look) => look === kept) ?? 'device';
};
let look = stored();

export const setLook = (next: Look): void => {
  look = next;
  globalThis.localStorage?.setItem(name, next);
  listeners.forEach((tell) => tell());
};
/** Into the sun, and back to what the device has. */
export const toggleSun = (): void => setLook(look === 'sun' ? 'device' : 'sun');
const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};
export const useLook = (): Look => useSyncExternalStore(subscribe, () => look);
