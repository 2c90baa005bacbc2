import { useRouter, type Href } from 'expo-router';
import { Button } from 'react-native-paper';
import type { IconName } from './Icon';

/** A button that leads somewhere: one element, with the role of a link. */
export function LinkButton({
  href,
  icon,
  mode = 'text',
  children,
}: {
  href: Href;
  icon?: IconName;
  mode?: 'text' | 'outlined' | 'contained';
  children: string;
}) {
  const router = useRouter();
  return (
    <Button
      mode={mode}
      {...(icon ? { icon } : {})}
      role="link"
      contentStyle={{ minHeight: 48 }}
      onPress={() => router.push(href)}
    >
      {children}
    </Button>
  );
}
