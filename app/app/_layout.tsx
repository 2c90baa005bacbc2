import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { paperTheme, useIsDark, useRoles } from '@/theme/theme';
import { Icon, isIconName } from '@/ui/Icon';
import { NoticeProvider } from '@/ui/notice';
import { Shell } from '@/ui/Shell';

/** A garden does not change by itself every second: pages read anew after a command, or when reopened. */
const newClient = () =>
  new QueryClient({
    defaultOptions: { queries: { staleTime: 5000, networkMode: 'always', refetchOnWindowFocus: true } },
  });

export default function Layout() {
  const [client] = useState(newClient);
  const isDark = useIsDark();
  const { text } = useRoles();
  const settings = {
    icon: ({ name, size, color }: { name: unknown; size: number; color?: string }) =>
      isIconName(name) ? <Icon name={name} size={size} color={color ?? text} /> : null,
  };
  return (
    <QueryClientProvider client={client}>
      <PaperProvider theme={paperTheme(isDark)} settings={settings}>
        <NoticeProvider>
          <Shell>
            <Slot />
          </Shell>
        </NoticeProvider>
      </PaperProvider>
    </QueryClientProvider>
  );
}
