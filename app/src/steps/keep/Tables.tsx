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
        One file a table. Fetch one to see its columns; what you add can be taken in, as CSV or as a JSON list, looked
        at first.
      </Small>
      {Object.entries(sheetNames).map(([sheet, name]) => (
        <SheetIn key={sheet} sheet={sheet} name={name} />
      ))}
    </Sheet>
  );
}
