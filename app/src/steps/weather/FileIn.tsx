import { Sheet } from '@/ui/layout';
import { Heading, Small } from '@/ui/text';
import { SheetIn } from '@/steps/keep/SheetIn';

/** A file of a station, or of a forecast: taken in whole or not at all. */
export function FileIn() {
  return (
    <Sheet>
      <Heading rank={3}>From a file</Heading>
      <Small>
        CSV, or a JSON list, with date and low_c, high_c, rain_mm; or hour by hour: hour, temperature_c, rain_mm.
      </Small>
      <SheetIn sheet="weather" name="What a station measured" />
      <SheetIn sheet="forecast" name="A forecast" />
    </Sheet>
  );
}
