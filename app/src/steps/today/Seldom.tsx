import type { TodayView } from '@trowel/core/contract';
import { dayWords, sentence } from '@trowel/core/wording/everyday';
import { useAct } from '@/api/queries';
import { Tag } from '@/drawing/Tag';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Small } from '@/ui/text';

/** What is seldom on Today. */

/** What matters on days off that are near. */
export function Away({ away: { says, waits, others } }: { away: NonNullable<TodayView['away']> }) {
  return (
    <Sheet tone="warn">
      <Body strong>{says}</Body>
      {waits.map((one) => (
        <Small key={one}>{one}</Small>
      ))}
      {others.length > 0 && <Small strong>For somebody else meanwhile:</Small>}
      {others.map((one) => (
        <Small key={one}>{sentence(one)}</Small>
      ))}
      {waits.length === 0 && others.length === 0 && <Small>Nothing has to wait for it.</Small>}
    </Sheet>
  );
}

/** Its month has come, and the case it was marked in is closed. */
export function Marked({ marked, today }: { marked: TodayView['marked'][number]; today: string }) {
  const reopenCase = useAct('reopenCase');
  const endJob = useAct('endJob');
  const tell = useNotice();
  const { jobId, caseId, caseName, pattern, remedyName, on } = marked;
  return (
    <Sheet tone="cool">
      <Row>
        <Tag pattern={pattern} width={40} />
        <Body strong>{`${remedyName}: ${caseName}`}</Body>
      </Row>
      <Small>{`Marked for ${dayWords(on, today)}. The case is closed; opened again, its steps stand here.`}</Small>
      <Row wrap>
        <Button
          accessibilityLabel={`Open it again: ${caseName}, for ${remedyName}`}
          disabled={reopenCase.isPending}
          onPress={() =>
            reopenCase.mutate(
              { id: caseId },
              {
                onSuccess: () => tell({ says: `${caseName} is open again.` }),
                onError: (error) => tell({ says: error.message }),
              },
            )
          }
        >
          Open it again
        </Button>
        <Button
          accessibilityLabel={`Drop it: ${remedyName} for ${caseName}`}
          disabled={endJob.isPending}
          onPress={() =>
            endJob.mutate(
              { id: jobId },
              {
                onSuccess: () => tell({ says: `${remedyName} is dropped.` }),
                onError: (error) => tell({ says: error.message }),
              },
            )
          }
        >
          Drop it
        </Button>
      </Row>
    </Sheet>
  );
}
