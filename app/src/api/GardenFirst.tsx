import type { ReactNode } from 'react';
import { Fetching } from '@/ui/states';
import { useGarden } from './queries';

/**
 * No amount is shown before the gardener's measures are known, or it would stand there in litres for a moment and
 * then in gallons. Where the garden cannot be fetched the pages are shown, and say so themselves.
 */
export function GardenFirst({ children }: { children: ReactNode }) {
  const { isPending, failureCount } = useGarden();
  return isPending && failureCount === 0 ? <Fetching /> : children;
}
