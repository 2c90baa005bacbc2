import { usePathname } from 'expo-router';
import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { Text } from 'react-native';

/** A page was gone to, and nothing on it has the focus yet. */
const arrival = { isDue: false };

/** Watches where one goes: the next page's first heading takes the focus, so that keys and readers go on from there. */
export function useArrivals(): void {
  const path = usePathname();
  const before = useRef(path);
  // Before the new page's own effects.
  useLayoutEffect(() => {
    if (before.current === path) return;
    before.current = path;
    arrival.isDue = true;
  }, [path]);
}

/** A heading that a new page begins with. */
export function useArrival(isFirst: boolean): RefObject<Text | null> {
  const heading = useRef<Text>(null);
  useEffect(() => {
    if (!isFirst || !arrival.isDue) return;
    arrival.isDue = false;
    // What a page puts its own focus on keeps it.
    const { activeElement } = document;
    if (activeElement instanceof HTMLInputElement || activeElement instanceof HTMLTextAreaElement) return;
    (heading.current as unknown as HTMLElement | null)?.focus({ preventScroll: true });
  }, [isFirst]);
  return heading;
}
