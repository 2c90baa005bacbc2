import type { Tables } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { useEffect, useState } from 'react';

let reader: Tables | undefined;

/** The knowledge with the reader of lines, which comes after the page: until then the vocabulary reads alone. */
export function useReader(): Tables {
  const [tables, setTables] = useState<Tables>(reader ?? knowledge);
  useEffect(() => {
    let isLeft = false;
    import('@trowel/knowledge/meanings').then(
      (found) => {
        reader = { ...knowledge, meanings: found.meanings };
        if (!isLeft) setTables(reader);
      },
      // Cut off before it came: the vocabulary reads on, and the next opening of the page tries again.
      () => undefined,
    );
    return () => {
      isLeft = true;
    };
  }, []);
  return tables;
}
