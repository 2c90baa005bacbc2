import { sheetNames } from '@trowel/core/wording';
import { Sheet } from '@/ui/layout';
import { Heading, Small } from '@/ui/text';
import { SheetIn } from './SheetIn';

/** Tables of the garden for a spreadsheet, out and in. */
export function Tables() {
  return (
    <Sheet>
      <Heading rank={3}>For a spreadsheet</Heading>
      <Small>
        One CSV file a table. Fetch one to see its columns; what you add in them can be taken in, looked at first. A
        JSON list with the same columns does as well.
      </Small>
      {Object.entries(sheetNames).map(([sheet, name]) => (
        <SheetIn key={sheet} sheet={sheet} name={name} />
      ))}
    </Sheet>
  );
}
