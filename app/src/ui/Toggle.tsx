import { Pressable } from 'react-native';
import { space, useRoles } from '@/theme/theme';
import { Icon } from './Icon';
import { Row } from './layout';
import { Small } from './text';

interface ToggleProps {
  readonly children: string;
  readonly onPress: () => void;
  /** One of several to choose from: is this the one? */
  readonly pressed?: boolean;
  /** Opens something below: is it open? */
  readonly expanded?: boolean;
  readonly label?: string;
}

/** A button that stays in or out, or opens what is below. Its state is told by shape as well as colour. */
export function Toggle({ children, onPress, pressed, expanded, label }: ToggleProps) {
  const roles = useRoles();
  const on = pressed === true || expanded === true;
  return (
    <Pressable
      role="button"
      aria-pressed={pressed}
      aria-expanded={expanded}
      aria-label={label}
      onPress={onPress}
      style={{
        minHeight: space.target,
        maxWidth: '100%',
        paddingHorizontal: 14,
        justifyContent: 'center',
        borderRadius: 8,
        borderWidth: on ? 2.5 : 1,
        borderColor: on ? roles.act : roles.softText,
        backgroundColor: on ? roles.goodGround : 'transparent',
      }}
    >
      <Row gap={6}>
        {pressed === true && <Icon name="check" size={18} color={roles.text} />}
        <Small strong style={{ color: roles.text, flexShrink: 1 }}>
          {children}
        </Small>
        {expanded !== undefined && <Icon name={expanded ? 'down' : 'open'} size={20} color={roles.text} />}
      </Row>
    </Pressable>
  );
}
