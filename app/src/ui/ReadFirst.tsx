import type { CautionSaid } from '@trowel/core/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { space } from '@/theme/theme';
import { Row, Sheet } from './layout';
import { Body } from './text';
import { TickBox } from './TickBox';
import { Tickable } from './Tickable';

interface ReadFirstProps {
  readonly cautions: readonly CautionSaid[];
  /** Called with the rules that were read. */
  readonly done: (rules: string[]) => void;
  readonly label?: string;
}

/** What is read before something is done: each caution is ticked, a stop has no way past it. */
export function ReadFirst({ cautions, done, label = 'Read, and done' }: ReadFirstProps) {
  const [read, setRead] = useState<readonly string[]>([]);
  const stops = cautions.filter(({ level }) => level === 'stop');
  const toRead = cautions.filter(({ level }) => level === 'caution');
  const key = ({ rule }: CautionSaid) => rule;
  const isRead = toRead.every((caution) => read.includes(key(caution)));
  return (
    <View style={{ gap: space.s, marginTop: space.s }}>
      {stops.map((caution) => (
        <Sheet key={key(caution)} tone="stop">
          <View role="alert">
            <Body strong>{`Stop. ${caution.says} ${caution.instead ?? ''}`.trim()}</Body>
          </View>
        </Sheet>
      ))}
      {stops.length === 0 &&
        toRead.map((caution) => {
          const id = key(caution);
          const isOn = read.includes(id);
          return (
            <Tickable
              key={id}
              isTicked={isOn}
              says={`Read: ${caution.says}`}
              tick={() => setRead(isOn ? read.filter((other) => other !== id) : [...read, id])}
            >
              <Sheet tone="stop">
                <Row gap={space.s} style={{ alignItems: 'flex-start' }}>
                  <TickBox state={isOn ? 'done' : 'open'} />
                  <Body strong style={{ flex: 1 }}>
                    {`${caution.says} ${caution.instead ?? ''}`.trim()}
                  </Body>
                </Row>
              </Sheet>
            </Tickable>
          );
        })}
      {stops.length === 0 && (
        <Row>
          <Button kind="main" disabled={!isRead} onPress={() => done(toRead.map(key))}>
            {label}
          </Button>
        </Row>
      )}
    </View>
  );
}
