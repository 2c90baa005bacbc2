import { counted } from '@trowel/core/wording/everyday';
import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { useKeptOffline } from '@/api/offline';
import { outbox, type Command } from '@/api/outbox';
import { useOutbox, useReach, useWaiting } from '@/api/waiting';
import { space, useRoles } from '@/theme/theme';
import { Button } from './Button';
import { Row } from './layout';
import { useNotice } from './notice';
import { Body, Small } from './text';
import { Toggle } from './Toggle';
import { momentWords } from '@/wording/moments';

/**
 * A strip above every page while the garden's server is out of reach: what waits to be sent, what was not taken and
 * why, how old that is which one sees. Gone as soon as there is nothing to say.
 */
export function OutOfReach() {
  const roles = useRoles();
  const notice = useNotice();
  const tell = useCallback((says: string) => notice({ says }), [notice]);
  useOutbox(tell);
  const takeNewer = useKeptOffline();
  const { lost, slow, keptAt } = useReach();
  const waiting = useWaiting();
  const [open, setOpen] = useState(false);
  const refused = waiting.filter((one) => one.refused !== undefined);
  const queued = waiting.filter((one) => one.refused === undefined);
  const says = lost
    ? `The garden’s server is not answering.${queued.length > 0 ? ` ${counted(queued.length, 'thing waits', 'things wait')} here, and will be sent.` : keptAt === undefined ? '' : ` This is as of ${momentWords(keptAt)}.`}`
    : slow
      ? 'No answer yet. What you did is kept.'
      : '';
  if (says === '' && refused.length === 0 && !takeNewer) return null;
  return (
    <View
      role="status"
      style={{
        backgroundColor: refused.length > 0 ? roles.warnGround : roles.deep,
        borderColor: roles.line,
        borderBottomWidth: 1,
        paddingHorizontal: space.m,
        paddingVertical: space.s,
        gap: space.s,
      }}
    >
      {says !== '' && (
        <Row wrap style={{ justifyContent: 'space-between' }}>
          <Body style={{ flexShrink: 1 }}>{says}</Body>
          {queued.length > 0 && lost && (
            <Toggle expanded={open} onPress={() => setOpen(!open)}>
              {open ? 'Close' : 'What waits'}
            </Toggle>
          )}
        </Row>
      )}
      {takeNewer && (
        <Row wrap style={{ justifyContent: 'space-between' }}>
          <Body style={{ flexShrink: 1 }}>A newer Wise Trowel is here. Nothing you typed is lost.</Body>
          <Button kind="other" onPress={takeNewer}>
            Take it
          </Button>
        </Row>
      )}
      {open && lost && queued.map((one) => <Waits key={one.id} one={one} />)}
      {refused.map((one) => (
        <Waits key={one.id} one={one} />
      ))}
    </View>
  );
}

function Waits({ one }: { one: Command }) {
  return (
    <Row wrap style={{ justifyContent: 'space-between' }}>
      <View style={{ flex: 1, minWidth: 200 }}>
        <Body strong>{one.says}</Body>
        <Small>{one.refused === undefined ? momentWords(one.pressed) : `Not taken: ${one.refused}`}</Small>
      </View>
      {one.refused !== undefined && (
        <Button accessibilityLabel={`Send again: ${one.says}`} onPress={() => void outbox.again(one.id)}>
          Send again
        </Button>
      )}
      <Button accessibilityLabel={`Take out: ${one.says}`} onPress={() => outbox.drop(one.id)}>
        Take out
      </Button>
    </Row>
  );
}
