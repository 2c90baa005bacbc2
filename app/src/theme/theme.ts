import { useColorScheme } from 'react-native';
import { configureFonts, type MD3Theme } from 'react-native-paper';
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';
import { dark, light, sun, type Roles } from './palette';
import { useLook } from './look';

export const fonts = { heading: 'Literata, Georgia, serif', body: 'Atkinson, Verdana, sans-serif' } as const;

/** The gaps between things, in px; a thumb's target is never under `target`. */
export const space = { xs: 4, s: 8, m: 16, l: 24, xl: 32, target: 48 } as const;

/** By night: as the device has it, unless something else was chosen here. */
export function useIsDark(): boolean {
  const device = useColorScheme();
  const look = useLook();
  return look === 'night' || (look === 'device' && device === 'dark');
}
export function useRoles(): Roles {
  const isDark = useIsDark();
  return useLook() === 'sun' ? sun : isDark ? dark : light;
}

const prefersStillness = (): boolean => globalThis.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false;

/** Every level and role of the component library, in our colours. */
export function paperTheme(isDark: boolean, roles = isDark ? dark : light, still = prefersStillness()): MD3Theme {
  const base = isDark ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roundness: 2,
    // Who asked for less motion gets none: notices appear at once instead of fading in.
    animation: { ...base.animation, scale: still ? 0 : 1 },
    fonts: configureFonts({ config: { fontFamily: fonts.body } }),
    colors: {
      ...base.colors,
      primary: roles.act,
      onPrimary: roles.onAct,
      primaryContainer: roles.goodGround,
      onPrimaryContainer: roles.text,
      secondary: roles.cool,
      onSecondary: roles.onAct,
      secondaryContainer: roles.goodGround,
      onSecondaryContainer: roles.text,
      tertiary: roles.warn,
      tertiaryContainer: roles.warnGround,
      error: roles.stop,
      errorContainer: roles.stopGround,
      background: roles.ground,
      onBackground: roles.text,
      surface: roles.raised,
      onSurface: roles.text,
      surfaceVariant: roles.deep,
      onSurfaceVariant: roles.softText,
      outline: roles.softText,
      outlineVariant: roles.line,
      inverseSurface: roles.text,
      inverseOnSurface: roles.ground,
      inversePrimary: isDark ? light.act : dark.act,
      elevation: {
        level0: 'transparent',
        level1: roles.raised,
        level2: roles.raised,
        level3: roles.deep,
        level4: roles.deep,
        level5: roles.deep,
      },
    },
  };
}
