import { useSyncExternalStore } from 'react';

/** A code that came with the address, as a camera reads it from a picture: asked before the router changes the address. */
export const codeInAddress: string = /[#&]pair=(\d{8})/.exec(globalThis.location?.hash ?? '')?.[1] ?? '';

/** Whether the garden lets this device in; as long as it has not said otherwise, it does. */
let isOutside = false;
const listeners = new Set<() => void>();

export const paired = {
  refused(): void {
    if (isOutside) return;
    isOutside = true;
    listeners.forEach((tell) => tell());
  },
};

export const useIsOutside = (): boolean =>
  useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => isOutside,
  );
