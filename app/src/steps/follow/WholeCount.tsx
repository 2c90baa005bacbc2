import { Modal, Pressable, Text, View } from 'react-native';
import { fonts, space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Icon } from '@/ui/Icon';
import { Row } from '@/ui/layout';
import { Swiped } from '@/ui/Swiped';
import { Body, Small } from '@/ui/text';

/**
 * The count over the whole screen, for wet hands and no eyes to spare: the right half counts up, the left half down,
 * whichever thumb; a stroke to the left is the next one, to the right takes the last one back.
 */
export function WholeCount({
  what,
  now,
  counts,
  step,
  next,
  takeBack,
  close,
}: {
  what: string;
  now: number;
  counts: readonly number[];
  step: (by: 1 | -1) => void;
  next: () => void;
  takeBack: () => void;
  close: () => void;
}) {
  const roles = useRoles();
  return (
    <Modal visible onRequestClose={close} aria-label="Count">
      <Swiped onLeft={next} onRight={takeBack} style={{ flex: 1, backgroundColor: roles.ground }}>
        <View style={{ padding: space.m, gap: 2 }}>
          <Row style={{ justifyContent: 'space-between', alignItems: 'flex-start' }}>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Body strong>{what}</Body>
              <Small>{counts.length === 0 ? 'None counted yet.' : `So far: ${counts.join(' · ')}.`}</Small>
            </View>
            <Button onPress={close}>Close</Button>
          </Row>
        </View>
        <Text
          aria-live="polite"
          style={{ fontFamily: fonts.heading, fontSize: 96, lineHeight: 110, textAlign: 'center', color: roles.text }}
        >
          {now}
        </Text>
        <View style={{ flex: 1, flexDirection: 'row', gap: space.s, padding: space.s }}>
          <Half icon="minus" label="One fewer" says="fewer" onPress={() => step(-1)} />
          <Half icon="plus" label="One more" says="more" onPress={() => step(1)} />
        </View>
        <Row style={{ padding: space.m, justifyContent: 'space-between' }}>
          <Button tall disabled={counts.length === 0} onPress={takeBack}>
            Take back
          </Button>
          <Button kind="main" tall onPress={next}>
            {`Next (${counts.length + 1})`}
          </Button>
        </Row>
      </Swiped>
    </Modal>
  );
}

function Half({
  icon,
  label,
  says,
  onPress,
}: {
  icon: 'plus' | 'minus';
  label: string;
  says: string;
  onPress: () => void;
}) {
  const roles = useRoles();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={{
        flex: 1,
        borderRadius: 12,
        borderWidth: 2,
        borderColor: roles.text,
        backgroundColor: icon === 'plus' ? roles.goodGround : roles.raised,
        alignItems: 'center',
        justifyContent: 'center',
        gap: space.s,
      }}
    >
      <Icon name={icon} size={56} color={roles.text} />
      <Body strong>{says}</Body>
    </Pressable>
  );
}
