import { counted } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { lookIntoSheet, sheetAt, type SheetLooked } from '@/api/bundle';
import { chooseFile } from '@/api/photos';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Small } from '@/ui/text';
import { useBusy } from './useBusy';

interface Chosen {
  readonly file: string;
  readonly csv: string;
  readonly held: SheetLooked;
}

/** One table of the garden as a file: fetched, or looked into and taken in, whole or not at all. */
export function SheetIn({ sheet, name }: { sheet: string; name: string }) {
  const takeSheet = useAct('takeSheet');
  const tell = useNotice();
  const [chosen, setChosen] = useState<Chosen>();
  const { isBusy, error, during } = useBusy();
  const look = () =>
    during(async () => {
      setChosen(undefined);
      takeSheet.reset();
      const file = await chooseFile('.csv,text/csv,.json,application/json');
      if (!file) return;
      const csv = await file.text();
      setChosen({ file: file.name, csv, held: await lookIntoSheet(sheet, csv) });
    });
  return (
    <View style={{ gap: space.s }}>
      <Row wrap style={{ justifyContent: 'space-between' }}>
        <Body>{name}</Body>
        <Row>
          <Button accessibilityLabel={`Fetch: ${name}`} onPress={() => void globalThis.open(sheetAt(sheet), '_self')}>
            Fetch
          </Button>
          <Button accessibilityLabel={`Take in: ${name}`} disabled={isBusy} onPress={() => void look()}>
            Take in
          </Button>
        </Row>
      </Row>
      {chosen && (
        <Looked
          chosen={chosen}
          isBusy={takeSheet.isPending}
          leave={() => setChosen(undefined)}
          take={() =>
            takeSheet.mutate(
              { id: sheet, body: { csv: chosen.csv } },
              {
                onSuccess: ({ taken }) => (
                  setChosen(undefined),
                  tell({ says: `${counted(taken, 'row', 'rows')} came in.` })
                ),
              },
            )
          }
        />
      )}
      {error && <Trouble error={error} />}
      {takeSheet.error && <Trouble error={takeSheet.error} />}
    </View>
  );
}

/** What a file would bring, and what does not fit in it; all of it or nothing. */
function Looked({
  chosen: { file, held },
  isBusy,
  take,
  leave,
}: {
  chosen: Chosen;
  isBusy: boolean;
  take: () => void;
  leave: () => void;
}) {
  return (
    <Sheet tone={held.wrong.length > 0 ? 'warn' : 'deep'}>
      <Body strong>
        {`${file}: ${held.new} new, ${held.same} the same${held.wrong.length > 0 ? `, ${held.wrong.length} not understood` : ''}.`}
      </Body>
      {held.wrong.map(({ field, message }) => (
        <Small key={field + message}>{`${field}: ${message}`}</Small>
      ))}
      {held.wrong.length > 0 && <Small strong>Nothing comes in until these are mended in the file.</Small>}
      <Row wrap>
        {held.wrong.length === 0 && held.new > 0 && (
          <Button kind="main" disabled={isBusy} onPress={take}>
            {`Take in ${counted(held.new, 'row', 'rows')}`}
          </Button>
        )}
        <Button onPress={leave}>Leave it</Button>
      </Row>
    </Sheet>
  );
}
