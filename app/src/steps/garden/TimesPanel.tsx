import type { GardenView, InputOf } from '@trowel/core/contract';
import { readNumber } from '@trowel/core/quantities';
import { dayAndMonth } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { weekdayWords } from '@/wording/places';

type Visits = NonNullable<InputOf<'setVisits'>['visits']>;
const everyDay = [1, 2, 3, 4, 5, 6, 0];
const halves = [
  { half: 'mornings', says: 'Mornings' },
  { half: 'evenings', says: 'Afternoons and evenings' },
] as const;

/** When the gardener is in the garden: the plan keeps to it where the work can wait. */
export function TimesPanel({ place }: { place: GardenView }) {
  const setVisits = useAct('setVisits');
  const visits: Visits = place.visits ?? { mornings: everyDay, evenings: everyDay };
  const [minutes, setMinutes, forget] = useOpenDraft(
    'visit-minutes',
    z.string(),
    visits.minutes === undefined ? '' : String(visits.minutes),
  );
  const number = minutes.trim() === '' ? null : readNumber(minutes);
  const isWrong =
    number === undefined || (number !== null && (!Number.isInteger(number) || number < 5 || number > 1440));
  const keep = (next: Visits) => setVisits.mutate({ body: { visits: next } }, { onSuccess: forget });
  const toggle = (half: 'mornings' | 'evenings', day: number) => {
    const has = visits[half].includes(day);
    keep({ ...visits, [half]: has ? visits[half].filter((other) => other !== day) : [...visits[half], day] });
  };
  return (
    <Sheet>
      <Heading rank={3}>When are you in the garden?</Heading>
      <Small>The plan keeps to it; only what cannot wait stands outside it.</Small>
      {halves.map(({ half, says }) => (
        <View key={half} role="group" aria-label={says} style={{ gap: space.xs }}>
          <Small strong>{says}</Small>
          <Row wrap>
            {everyDay.map((day) => (
              <Toggle
                key={day}
                pressed={visits[half].includes(day)}
                label={`${weekdayWords[day]?.long}, ${says.toLowerCase()}`}
                onPress={() => toggle(half, day)}
              >
                {weekdayWords[day]?.short ?? ''}
              </Toggle>
            ))}
          </Row>
        </View>
      ))}
      <Row wrap style={{ alignItems: 'flex-end' }}>
        <NumberField
          label="At most, a day"
          says="Minutes of work on a day, at most"
          unit="min"
          optional
          value={minutes}
          change={setMinutes}
          wrong={isWrong ? 'Whole minutes, 5 or more.' : undefined}
        />
        {!isWrong && (number ?? undefined) !== visits.minutes && (
          <Button
            kind="other"
            disabled={setVisits.isPending}
            onPress={() =>
              keep({
                mornings: visits.mornings,
                evenings: visits.evenings,
                ...(number === null || number === undefined ? {} : { minutes: number }),
              })
            }
          >
            Keep it
          </Button>
        )}
      </Row>
      {place.visits !== null && (
        <Row>
          <Button
            disabled={setVisits.isPending}
            onPress={() => (setMinutes(''), setVisits.mutate({ body: { visits: null } }))}
          >
            At any time
          </Button>
        </Row>
      )}
      {setVisits.error && <Trouble error={setVisits.error} />}
      <Away place={place} />
    </Sheet>
  );
}

function Away({ place }: { place: GardenView }) {
  const addAway = useAct('addAway');
  const dropAway = useAct('dropAway');
  const tell = useNotice();
  const [from, setFrom] = useState<string | null>(null);
  const [until, setUntil] = useState<string | null>(null);
  return (
    <View style={{ gap: space.s }}>
      <Heading rank={3}>Away</Heading>
      {place.away.map((one) => (
        <Row key={one.id} wrap style={{ justifyContent: 'space-between' }}>
          <Small>{`${dayAndMonth(one.from)} to ${dayAndMonth(one.until)}`}</Small>
          <Button
            accessibilityLabel={`Take it back: away from ${dayAndMonth(one.from)}`}
            disabled={dropAway.isPending}
            onPress={() => dropAway.mutate({ id: one.id })}
          >
            Take it back
          </Button>
        </Row>
      ))}
      <Row wrap style={{ alignItems: 'flex-end' }}>
        <DateField label="From" says="First day away" day={from} change={setFrom} />
        <DateField label="Until" says="Last day away" day={until} change={setUntil} />
        <Button
          kind="other"
          disabled={from === null || addAway.isPending}
          onPress={() =>
            addAway.mutate(
              { body: { from: from ?? place.today, until: until ?? from ?? place.today } },
              {
                onSuccess: ({ id }) => {
                  setFrom(null);
                  setUntil(null);
                  tell({ says: 'Nothing is laid on those days.', undo: () => dropAway.mutate({ id }) });
                },
              },
            )
          }
        >
          I am away
        </Button>
      </Row>
      {addAway.error && <Trouble error={addAway.error} />}
    </View>
  );
}
