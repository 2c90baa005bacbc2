import { useQueryClient } from '@tanstack/react-query';
import { counted, fullDate } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { bundleAt, lookInto, takeIn, type Looked } from '@/api/bundle';
import { chooseFile } from '@/api/photos';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** What a file holds, in a gardener's words. */
const heldWords = ({ rows }: Looked): string =>
  [
    counted(rows.bed ?? 0, 'place', 'places'),
    counted(rows.planting ?? 0, 'planting', 'plantings'),
    counted(rows.cases ?? 0, 'case', 'cases'),
    counted(rows.count ?? 0, 'count', 'counts'),
    counted(rows.photo ?? 0, 'photograph', 'photographs'),
  ].join(', ');

/** The whole garden as one file, out and in: to keep it, or to go on with it on another machine. */
export function TakeAlong() {
  const client = useQueryClient();
  const tell = useNotice();
  const [chosen, setChosen] = useState<{ readonly file: File; readonly held: Looked }>();
  const [isBusy, setBusy] = useState(false);
  const [error, setError] = useState<Error>();
  const during = async (work: () => Promise<void>) => {
    setBusy(true);
    setError(undefined);
    try {
      await work();
    } catch (reason) {
      setError(reason as Error);
    } finally {
      setBusy(false);
    }
  };
  const look = () =>
    during(async () => {
      const file = await chooseFile('.json,application/json');
      if (file) setChosen({ file, held: await lookInto(file) });
    });
  const take = (file: File) =>
    during(async () => {
      await takeIn(file);
      setChosen(undefined);
      await client.invalidateQueries();
      tell({ says: 'It is all here.' });
    });
  return (
    <Sheet>
      <Heading rank={3}>Take it along</Heading>
      <Small>Everything in one file, photographs too: to keep, or to go on with on another machine.</Small>
      <Row wrap>
        <Button kind="other" onPress={() => void globalThis.open(bundleAt(), '_self')}>
          Fetch the whole garden
        </Button>
        <Button disabled={isBusy} onPress={() => void look()}>
          Take one in
        </Button>
      </Row>
      {chosen && (
        <>
          <Body>{`Of ${fullDate(chosen.held.made.slice(0, 10))}: ${heldWords(chosen.held)}.`}</Body>
          {chosen.held.isPossible ? (
            <Row>
              <Button kind="main" disabled={isBusy} onPress={() => void take(chosen.file)}>
                Take it in
              </Button>
            </Row>
          ) : (
            <Small strong>
              Something has been entered here already; a whole garden is taken into an empty one only. Start with
              another --data folder, and take it in there.
            </Small>
          )}
        </>
      )}
      {error && <Trouble error={error} />}
    </Sheet>
  );
}
