import { Modal, Pressable, View } from 'react-native';
import { looks, setLook, useLook } from '@/theme/look';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { keys } from '@/ui/keys';
import { Row } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { TourButton } from '@/ui/TourStrip';
import { lookNames, shortcuts } from '@/wording/find';
import { FindBox } from './FindBox';

export type OnTop = 'find' | 'keys';

/** What lies on top of every page: finding anything, or the keys. Escape and a tap beside it close it. */
export function Overlay({ what, close }: { what: OnTop; close: () => void }) {
  const roles = useRoles();
  const look = useLook();
  const title = what === 'find' ? 'Find' : 'Keys';
  return (
    <Modal transparent visible onRequestClose={close} aria-label={title}>
      <View style={{ flex: 1, alignItems: 'center', padding: space.m, paddingTop: space.xl }}>
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={close}
          style={{ position: 'absolute', inset: 0, backgroundColor: roles.text, opacity: 0.45 }}
        />
        <View
          style={{
            width: '100%',
            maxWidth: 640,
            maxHeight: '92%',
            overflow: 'scroll',
            gap: space.m,
            padding: space.m,
            borderRadius: 6,
            borderWidth: 1,
            borderColor: roles.line,
            backgroundColor: roles.ground,
          }}
        >
          <Row style={{ justifyContent: 'space-between' }}>
            <Heading>{title}</Heading>
            <Button onPress={close}>Close</Button>
          </Row>
          {what === 'find' ? (
            <>
              <FindBox onTop opened={close} />
              <View role="group" aria-label="How it looks here" style={{ gap: space.xs }}>
                <Small strong>How it looks here</Small>
                <Choices of={looks.map((id) => ({ id, name: lookNames[id] }))} chosen={look} choose={setLook} />
              </View>
              <TourButton entered={close} />
            </>
          ) : (
            <Keys />
          )}
        </View>
      </View>
    </Modal>
  );
}

/** The keys, and a way to have none. */
function Keys() {
  const isOn = keys.useChosen() === 'on';
  return (
    <>
      <Row>
        <Toggle pressed={isOn} onPress={() => keys.set(isOn ? 'off' : 'on')}>
          Keys are in use
        </Toggle>
      </Row>
      {shortcuts.map(({ key, does }) => (
        <Row key={key} gap={space.m}>
          <View style={{ width: 72 }}>
            <Body strong>{key}</Body>
          </View>
          <Body style={{ flexShrink: 1 }}>{does}</Body>
        </Row>
      ))}
      <Small>Turned off, Ctrl K (⌘ K) still finds.</Small>
    </>
  );
}
