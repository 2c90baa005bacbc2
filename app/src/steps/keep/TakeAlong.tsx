import { useQueryClient } from '@tanstack/react-query';
import { fullDate } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { bundleAt, lookInto, mergeIn, takeIn, type Looked } from '@/api/bundle';
import { chooseFile } from '@/api/photos';
import { useTakings } from '@/api/queries';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { broughtWords, heldWords } from '@/wording/bundle';
import { UndoTaking } from './UndoTaking';
import { useBusy } from './useBusy';

/** The whole garden as one file, out and in: to keep it, to go on with it elsewhere, or to bring two together. */
export function TakeAlong() {
  const client = useQueryClient();
  const tell = useNotice();
  const takings = useTakings().data ?? [];
  const [chosen, setChosen] = useState<{ readonly file: File; readonly held: Looked }>();
  const { isBusy, error, during } = useBusy();
  const look = () =>
    during(async () => {
      const file = await chooseFile('.json,application/json');
      if (file) setChosen({ file, held: await lookInto(file) });
    });
  const take = ({ file, held }: { file: File; held: Looked }) =>
    during(async () => {
      await (held.isEmpty ? takeIn(file) : mergeIn(file));
      setChosen(undefined);
      await client.invalidateQueries();
      tell({ says: 'It is all here.' });
    });
  const isNew = (held: Looked) => held.isEmpty || Object.values(held.brings ?? {}).some((one) => one.new > 0);
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
          <Body>{`Of ${fullDate(chosen.held.made.slice(0, 10))}: ${heldWords(chosen.held.rows)}.`}</Body>
          {chosen.held.brings && <Body>{broughtWords(chosen.held.brings)}</Body>}
          {isNew(chosen.held) ? (
            <Row wrap>
              <Button kind="main" disabled={isBusy} onPress={() => void take(chosen)}>
                {chosen.held.isEmpty ? 'Take it in' : 'Bring it in beside what is here'}
              </Button>
              <Button disabled={isBusy} onPress={() => setChosen(undefined)}>
                Leave it
              </Button>
            </Row>
          ) : (
            <Small strong>There is nothing in it that is not here.</Small>
          )}
        </>
      )}
      {error && <Trouble error={error} />}
      {takings.length > 0 && <Small strong>Came in lately</Small>}
      {takings.map((one) => (
        <UndoTaking key={one.id} taking={one} />
      ))}
    </Sheet>
  );
}
