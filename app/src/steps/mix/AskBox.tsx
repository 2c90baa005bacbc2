import { answerOrder } from '@trowel/core/headless';
import { proseIn } from '@trowel/core/quantities';
import { useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import { useDraft } from '@/api/drafts';
import { useMeasures } from '@/api/measures';
import { useGarden } from '@/api/queries';
import { useReader } from '@/reader';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { askExamples } from '@/wording/bench';

/** Letters that are read; the contract takes no more. */
const longest = 1000;

/** May I …? Asked before anything is poured; what was read is said, and what was not is not called safe. */
export function AskBox() {
  const [line, setLine] = useDraft('may-i');
  const measures = useMeasures();
  const garden = useGarden().data;
  const tables = useReader();
  // Typing goes before reading.
  const asked = useDeferredValue(line).trim().slice(0, longest);
  const answer = useMemo(
    () =>
      asked.length > 2
        ? answerOrder(tables, {
            way: 'ask',
            ask: asked,
            measures,
            ...(garden ? { today: garden.today, latitude: garden.latitude } : {}),
          })
        : undefined,
    [tables, asked, measures, garden],
  );
  const isStop = answer?.kind === 'refused';
  const cautions = answer?.kind === 'refused' ? answer.because : answer?.kind === 'checked' ? answer.cautions : [];
  const isMinded = cautions.some(({ level }) => level !== 'note');
  const isDoubt =
    answer?.kind === 'checked' && (isMinded || answer.notUnderstood.length > 0 || (answer.asks?.length ?? 0) > 0);
  return (
    <Sheet>
      <Heading>May I …?</Heading>
      <Small>Say what, how much, on what, near what, in what weather, and what went on before.</Small>
      <Field label="Ask before you pour" value={line} change={setLine} lines={3} />
      {answer === undefined && (
        <Row wrap>
          {askExamples
            .map((words) => proseIn(words, measures))
            .map((example) => (
              <Toggle key={example} pressed={false} onPress={() => setLine(example)}>
                {example}
              </Toggle>
            ))}
        </Row>
      )}
      {(answer?.kind === 'checked' || answer?.kind === 'refused') && (
        <Sheet tone={isStop ? 'stop' : isDoubt ? 'warn' : 'good'}>
          <View role={isStop ? 'alert' : 'status'} style={{ gap: 4 }}>
            <Body strong>{answer.says}</Body>
            {cautions.slice(1).map(({ rule, says, instead }) => (
              <Body key={rule + says}>{`${says} ${instead ?? ''}`.trim()}</Body>
            ))}
            {answer.understood && answer.understood.length > 0 && (
              <Small>{`Read: ${answer.understood.join(', ')}.`}</Small>
            )}
            {answer.notUsed && <Small>{`Not used: ${answer.notUsed.join(', ')}.`}</Small>}
            {answer.kind === 'checked' &&
              answer.asks?.map(({ asks, answers }, at) => (
                <View key={asks} style={{ gap: 4 }}>
                  {at > 0 && <Body strong>{asks}</Body>}
                  <Row wrap>
                    {answers.map((words) => (
                      <Toggle key={words} pressed={false} onPress={() => setLine(`${line.trim()}, ${words}`)}>
                        {words}
                      </Toggle>
                    ))}
                  </Row>
                </View>
              ))}
            {answer.kind === 'refused' && answer.notUnderstood && (
              <Small>{`Not known here: ${answer.notUnderstood.join(', ')}.`}</Small>
            )}
          </View>
        </Sheet>
      )}
    </Sheet>
  );
}
