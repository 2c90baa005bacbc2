import { Text, type ViewStyle } from 'react-native';
import { fonts, space, useRoles } from '@/theme/theme';
import { Icon, type IconName } from './Icon';

/** `main` is the one thing to do here, `soft` answers a question, `plain` stands back. */
export type ButtonKind = 'main' | 'other' | 'soft' | 'plain';

/** The frame of a button, or of a link that looks like one; never smaller than a thumb. */
export function useButtonFrame(kind: ButtonKind, { tall = false, off = false } = {}): ViewStyle {
  const roles = useRoles();
  const ground = { main: roles.act, soft: roles.goodGround, other: 'transparent', plain: 'transparent' } as const;
  return {
    minHeight: tall ? 56 : space.target,
    maxWidth: '100%',
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: space.s,
    paddingHorizontal: kind === 'plain' ? 12 : 20,
    paddingVertical: 4,
    borderRadius: 10,
    borderWidth: kind === 'other' ? 1 : 0,
    borderColor: roles.softText,
    backgroundColor: ground[kind],
    opacity: off ? 0.45 : 1,
  };
}

/** What stands on it: a sign, and words that break where they must. */
export function ButtonFace({
  kind,
  icon,
  children,
}: {
  kind: ButtonKind;
  icon?: IconName | undefined;
  children: string;
}) {
  const roles = useRoles();
  const color = { main: roles.onAct, soft: roles.text, other: roles.act, plain: roles.act }[kind];
  return (
    <>
      {icon && <Icon name={icon} size={18} color={color} />}
      <Text
        style={{
          fontFamily: fonts.body,
          fontSize: 14,
          lineHeight: 20,
          fontWeight: '500',
          color,
          flexShrink: 1,
          textAlign: 'center',
        }}
      >
        {children}
      </Text>
    </>
  );
}
