import { useRouter, type Href } from 'expo-router';
import { Button } from './Button';
import type { IconName } from './Icon';

/** A button that leads somewhere: one element, with the role of a link. */
export function LinkButton({
  href,
  icon,
  kind = 'plain',
  children,
}: {
  href: Href;
  icon?: IconName;
  kind?: 'plain' | 'other' | 'main';
  children: string;
}) {
  const router = useRouter();
  return (
    <Button kind={kind} {...(icon ? { icon } : {})} role="link" onPress={() => router.push(href)}>
      {children}
    </Button>
  );
}
