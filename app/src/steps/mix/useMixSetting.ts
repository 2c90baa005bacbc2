import type { GardenView } from '@trowel/core/contract';
import { jobVolume, type JobSetting } from '@trowel/core/jobs';
import type { RemedyRow } from '@trowel/core/tables';
import { useState } from 'react';
import { useQuantity } from '@/ui/quantity';

/** As the remedy, the brew and the garden have it. */
export const usualSetting: JobSetting = { strength: null, volumeMl: null, water: null, vesselId: null, batchId: null };

/**
 * How something is to be mixed, while it is being chosen: the one setting that the card shows, the job is begun or
 * changed with, and the mix is noted with.
 */
export function useMixSetting(remedy: RemedyRow, { measures }: GardenView, initial: JobSetting = usualSetting) {
  const [chosen, setChosen] = useState(initial);
  const volume = useQuantity(
    'volume',
    jobVolume(remedy, initial),
    measures,
    initial.volumeMl === null ? 'guess' : 'kept',
  );
  const setting: JobSetting = { ...chosen, volumeMl: volume.base ?? null };
  return {
    setting,
    /** What was not touched stays as it was: the field of the volume shows it rounded. */
    change: (next: Partial<Omit<JobSetting, 'volumeMl'>>) => setChosen({ ...chosen, ...next }),
    volume,
  };
}
export type MixSetting = ReturnType<typeof useMixSetting>;
