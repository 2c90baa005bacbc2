import { useState } from 'react';
import { z } from 'zod';

/** What is being typed or counted, kept in this tab until it is sent: a reload, a page that fails or a lost server loses nothing. */
const store = () => globalThis.sessionStorage as Storage | undefined;
const nameOf = (key: string) => `draft:${key}`;

function kept<Value>(key: string, shape: z.ZodType<Value>, empty: Value): Value {
  try {
    const text = store()?.getItem(nameOf(key));
    const parsed = text == null ? undefined : shape.safeParse(JSON.parse(text));
    return parsed?.success ? parsed.data : empty;
  } catch {
    return empty;
  }
}

/** A draft of any shape; given the empty value it is forgotten. */
export function useDraftOf<Value>(
  key: string,
  shape: z.ZodType<Value>,
  empty: Value,
): [draft: Value, setDraft: (value: Value) => void] {
  const [draft, setDraft] = useState(() => kept(key, shape, empty));
  return [
    draft,
    (next) => {
      setDraft(next);
      if (JSON.stringify(next) === JSON.stringify(empty)) store()?.removeItem(nameOf(key));
      else store()?.setItem(nameOf(key), JSON.stringify(next));
    },
  ];
}

/**
 * A field that opens with what was saved: only what differs from that is a draft, and it belongs to what it opened with.
 * @returns also how to forget it, once it was sent
 */
export function useOpenDraft<Value>(
  key: string,
  shape: z.ZodType<Value>,
  opening: Value,
): [draft: Value, setDraft: (value: Value) => void, forget: () => void] {
  const own = `${key}:${JSON.stringify(opening)}`;
  const [draft, setDraft] = useDraftOf(own, shape, opening);
  return [draft, setDraft, () => store()?.removeItem(nameOf(own))];
}

/** A line of text. */
export const useDraft = (key: string) => useDraftOf(key, z.string(), '');
/** Counts, one for each leaf. */
export const useCountsDraft = (key: string) => useDraftOf<readonly number[]>(key, z.array(z.number()), []);
