import type { TakingsView } from '@trowel/core/contract';
import { fullDate } from '@trowel/core/wording/everyday';
import { useAct } from '@/api/queries';
import { Button } from '@/ui/Button';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Small } from '@/ui/text';

/** Something that came in, and a tap that takes it out again. */
export function UndoTaking({ taking: { id, on, says } }: { taking: TakingsView[number] }) {
  const undo = useAct('undoTaking');
  const tell = useNotice();
  return (
    <>
      <Row wrap>
        <Small>{`${fullDate(on)}: ${says}`}</Small>
        <Button
          disabled={undo.isPending}
          accessibilityLabel={`Undo: ${says}`}
          onPress={() => undo.mutate({ id, body: {} }, { onSuccess: () => tell({ says: 'It is out again.' }) })}
        >
          Undo
        </Button>
      </Row>
      {undo.error && <Trouble error={undo.error} />}
    </>
  );
}
