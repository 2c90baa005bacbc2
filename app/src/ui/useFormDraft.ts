import { useEffect } from 'react';
import { useForm, useWatch, type Control, type DefaultValues, type FieldValues } from 'react-hook-form';
import { z } from 'zod';
import { useDraftOf } from '@/api/drafts';

const entries = z.record(z.string(), z.unknown());

/**
 * A form whose fields are kept while they are typed: a reload, a page that fails or a lost server loses nothing.
 * @param key of what the form is for
 * @param opening what stands in it at first; fields that are no longer of the form are forgotten
 */
export function useFormDraft<Values extends FieldValues>(
  key: string,
  opening: Values,
): { readonly control: Control<Values>; readonly values: Values; readonly reset: () => void } {
  const [kept, keep] = useDraftOf<Record<string, unknown>>(`form:${key}`, entries, {});
  const known = Object.fromEntries(Object.entries(kept).filter(([name]) => name in opening));
  const { control, reset } = useForm<Values>({ defaultValues: { ...opening, ...known } as DefaultValues<Values> });
  // The form opens with all of its fields, so none is missing.
  const values = useWatch({ control }) as Values;
  const changed = Object.fromEntries(
    Object.entries(values).filter(([name, value]) => JSON.stringify(value) !== JSON.stringify(opening[name])),
  );
  const text = JSON.stringify(changed);
  // Only what differs from how it opens is a draft.
  useEffect(() => {
    if (text !== JSON.stringify(kept)) keep(JSON.parse(text) as Record<string, unknown>);
  }, [text, kept, keep]);
  return { control, values, reset: () => reset(opening) };
}
