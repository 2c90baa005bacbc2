import type { GardenView, InputOf } from '@trowel/core/contract';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** Beds, and the plants in them where it is not for all of the bed. */
export interface Picked {
  readonly beds: readonly string[];
  readonly plantings: readonly string[];
  /** Of several beds the one where it is worst. */
  readonly worst?: string | undefined;
}

type Places = NonNullable<InputOf<'planJob'>['places']>;

/** What was picked, as a job takes it: a bed as a whole, or each plant that was named in it. */
export const placesOf = (garden: GardenView, { beds, plantings, worst }: Picked): Places =>
  garden.beds
    .filter(({ id }) => beds.includes(id))
    .flatMap((bed) => {
      const on = bed.plantings.filter(({ id }) => plantings.includes(id));
      const place = { bedId: bed.id, ...(beds.length > 1 && bed.id === worst ? { isWorst: true } : {}) };
      return on.length === 0 ? [place] : on.map(({ id }) => ({ ...place, plantingId: id }));
    });

const toggle = (list: readonly string[], id: string) =>
  list.includes(id) ? list.filter((other) => other !== id) : [...list, id];

/** Where something is done: beds to tap, and within them plants. */
export function PlacePicker({
  garden,
  label,
  picked,
  pick,
  withPlants,
  withWorst = true,
}: {
  garden: GardenView;
  label: string;
  picked: Picked;
  pick: (picked: Picked) => void;
  withPlants: boolean;
  withWorst?: boolean;
}) {
  const { beds, plantings, worst } = picked;
  return (
    <View role="group" aria-label="Where" style={{ gap: space.s }}>
      <Small strong>{label}</Small>
      <Row wrap>
        {garden.beds.map(({ id, name }) => (
          <Toggle key={id} pressed={beds.includes(id)} onPress={() => pick({ ...picked, beds: toggle(beds, id) })}>
            {name}
          </Toggle>
        ))}
      </Row>
      {withPlants &&
        garden.beds
          .filter(({ id, plantings: here }) => beds.includes(id) && here.length > 0)
          .map((bed) => (
            <Row key={bed.id} wrap>
              <Small>{`In ${bed.name}, only:`}</Small>
              {bed.plantings.map(({ id, label: plant }) => (
                <Toggle
                  key={id}
                  pressed={plantings.includes(id)}
                  onPress={() => pick({ ...picked, plantings: toggle(plantings, id) })}
                >
                  {plant}
                </Toggle>
              ))}
            </Row>
          ))}
      {withWorst && beds.length > 1 && (
        <View role="group" aria-label="Worst is, if one is" style={{ gap: space.s }}>
          <Small strong>Worst is, if one is</Small>
          <Choices
            of={garden.beds.filter(({ id }) => beds.includes(id))}
            chosen={worst}
            choose={(id) => pick({ ...picked, worst: id === worst ? undefined : id })}
          />
        </View>
      )}
    </View>
  );
}
