import type { GardenView } from '@trowel/core/contract';
import { brewFor, jobVolume, placeSize, type JobSetting, type PlaceSize } from '@trowel/core/jobs';
import { jobWaters, type RemedyRow } from '@trowel/core/tables';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';
import { useQuantity } from '@/ui/quantity';

/** As the remedy, the brew and the garden have it. */
const usualSetting: JobSetting = { strength: null, volumeMl: null, water: null, vesselId: null, batchId: null };

const settingShape: z.ZodType<JobSetting> = z.object({
  strength: z.number().nullable(),
  volumeMl: z.number().nullable(),
  water: z.enum(jobWaters).nullable(),
  vesselId: z.string().nullable(),
  batchId: z.string().nullable(),
});

/** Out of the brew that stands ready for it, thinned by its age; else as the remedy has it. */
export const usualSettingOf = (
  remedy: RemedyRow,
  { brews, today }: Pick<GardenView, 'brews' | 'today'>,
  strength: number | null = null,
): JobSetting => {
  const brew = brewFor(remedy, brews, today);
  return brew ? { ...usualSetting, batchId: brew.id } : { ...usualSetting, strength };
};

/** How large a place is, as the garden book has it. */
export function sizeOfPlace({ beds }: GardenView, bedId: string, plantingId: string | null): PlaceSize {
  const bed = beds.find(({ id }) => id === bedId);
  const meant = (bed?.plantings ?? []).filter(({ id }) => plantingId === null || id === plantingId);
  return placeSize(
    bed?.size,
    meant.map(({ number, potMl }) => ({ number, potMl })),
  );
}

/**
 * How something is to be mixed, while it is being chosen: the one setting that the card shows, the job is begun or
 * changed with, and the mix is noted with.
 * @param of of which case, job or page it is, for its draft
 * @param places what it is for, where that is known
 */
export function useMixSetting(
  of: string,
  remedy: RemedyRow,
  { measures, brews, today }: GardenView,
  initial: JobSetting = usualSettingOf(remedy, { brews, today }),
  places: readonly PlaceSize[] = [],
) {
  const key = `${of}-${remedy.id}`;
  const [chosen, setChosen, forget] = useOpenDraft(`mix:${key}`, settingShape, initial);
  const volume = useQuantity(
    key,
    'volume',
    jobVolume(remedy, initial, places),
    measures,
    initial.volumeMl === null ? 'guess' : 'kept',
  );
  const setting: JobSetting = { ...chosen, volumeMl: volume.base ?? null };
  return {
    setting,
    change: (next: Partial<Omit<JobSetting, 'volumeMl'>>) => setChosen({ ...chosen, ...next }),
    volume,
    /** Once it was sent. */
    forget: () => {
      forget();
      volume.forget();
    },
  };
}
export type MixSetting = ReturnType<typeof useMixSetting>;
