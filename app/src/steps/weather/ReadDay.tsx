import type { WeatherView } from '@trowel/core/contract';
import { fromSi, readNumber, roundForTyping, toSi, type MeasureSystem } from '@trowel/core/quantities';
import { dayWords } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { z } from 'zod';
import { useDraftOf } from '@/api/drafts';
import { useMeasures } from '@/api/measures';
import { useAct } from '@/api/queries';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { degreesUnit, rainUnit } from '@/wording/weather';

const draftShape = z.object({ low: z.string(), high: z.string(), rain: z.string(), soil: z.string() });
const empty = { low: '', high: '', rain: '', soil: '' };

/** What a thermometer and a gauge said of a day. */
export function ReadDay({ view: { today, days } }: { view: WeatherView }) {
  const noteWeather = useAct('noteWeather');
  const dropWeather = useAct('dropWeather');
  const tell = useNotice();
  const system = useMeasures();
  const [on, setOn] = useState(today);
  const [draft, setDraft] = useDraftOf('weather-read', draftShape, empty);
  const [degrees, rain] = [degreesUnit(system), rainUnit(system)];
  const low = celsiusIn(draft.low, system);
  const high = celsiusIn(draft.high, system);
  const soil = celsiusIn(draft.soil, system);
  const fell = draft.rain.trim() === '' ? 0 : millimetresIn(draft.rain, system);
  const wrong = (text: string, value: number | undefined) =>
    text.trim() !== '' && value === undefined ? 'Write a figure.' : undefined;
  const isCrossed = low !== undefined && high !== undefined && high < low;
  const ready = low !== undefined && high !== undefined && !isCrossed && fell !== undefined && !wrong(draft.soil, soil);
  const known = days.find(({ date }) => date === on);
  const field = (name: keyof typeof empty) => ({
    value: draft[name],
    change: (text: string) => setDraft({ ...draft, [name]: text }),
  });
  const takeBack = () =>
    dropWeather.mutate(
      { id: on },
      { onSuccess: () => tell({ says: `What was read ${dayWords(on, today)} is taken back.` }) },
    );
  return (
    <Sheet>
      <Heading rank={3}>What I read</Heading>
      <Row>
        <DateField label="Day" needed day={on} change={(day) => setOn(day ?? today)} />
      </Row>
      {known?.source === 'read' && (
        <Small strong>
          {`Read: ${shown(known.low, system)} to ${shown(known.high, system)}${degrees}, ${shownRain(known.rain, system)} ${rain}.`}
        </Small>
      )}
      <Row wrap style={{ alignItems: 'flex-start' }}>
        <NumberField label="Lowest" unit={degrees} {...field('low')} wrong={wrong(draft.low, low)} />
        <NumberField
          label="Highest"
          unit={degrees}
          {...field('high')}
          wrong={isCrossed ? 'It is below the lowest.' : wrong(draft.high, high)}
        />
        <NumberField label="Rain" optional unit={rain} {...field('rain')} wrong={wrong(draft.rain, fell)} />
        <NumberField
          label="Soil"
          says="Soil, a finger deep"
          optional
          unit={degrees}
          {...field('soil')}
          wrong={wrong(draft.soil, soil)}
        />
      </Row>
      <Row wrap>
        <Button
          kind="main"
          disabled={!ready || on > today || noteWeather.isPending}
          onPress={() =>
            ready &&
            noteWeather.mutate(
              { body: { on, low, high, rain: fell, ...(soil === undefined ? {} : { soil }) } },
              {
                onSuccess: () => {
                  setDraft(empty);
                  tell({ says: `Read ${dayWords(on, today)}; the plan goes by it.`, undo: takeBack });
                },
              },
            )
          }
        >
          Note it
        </Button>
        {known?.source === 'read' && (
          <Button disabled={dropWeather.isPending} onPress={takeBack}>
            Take it back
          </Button>
        )}
      </Row>
      {noteWeather.error && <Trouble error={noteWeather.error} />}
      {dropWeather.error && <Trouble error={dropWeather.error} />}
    </Sheet>
  );
}

const celsiusIn = (text: string, system: MeasureSystem): number | undefined => {
  const figure = readNumber(text);
  return figure === undefined ? undefined : toSi('temperature', figure, degreesUnit(system), system);
};
/** The unit of lengths is not that of rain. */
const millimetresIn = (text: string, system: MeasureSystem): number | undefined => {
  const figure = readNumber(text);
  const base = figure === undefined || figure < 0 ? undefined : toSi('length', figure, rainUnit(system), system);
  return base === undefined ? undefined : fromSi('length', base, 'mm', system);
};
const shown = (degrees: number, system: MeasureSystem): number =>
  Math.round(fromSi('temperature', degrees, degreesUnit(system), system));
const shownRain = (mm: number, system: MeasureSystem): number => {
  const base = toSi('length', mm, 'mm', system) ?? 0;
  return roundForTyping(fromSi('length', base, rainUnit(system), system));
};
