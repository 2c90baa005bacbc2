import type { OutputOf } from '@trowel/core/contract';
import { tellingMarks } from '@trowel/core/read';
import { rowById } from '@trowel/core/tables';
import { View } from 'react-native';
import { useNoteSign } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Swiped } from '@/ui/Swiped';
import { Body, Small } from '@/ui/text';
import { PlateButton } from './PlateButton';

export type Perhaps = OutputOf<'addEvidence'>['perhaps'][number];

/** Words that may mean several things: the plates they may mean, to tap the right one or none. */
export function PerhapsMeant({
  caseId,
  meant,
  settle,
}: {
  caseId: string;
  meant: readonly Perhaps[];
  /** Takes an answered one off the list. */
  settle: (item: Perhaps) => void;
}) {
  const knowledge = useKnowledge();
  const note = useNoteSign(caseId);
  const tell = useNotice();
  const signsOf = (item: Perhaps) => item.signs.map((id) => rowById(knowledge.signs, id, 'signs'));
  const answer = (item: Perhaps, chosen?: string) => {
    const counted = item.sure === undefined ? undefined : item.signs[0];
    const onError = (error: Error) => tell({ says: error.message });
    // What only counted as perhaps is taken back where something else was meant.
    if (counted !== undefined && counted !== chosen) note.mutate({ sign: counted, state: 'not-looked' }, { onError });
    if (chosen !== undefined) note.mutate({ sign: chosen, state: item.state }, { onError });
    settle(item);
  };
  return meant.map((item) => (
    <Swiped key={item.say} onLeft={() => answer(item)} onRight={() => answer(item)}>
      <Sheet>
        <Body strong>{`“${item.say}”: is this what you mean?`}</Body>
        <Small>
          {item.state === 'absent' ? 'Tap what you looked for and did not find.' : 'Tap the one that looks like it.'}
        </Small>
        <View
          role="group"
          aria-label={`What “${item.say}” may mean`}
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.s }}
        >
          {signsOf(item).map((sign, _at, all) => (
            <PlateButton
              key={sign.id}
              sign={sign}
              ringed={tellingMarks(
                sign.plate,
                all.map(({ plate }) => plate),
              )}
              state="not-looked"
              disabled={false}
              small
              onTap={() => answer(item, sign.id)}
            />
          ))}
        </View>
        <Button kind="other" onPress={() => answer(item)}>
          None of these
        </Button>
      </Sheet>
    </Swiped>
  ));
}
