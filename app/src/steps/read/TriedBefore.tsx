import type { CaseView } from '@trowel/core/contract';
import { rowById } from '@trowel/core/tables';
import { triedWords } from '@trowel/core/wording';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { useRoles } from '@/theme/theme';
import { Icon } from '@/ui/Icon';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Chip } from './Chip';

/** What the gardener said was done before: a tap takes back what was read wrong. */
export function TriedBefore({ view: { summary, tried } }: { view: CaseView }) {
  const knowledge = useKnowledge();
  const roles = useRoles();
  const say = useAct('addEvidence');
  const tell = useNotice();
  const { id } = summary;
  const note = (row: CaseView['tried'][number], isSo: boolean) =>
    say.mutate(
      {
        id,
        body: {
          tried: [
            {
              remedy: row.remedy,
              isSo,
              ...(row.helped === null ? {} : { helped: row.helped }),
              ...(row.on === null ? {} : { on: row.on }),
            },
          ],
        },
      },
      {
        onError: (error) => tell({ says: error.message }),
        onSuccess: () => isSo || tell({ says: 'Taken back.', undo: () => note(row, true) }),
      },
    );
  if (tried.length === 0) return null;
  return (
    <Row wrap>
      {tried.map((row) => {
        const words = triedWords(rowById(knowledge.remedies, row.remedy, 'remedies'), row.helped);
        return (
          <Chip
            key={row.remedy}
            label={`${words}. Tap to take it back.`}
            says={words}
            mark={<Icon name="notebook" size={18} color={roles.text} />}
            look={{ borderColor: roles.line, backgroundColor: roles.raised }}
            disabled={summary.status === 'closed'}
            onPress={() => note(row, false)}
          />
        );
      })}
    </Row>
  );
}
