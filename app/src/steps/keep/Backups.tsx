import type { KeepView } from '@trowel/core/contract';
import { counted } from '@trowel/core/wording/everyday';
import { salvagedWords } from '@trowel/core/wording/kept';
import { useState } from 'react';
import { useBackUp, useKeepings, useRestore, useSalvageRead } from '@/api/keep';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { momentWords } from '@/wording/moments';

type Keeping = KeepView['keepings'][number];

const size = (bytes: number): string =>
  bytes >= 1e6 ? `${(bytes / 1e6).toFixed(1)} MB` : `${Math.max(1, Math.round(bytes / 1000))} kB`;
const says = ({ kind, at, bytes }: Keeping): string =>
  `${kind === 'backup' ? 'Backup' : 'Moved aside'}, ${momentWords(Date.parse(at))}, ${size(bytes)}`;

/** Rows that are shown at first. */
const few = 4;

/** Copies of the garden by day, and a tap that goes back to one; what stands there now is moved aside, never lost. */
export function Backups() {
  const view = useKeepings().data;
  const backUp = useBackUp();
  const restore = useRestore();
  const read = useSalvageRead();
  const tell = useNotice();
  const [asked, setAsked] = useState<Keeping>();
  const [isAll, setAll] = useState(false);
  if (!view) return null;
  const { keepings, unreadable, salvaged } = view;
  return (
    <Sheet>
      <Heading rank={3}>Backups</Heading>
      <Small>One is made each day by itself. Going back moves what is here now aside; it stays in this list.</Small>
      {salvaged && (
        <Sheet tone="warn">
          {salvagedWords(salvaged).map((line, at) => (
            <Body key={line} strong={at === 0}>
              {line}
            </Body>
          ))}
          <Row>
            <Button kind="other" disabled={read.isPending} onPress={() => read.mutate()}>
              I have read it
            </Button>
          </Row>
        </Sheet>
      )}
      {unreadable.length > 0 && (
        <Sheet tone="warn">
          <Body strong>{`${counted(unreadable.length, 'row', 'rows')} could not be read and stand aside.`}</Body>
          {unreadable.slice(0, 6).map(({ table, id, why }) => (
            <Small key={table + id}>{`${table} ${id}: ${why}`}</Small>
          ))}
          <Small>Everything else works. A backup from before may have them whole.</Small>
        </Sheet>
      )}
      <Row>
        <Button
          kind="other"
          disabled={backUp.isPending}
          onPress={() => backUp.mutate(undefined, { onSuccess: () => tell({ says: 'A backup is made.' }) })}
        >
          Make one now
        </Button>
      </Row>
      {keepings.length === 0 && <Small>There is none yet.</Small>}
      {(isAll ? keepings : keepings.slice(0, few)).map((one) => (
        <Row key={one.name} wrap style={{ justifyContent: 'space-between' }}>
          <Body>{says(one)}</Body>
          {asked?.name === one.name ? (
            <Row>
              <Button
                kind="main"
                disabled={restore.isPending}
                onPress={() =>
                  restore.mutate(one.name, {
                    onSuccess: () => (setAsked(undefined), tell({ says: 'The garden is as it was then.' })),
                  })
                }
              >
                Go back to it
              </Button>
              <Button onPress={() => setAsked(undefined)}>Leave it</Button>
            </Row>
          ) : (
            <Button accessibilityLabel={`Go back: ${says(one)}`} onPress={() => setAsked(one)}>
              Go back …
            </Button>
          )}
        </Row>
      ))}
      {!isAll && keepings.length > few && (
        <Row>
          <Button onPress={() => setAll(true)}>{`All ${keepings.length}`}</Button>
        </Row>
      )}
      {backUp.error && <Trouble error={backUp.error} />}
      {restore.error && <Trouble error={restore.error} />}
    </Sheet>
  );
}
