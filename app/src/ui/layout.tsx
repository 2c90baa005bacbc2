import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View, type ViewStyle } from 'react-native';
import { space, useRoles } from '@/theme/theme';

/** From this width on there is room for two columns and a rail. */
export const wideFrom = 900;
export const useIsWide = (): boolean => useWindowDimensions().width >= wideFrom;

/** From this width on three columns as wide as a phone stand beside each other. */
const widestFrom = 1240;
export const useIsWidest = (): boolean => useWindowDimensions().width >= widestFrom;

/** A page that scrolls, with room at its sides. */
export function Page({ children, wide = false }: { children: ReactNode; wide?: boolean }) {
  return (
    <ScrollView
      style={{ flex: 1 }}
      contentContainerStyle={{
        padding: space.m,
        paddingBottom: space.xl * 2,
        gap: space.m,
        width: '100%',
        maxWidth: wide ? 1240 : 760,
        alignSelf: 'center',
      }}
    >
      {children}
    </ScrollView>
  );
}

const grounds = {
  plain: 'raised',
  good: 'goodGround',
  warn: 'warnGround',
  stop: 'stopGround',
  cool: 'coolGround',
  deep: 'deep',
} as const;

/** A sheet of paper on the bench. */
export function Sheet({
  children,
  tone = 'plain',
  style,
}: {
  children: ReactNode;
  tone?: keyof typeof grounds;
  style?: ViewStyle;
}) {
  const roles = useRoles();
  return (
    <View
      style={[
        {
          backgroundColor: roles[grounds[tone]],
          borderColor: roles.line,
          borderWidth: 1,
          borderRadius: 6,
          padding: space.m,
          gap: space.s,
        },
        style,
      ]}
    >
      {children}
    </View>
  );
}

export function Row({
  children,
  gap = space.s,
  wrap = false,
  style,
}: {
  children: ReactNode;
  gap?: number;
  wrap?: boolean;
  style?: ViewStyle;
}) {
  return (
    <View
      style={[
        { flexDirection: 'row', alignItems: 'center', gap, flexWrap: wrap ? 'wrap' : 'nowrap', maxWidth: '100%' },
        style,
      ]}
    >
      {children}
    </View>
  );
}
