import type { BedView } from '@trowel/core/contract';
import { useAct } from '@/api/queries';
import { DateField } from '@/ui/DateField';
import { Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';

/** When each planting is picked: waits before harvest and the level to act on go by it. */
export function Harvests({ bed }: { bed: BedView }) {
  const setHarvest = useAct('setHarvest');
  if (bed.plantings.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>When will it be picked?</Heading>
      <Small>Remedies that need a longer wait are then left out.</Small>
      {bed.plantings.map(({ id, label, harvestOn }) => (
        <DateField
          key={id}
          label={label}
          says={`Day on which ${label} will be picked`}
          day={harvestOn}
          disabled={setHarvest.isPending}
          change={(on) => setHarvest.mutate({ id, body: { on } })}
        />
      ))}
      {setHarvest.error && <Trouble error={setHarvest.error} />}
    </Sheet>
  );
}
