import type { BedView } from '@trowel/core/contract';
import { useKnowledge } from '@/knowledge';
import { useAct } from '@/api/queries';
import { DateField } from '@/ui/DateField';
import { Row, Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

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

/** Until when each is in flower: nothing that hurts bees goes on before that is over. */
export function InFlower({ bed }: { bed: BedView }) {
  const setBloom = useAct('setBloom');
  if (bed.plantings.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>In flower until</Heading>
      <Small>What would hurt bees waits until then.</Small>
      {bed.plantings.map(({ id, label, bloomUntil }) => (
        <DateField
          key={id}
          label={label}
          says={`Day until which ${label} is in flower`}
          day={bloomUntil}
          disabled={setBloom.isPending}
          change={(until) => setBloom.mutate({ id, body: { until } })}
        />
      ))}
      {setBloom.error && <Trouble error={setBloom.error} />}
    </Sheet>
  );
}

/** When seedlings sprouted: they live on their seed for a week, and are fed no sooner. */
export function Sprouted({ bed }: { bed: BedView }) {
  const setSprouted = useAct('setSprouted');
  const { plants } = useKnowledge();
  const young = bed.plantings.filter(({ plant }) =>
    plants.some(({ id, groups }) => id === plant && groups.includes('seedling')),
  );
  if (young.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>When did they sprout?</Heading>
      <Small>No feed goes on before a week after it, two with castings in the mix.</Small>
      {young.map(({ id, label, sproutedOn, hasCastings }) => (
        <Row key={id} wrap style={{ alignItems: 'flex-end' }}>
          <DateField
            label={label}
            says={`Day on which ${label} sprouted`}
            day={sproutedOn}
            disabled={setSprouted.isPending}
            change={(on) => setSprouted.mutate({ id, body: { on, hasCastings } })}
          />
          <Toggle
            pressed={hasCastings}
            label={`Castings in the mix: ${label}`}
            onPress={() => setSprouted.mutate({ id, body: { on: sproutedOn, hasCastings: !hasCastings } })}
          >
            Castings in the mix
          </Toggle>
        </Row>
      ))}
      {setSprouted.error && <Trouble error={setSprouted.error} />}
    </Sheet>
  );
}
