import { useRouter, type Href } from 'expo-router';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { OnTop } from '@/steps/find/Overlay';
import { toggleSun } from '@/theme/look';
import { useFetchedWorkshop } from './FromWorkshop';
import { keys } from './keys';

const OnTopContext = createContext<(what: OnTop) => void>(() => undefined);

/** Lays something on top of the page: finding anything, or the keys. */
export const useOnTop = () => useContext(OnTopContext);

const placesByKey: Readonly<Record<string, Href>> = {
  '1': '/',
  '2': '/cases',
  '3': '/bench',
  '4': '/garden',
  '5': '/notebook',
  n: '/cases/new',
};

const isTyping = ({ target }: KeyboardEvent): boolean =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');

/** Keys that work on every page, and what they lay on top. */
export function OnTopProvider({ children }: { children: ReactNode }) {
  const [what, setWhat] = useState<OnTop>();
  const router = useRouter();
  const Overlay = useFetchedWorkshop(what !== undefined)?.Overlay;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { key, ctrlKey, metaKey, altKey } = event;
      const isFind = key === '/' || (key === 'k' && (ctrlKey || metaKey));
      if (isTyping(event) || altKey || ((ctrlKey || metaKey) && !isFind)) return;
      const place = placesByKey[key];
      // With ⌘ or Ctrl it is nobody's slip.
      if (keys.get() === 'off' && !ctrlKey && !metaKey) return;
      if (isFind) setWhat('find');
      else if (key === '?') setWhat('keys');
      else if (key === 's') toggleSun();
      else if (place) {
        setWhat(undefined);
        router.push(place);
      } else return;
      event.preventDefault();
    };
    globalThis.addEventListener('keydown', press);
    return () => globalThis.removeEventListener('keydown', press);
  }, [router]);
  return (
    <OnTopContext.Provider value={setWhat}>
      {children}
      {what !== undefined && Overlay && <Overlay what={what} close={() => setWhat(undefined)} />}
    </OnTopContext.Provider>
  );
}
