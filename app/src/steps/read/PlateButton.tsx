import type { SignRow } from '@trowel/core/tables';
import { Pressable } from 'react-native';
import { Plate } from '@/drawing/Plate';
import { useRoles } from '@/theme/theme';
import { Icon } from '@/ui/Icon';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';

export type State = 'seen' | 'absent' | 'not-looked';

const shown = { seen: 'Seen', absent: 'Not there' } as const;

/** A sign as its plate: tapped where it is recognised. */
export function PlateButton({
  sign,
  state,
  disabled,
  small = false,
  ringed,
  onTap,
}: {
  sign: SignRow;
  state: State;
  disabled: boolean;
  /** Three beside each other on a phone, in a sheet. */
  small?: boolean;
  /** By which of its marks it is told from those beside it. */
  ringed?: readonly number[];
  onTap: () => void;
}) {
  const roles = useRoles();
  const on = state !== 'not-looked';
  return (
    <Pressable
      role="button"
      // What stands on it first, as whoever speaks to it says it.
      aria-label={
        state === 'not-looked'
          ? `${sign.name}. ${sign.plain} Not looked.`
          : `${sign.name} ${shown[state]}. ${sign.plain}`
      }
      aria-pressed={on}
      disabled={disabled}
      onPress={onTap}
      style={{
        width: small ? 102 : 112,
        padding: 6,
        gap: 4,
        alignItems: 'center',
        borderRadius: 6,
        borderWidth: on ? 3 : 1,
        borderColor: on ? roles.text : roles.line,
        borderStyle: state === 'absent' ? 'dashed' : 'solid',
        backgroundColor: state === 'seen' ? roles.goodGround : state === 'absent' ? roles.deep : roles.raised,
      }}
    >
      <Plate spec={sign.plate} size={small ? 84 : 94} {...(ringed ? { ringed } : {})} />
      <Small strong style={{ color: roles.text, textAlign: 'center' }}>
        {on ? `${sign.name} ` : sign.name}
      </Small>
      {state !== 'not-looked' && (
        <Row gap={4}>
          <Icon name={state === 'seen' ? 'check' : 'close'} size={16} color={roles.text} />
          <Small style={{ textAlign: 'center' }}>{shown[state]}</Small>
        </Row>
      )}
    </Pressable>
  );
}
