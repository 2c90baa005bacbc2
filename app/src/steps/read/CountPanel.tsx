import type { CaseView } from '@trowel/core/contract';
import { countedAgainst, samplePlan } from '@trowel/core/read';
import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { Button } from '@/ui/Button';
import { useNoteSign } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** Counts decide between acting and waiting: which leaves, how many, and when it is enough. */
export function CountPanel({ view }: { view: CaseView }) {
  const knowledge = useKnowledge();
  // A sign that a threshold hangs on, and that has been seen here.
  const countable = knowledge.causes.flatMap(({ id, name, threshold }) => {
    const sign = knowledge.signs.find((row) => row.id === threshold?.sign);
    const isSeen = view.situation.evidence.some((item) => item.sign === sign?.id && item.state === 'seen');
    return threshold && sign && isSeen
      ? [{ sign, name, actAbove: view.situation.thresholds[id] ?? threshold.actAbove, says: threshold.says }]
      : [];
  });
  const [chosen, setChosen] = useState(0);
  const [text, setText] = useDraft(`counts-${view.summary.id}`);
  const note = useNoteSign(view.summary.id);
  const tell = useNotice();
  const target = countable[chosen] ?? countable[0];
  if (!target || view.summary.status === 'closed') return null;
  const typed = text.split(/[\s,;]+/).filter((part) => part !== '');
  const counts = typed.map(Number);
  const wrong = typed.find((_, index) => !Number.isFinite(counts[index]) || (counts[index] ?? 0) < 0);
  const found = countedAgainst(wrong === undefined ? counts : [], target.actAbove);
  const round = (value: number) => Math.round(value * 10) / 10;
  const verdict = {
    above: `Above the level to act on (${target.actAbove}).`,
    below: `Below the level to act on (${target.actAbove}): watch.`,
    'count-more': `Too close to call: about ${found.more} more would tell.`,
    'nothing-counted': 'Ten to begin with: walk along, one leaf from the top, one from the middle, one low, and so on.',
  }[found.says];
  const each =
    target.sign.amount === 'per-leaf' || target.sign.amount === 'share-of-leaves'
      ? 'Counts, one for each leaf'
      : 'Counts, one for each plant, square or minute';
  const plan = samplePlan(5, 10)
    .slice(0, 6)
    .map(({ plant, height }) => `plant ${plant} ${height}`)
    .join(', ');
  return (
    <Sheet>
      <Heading rank={3}>{`How many? ${target.sign.name}`}</Heading>
      {countable.length > 1 && (
        <Row wrap>
          {countable.map(({ sign }, index) => (
            <Toggle key={sign.id} pressed={sign.id === target.sign.id} onPress={() => setChosen(index)}>
              {sign.name}
            </Toggle>
          ))}
        </Row>
      )}
      <Small>{`Worth acting on: ${target.says}.`}</Small>
      <Small>{`Not by how bad they look: ${plan} …`}</Small>
      <TextInput
        mode="outlined"
        label={each}
        aria-label={each}
        placeholder="12, 0, 25, 3, 9"
        value={text}
        onChangeText={setText}
      />
      <Body>
        {wrong === undefined
          ? found.says === 'nothing-counted'
            ? verdict
            : `Mean ${round(found.mean)}, likely ${round(found.low)} to ${round(found.high)}. ${verdict}`
          : `“${wrong}” is not a count.`}
      </Body>
      {counts.length > 0 && wrong === undefined && (
        <Button
          kind="main"
          onPress={() =>
            note.mutate(
              { sign: target.sign.id, state: 'seen', amount: round(found.mean), counts },
              {
                onSuccess: () => tell({ says: 'The count is noted.' }),
                onError: (error) => tell({ says: error.message }),
              },
            )
          }
        >
          {`Note a mean of ${round(found.mean)}`}
        </Button>
      )}
    </Sheet>
  );
}
