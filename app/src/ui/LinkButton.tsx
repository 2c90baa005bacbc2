import { Link, type Href } from 'expo-router';
import { Pressable, Text } from 'react-native';
import { fonts, space, useRoles } from '@/theme/theme';
import { Icon, type IconName } from './Icon';

/**
 * A link that looks like a button: a real one, which the keyboard opens, and which can be opened in another tab. One
 * stop of the tabulator, where a button inside a link would be two, and the first of them deaf.
 */
export function LinkButton({
  href,
  icon,
  kind = 'plain',
  label,
  children,
}: {
  href: Href;
  icon?: IconName;
  kind?: 'plain' | 'other' | 'main';
  /** In full, for a screen reader; begins with what is written. */
  label?: string;
  children: string;
}) {
  const roles = useRoles();
  const color = kind === 'main' ? roles.onAct : roles.act;
  return (
    <Link href={href} asChild>
      <Pressable
        aria-label={label}
        style={{
          minHeight: space.target,
          flexDirection: 'row',
          alignItems: 'center',
          justifyContent: 'center',
          gap: space.s,
          paddingHorizontal: kind === 'plain' ? 12 : 20,
          borderRadius: 10,
          borderWidth: kind === 'other' ? 1 : 0,
          borderColor: roles.softText,
          backgroundColor: kind === 'main' ? roles.act : 'transparent',
        }}
      >
        {icon && <Icon name={icon} size={18} color={color} />}
        <Text style={{ fontFamily: fonts.body, fontSize: 14, lineHeight: 20, fontWeight: '500', color }}>
          {children}
        </Text>
      </Pressable>
    </Link>
  );
}
