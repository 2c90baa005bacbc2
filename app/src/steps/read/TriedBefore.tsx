import type { CaseView } from '@trowel/core/contract';
import { rowById } from '@trowel/core/tables';
import { triedWords } from '@trowel/core/wording';
import { Pressable } from 'react-native';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { useRoles } from '@/theme/theme';
import { Icon } from '@/ui/Icon';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Small } from '@/ui/text';

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
          <Pressable
            key={row.remedy}
            role="button"
            aria-label={`${words}. Tap to take it back.`}
            disabled={summary.status === 'closed'}
            onPress={() => note(row, false)}
            style={{
              minHeight: 44,
              maxWidth: '100%',
              flexDirection: 'row',
              alignItems: 'center',
              gap: 6,
              paddingHorizontal: 12,
              borderRadius: 6,
              borderWidth: 1.5,
              borderColor: roles.line,
              backgroundColor: roles.raised,
            }}
          >
            <Icon name="notebook" size={18} color={roles.text} />
            <Small strong style={{ color: roles.text, flexShrink: 1 }}>
              {words}
            </Small>
          </Pressable>
        );
      })}
    </Row>
  );
}
