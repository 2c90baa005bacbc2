import { useEffect, useState } from 'react';

/** ms between two rounds in which what is open is fetched, to be there when the signal is gone. */
const keepsAfter = 600_000;

/** Lets the browser keep the app and the garden. @returns how to take a newer app, once one waits */
export function useKeptOffline(): (() => void) | undefined {
  const [newer, setNewer] = useState<ServiceWorker>();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const { serviceWorker } = navigator;
    const keep = () => {
      if (document.visibilityState === 'visible')
        void serviceWorker.ready.then(({ active }) => active?.postMessage('keep-garden'));
    };
    const found = (registration: ServiceWorkerRegistration) => {
      const look = () => {
        // The very first one is no newer one.
        if (registration.waiting && serviceWorker.controller) setNewer(registration.waiting);
      };
      look();
      registration.addEventListener('updatefound', () =>
        registration.installing?.addEventListener('statechange', look),
      );
    };
    // A browser that keeps nothing (a private window, a full disk) is as before.
    serviceWorker
      .register('/sw.js')
      .then(found)
      .catch(() => undefined);
    keep();
    const timer = setInterval(keep, keepsAfter);
    return () => clearInterval(timer);
  }, []);
  if (!newer) return undefined;
  return () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
    newer.postMessage('take-newer');
  };
}
