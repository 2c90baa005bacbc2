import { useState } from 'react';

/** Text being typed, kept in this tab until it is sent: a reload or a lost server loses nothing. */
export function useDraft(key: string): [text: string, setText: (text: string) => void] {
  const name = `draft:${key}`;
  const [text, setText] = useState(() => globalThis.sessionStorage?.getItem(name) ?? '');
  return [
    text,
    (next) => {
      setText(next);
      if (next === '') globalThis.sessionStorage?.removeItem(name);
      else globalThis.sessionStorage?.setItem(name, next);
    },
  ];
}
