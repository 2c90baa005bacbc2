import '@/api/zod-plain';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useState } from 'react';
import { PaperProvider, ThemeProvider } from 'react-native-paper';
import { GardenFirst } from '@/api/GardenFirst';
import { paperTheme, useIsDark, useRoles } from '@/theme/theme';
import { Icon, isIconName } from '@/ui/Icon';
import { NoticeProvider } from '@/ui/notice';
import { Kept } from '@/ui/Kept';
import { OnTopProvider } from '@/ui/OnTop';
import { Shell } from '@/ui/Shell';

/** A garden does not change by itself every second: pages read anew after a command, or when reopened. */
const newClient = () =>
  new QueryClient({
    defaultOptions: { queries: { staleTime: 5000, networkMode: 'always', refetchOnWindowFocus: true } },
  });

export default function Layout() {
  const [client] = useState(newClient);
  const isDark = useIsDark();
  const roles = useRoles();
  const theme = paperTheme(isDark, roles);
  const settings = {
    icon: ({ name, size, color }: { name: unknown; size: number; color?: string }) =>
      isIconName(name) ? <Icon name={name} size={size} color={color ?? roles.text} /> : null,
  };
  return (
    <QueryClientProvider client={client}>
      <PaperProvider theme={theme} settings={settings}>
        {/* The provider above sets its own pace of animation; this one gives ours back. */}
        <ThemeProvider theme={theme}>
          <NoticeProvider>
            <OnTopProvider>
              <Shell>
                <Kept>
                  <GardenFirst>
                    <Slot />
                  </GardenFirst>
                </Kept>
              </Shell>
            </OnTopProvider>
          </NoticeProvider>
        </ThemeProvider>
      </PaperProvider>
    </QueryClientProvider>
  );
}
