import { useState } from 'react';

/** One thing at a time that takes a while, and what went wrong with the last. */
export function useBusy() {
  const [isBusy, setBusy] = useState(false);
  const [error, setError] = useState<Error>();
  const during = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setError(undefined);
    try {
      await work();
    } catch (reason) {
      setError(reason as Error);
    } finally {
      setBusy(false);
    }
  };
  return { isBusy, error, during };
}
