import { Link, type Href } from 'expo-router';
import { Pressable } from 'react-native';
import { ButtonFace, useButtonFrame } from './ButtonFace';
import type { IconName } from './Icon';

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
  const frame = useButtonFrame(kind);
  return (
    <Link href={href} asChild>
      <Pressable aria-label={label} style={frame}>
        <ButtonFace kind={kind} icon={icon}>
          {children}
        </ButtonFace>
      </Pressable>
    </Link>
  );
}
