import type { Todo } from '@trowel/core/contract';
import { sentence } from '@trowel/core/wording';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { fonts, space, useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { NotPrinted } from '@/ui/Printing';
import { Body, Small } from '@/ui/text';
import { TickBox } from '@/ui/TickBox';
import { Toggle } from '@/ui/Toggle';
import { Tickable } from '@/ui/Tickable';

/** The order of work as a card with big steps: one wet hand ticks them off, and the screen stays awake meanwhile. */
export function StepByStep({ steps }: { steps: readonly Todo[] }) {
  const roles = useRoles();
  const [large, setLarge] = useState(false);
  const [done, setDone] = useState<readonly string[]>([]);
  useAwake(large);
  const turn = (id: string) => setDone(done.includes(id) ? done.filter((other) => other !== id) : [...done, id]);
  if (!large)
    return (
      <View style={{ gap: space.s }}>
        {steps.map(({ id, says }, index) => (
          <Body key={id}>{`${index + 1}. ${sentence(says)}`}</Body>
        ))}
        <NotPrinted style={{ flexDirection: 'row' }}>
          <Toggle expanded={false} onPress={() => setLarge(true)}>
            Large, step by step
          </Toggle>
        </NotPrinted>
      </View>
    );
  return (
    <View style={{ gap: space.s }}>
      {steps.map(({ id, says }, index) => {
        const isDone = done.includes(id);
        return (
          <Tickable
            key={id}
            isTicked={isDone}
            says={`Step ${index + 1}: ${says}`}
            tick={() => turn(id)}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              gap: space.m,
              minHeight: 84,
              padding: space.m,
              borderWidth: 2,
              borderRadius: 8,
              borderColor: isDone ? roles.line : roles.act,
              backgroundColor: isDone ? roles.goodGround : roles.raised,
            }}
          >
            <TickBox state={isDone ? 'done' : 'open'} />
            <Body strong style={{ flex: 1, fontFamily: fonts.heading, fontSize: 22, lineHeight: 29 }}>
              {says}
            </Body>
          </Tickable>
        );
      })}
      <Row style={{ justifyContent: 'space-between' }}>
        <Small>{`${done.length} of ${steps.length} done · the screen stays awake`}</Small>
        <Toggle expanded onPress={() => setLarge(false)}>
          Small again
        </Toggle>
      </Row>
    </View>
  );
}

/** Keeps the screen from going dark where the browser can; where it cannot, nothing is lost. */
function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in globalThis.navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isOver = false;
    void globalThis.navigator.wakeLock
      .request('screen')
      .then((sentinel) => {
        if (isOver) void sentinel.release();
        else lock = sentinel;
      })
      .catch(() => undefined);
    return () => {
      isOver = true;
      void lock?.release();
    };
  }, [wanted]);
}
