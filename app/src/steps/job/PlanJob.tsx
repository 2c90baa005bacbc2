import type { GardenView } from '@trowel/core/contract';
import type { JobSetting } from '@trowel/core/jobs';
import type { RemedyRow } from '@trowel/core/tables';
import { measuredForWords } from '@trowel/core/wording';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { useDraft } from '@/api/drafts';
import { sizeOfPlace } from '@/steps/mix/useMixSetting';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { PlacePicker, placesOf, type Picked } from './PlacePicker';
import { rhythms, unmeasured } from '@/wording/jobs';

/** What the places take together, where they are measured; else what would have to be known. */
function Needed({
  remedy,
  garden,
  places,
}: {
  remedy: RemedyRow;
  garden: GardenView;
  places: readonly { readonly bedId: string; readonly plantingId?: string }[];
}) {
  const sizes = places.map(({ bedId, plantingId }) => sizeOfPlace(garden, bedId, plantingId ?? null));
  const known = measuredForWords(remedy, sizes, garden.measures);
  return known ? <Body>{`For ${known}.`}</Body> : <Small>{unmeasured[remedy.recipe?.needs?.per ?? 'none']}</Small>;
}

interface PlanJobProps {
  /** A remedy or a recipe of one's own, as it is to be mixed; left out, a reminder in one's own words. */
  readonly what?: {
    readonly remedy: RemedyRow;
    /** The own recipe that the remedy stands for. */
    readonly recipeId?: string;
    readonly setting: Partial<JobSetting>;
  };
  readonly garden: GardenView;
  /** Begun from a bed: chosen already. */
  readonly bedId?: string;
  /** A reminder that was begun elsewhere, in its words. */
  readonly wish?: string;
}

/** Puts something on the plan that is no case: what, where, how often, from when. */
export function PlanJob({ what, garden, bedId, wish: given = '' }: PlanJobProps) {
  const router = useRouter();
  const planJob = useAct('planJob');
  const tell = useNotice();
  const [typed, setWish] = useDraft(`wish:${bedId ?? ''}${given}`);
  // Nothing typed yet, it stands as it was begun.
  const [isTouched, setTouched] = useState(false);
  const wish = typed === '' && !isTouched ? given : typed;
  const [picked, setPicked] = useState<Picked>({ beds: bedId === undefined ? [] : [bedId], plantings: [] });
  const { beds } = picked;
  const [rhythm, setRhythm] = useState<keyof typeof rhythms>('once');
  const [from, setFrom] = useState<string | null>(null);
  const [until, setUntil] = useState<string | null>(null);
  const isReady = what ? beds.length > 0 : wish.trim() !== '';
  const name = what ? what.remedy.name : wish.trim();
  const places = placesOf(garden, picked);
  const plan = () =>
    planJob.mutate(
      {
        body: {
          ...(what
            ? {
                ...(what.recipeId === undefined ? { remedy: what.remedy.id } : { recipeId: what.recipeId }),
                ...what.setting,
              }
            : { wish: wish.trim() }),
          places,
          everyDays: rhythms[rhythm].days,
          ...(from === null ? {} : { from }),
          ...(until === null || rhythms[rhythm].days === null ? {} : { until }),
        },
      },
      {
        onSuccess: ({ id }) => {
          setWish('');
          tell({ says: `${name}: on the plan.` });
          router.push(`/jobs/${id}`);
        },
      },
    );
  return (
    <Sheet tone="cool">
      <Heading rank={3}>{what ? `Plan: ${what.remedy.name}` : 'Remind me'}</Heading>
      {!what && (
        <Field
          label="What is to be done"
          value={wish}
          change={(text) => {
            setTouched(true);
            setWish(text);
          }}
        />
      )}
      <PlacePicker
        garden={garden}
        label={what ? 'Where' : 'Where, if anywhere'}
        picked={picked}
        pick={setPicked}
        withPlants={what !== undefined}
      />
      <View role="group" aria-label="How often" style={{ gap: space.s }}>
        <Small strong>How often</Small>
        <Choices
          of={Object.entries(rhythms).map(([id, { name: label }]) => ({ id: id as keyof typeof rhythms, name: label }))}
          chosen={rhythm}
          choose={setRhythm}
        />
      </View>
      <Row wrap>
        <DateField
          label="From (today, if you name no day)"
          says="Day from which it is done"
          day={from}
          change={setFrom}
        />
        {rhythms[rhythm].days !== null && (
          <DateField
            label="Until (no end, if you name no day)"
            says="Day after which it is not done again"
            day={until}
            change={setUntil}
          />
        )}
      </Row>
      {what && places.length > 0 && <Needed remedy={what.remedy} garden={garden} places={places} />}
      {planJob.error && <Trouble error={planJob.error} />}
      <Row>
        <Button kind="main" disabled={!isReady || planJob.isPending} onPress={plan}>
          {what && beds.length === 0 ? 'Say where first' : 'Put it on the plan'}
        </Button>
      </Row>
    </Sheet>
  );
}
