import { mix } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';

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
      <Small>
        What goes together, on what, near what, in what weather. “Bleach and vinegar”, “soap near the pond at noon”.
      </Small>
      <Field label="Ask before you pour" value={line} change={setLine} />
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
          </View>
        </Sheet>
      )}
    </Sheet>
  );
}
