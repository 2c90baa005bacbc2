import { mix } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

const examples = [
  'Bleach and vinegar for the pots',
  'A cup of soap in 2 litres, on roses',
  'Oil one week after sulphur',
  'Neem on beans in flower, bees about',
];

/** May I …? Asked before anything is poured; what was read is said, and what was not is not called safe. */
export function AskBox() {
  const [line, setLine] = useState('');
  const answer = line.trim().length > 2 ? mix(knowledge, { ask: line.trim(), measures: 'metric' }) : undefined;
  const isStop = answer?.kind === 'refused';
  const cautions = answer?.kind === 'refused' ? answer.because : answer?.kind === 'checked' ? answer.cautions : [];
  const isDoubt = answer?.kind === 'checked' && (cautions.length > 0 || answer.notUnderstood.length > 0);
  return (
    <Sheet>
      <Heading>May I …?</Heading>
      <Small>Say what, how much, on what, near what, in what weather, and what went on before.</Small>
      <Field label="Ask before you pour" value={line} change={setLine} lines={2} />
      {answer === undefined && (
        <Row wrap>
          {examples.map((example) => (
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
            {cautions.slice(1).map(({ says, instead }) => (
              <Body key={says}>{`${says} ${instead ?? ''}`.trim()}</Body>
            ))}
            {answer.understood && answer.understood.length > 0 && (
              <Small>{`Read: ${answer.understood.join(', ')}.`}</Small>
            )}
            {answer.kind === 'refused' && answer.notUnderstood && (
              <Small>{`Not known here: ${answer.notUnderstood.join(', ')}.`}</Small>
            )}
          </View>
        </Sheet>
      )}
    </Sheet>
  );
}
