import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Fetching } from '@/ui/states';
import { useGarden } from './queries';

/**
 * No amount is shown before the gardener's measures are known, or it would stand there in litres for a moment and
 * then in gallons. Where the garden cannot be fetched the pages are shown, and say so themselves. They are there from
 * the first moment, and fetch what is theirs meanwhile.
 */
export function GardenFirst({ children }: { children: ReactNode }) {
  const { isPending, failureCount } = useGarden();
  const isUnknown = isPending && failureCount === 0;
  return (
    <>
      {isUnknown && <Fetching />}
      <View style={{ flex: 1, minHeight: 0, display: isUnknown ? 'none' : 'flex' }}>{children}</View>
    </>
  );
}
