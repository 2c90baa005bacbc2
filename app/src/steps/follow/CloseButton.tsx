import type { CaseOutcome } from '@trowel/core/contract';
import { endedWords } from '@trowel/core/wording';
import { useAct } from '@/api/queries';
import { Button } from '@/ui/Button';
import { useNotice } from '@/ui/notice';

/** Closes a case one way or another; taken back in one tap. */
export function CloseButton({
  caseId,
  outcome,
  label,
  kind = 'main',
}: {
  caseId: string;
  outcome: CaseOutcome;
  label: string;
  kind?: 'main' | 'other';
}) {
  const closeCase = useAct('closeCase');
  const reopenCase = useAct('reopenCase');
  const tell = useNotice();
  const reopen = () => reopenCase.mutate({ id: caseId });
  return (
    <Button
      kind={kind}
      disabled={closeCase.isPending}
      onPress={() =>
        closeCase.mutate(
          { id: caseId, body: { outcome } },
          {
            onSuccess: ({ jobs }) => tell({ says: `The case is closed. ${endedWords(jobs)}`.trim(), undo: reopen }),
            onError: (error) => tell({ says: error.message }),
          },
        )
      }
    >
      {label}
    </Button>
  );
}
