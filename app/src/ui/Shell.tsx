import { Link, usePathname, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { useIsOutside } from '@/api/paired';
import type { OnTop } from '@/steps/find/Overlay';
import { fonts, space, useRoles } from '@/theme/theme';
import { useArrivals } from './arrival';
import { fromWorkshop, useWorkshopAhead } from './FromWorkshop';
import { Icon, type IconName } from './Icon';
import { useIsWide } from './layout';
import { useOnTop } from './OnTop';
import { OutOfReach } from './OutOfReach';
import { TourStrip } from './TourStrip';

const PairPage = fromWorkshop('PairPage');

interface PlaceLink {
  readonly href: Href;
  readonly label: string;
  readonly icon: IconName;
}

/** The five places: at the bottom on a phone, on a rail when wide. */
const places: readonly PlaceLink[] = [
  { href: '/', label: 'Today', icon: 'today' },
  { href: '/cases', label: 'Cases', icon: 'cases' },
  { href: '/bench', label: 'Bench', icon: 'bench' },
  { href: '/garden', label: 'Garden', icon: 'garden' },
  { href: '/notebook', label: 'Notebook', icon: 'notebook' },
];

export function Shell({ children }: { children: ReactNode }) {
  useWorkshopAhead();
  useArrivals();
  const wide = useIsWide();
  const roles = useRoles();
  const isOutside = useIsOutside();
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column-reverse', backgroundColor: roles.ground }}>
      <View
        role="navigation"
        aria-label="Places"
        style={{
          flexDirection: wide ? 'column' : 'row',
          backgroundColor: roles.deep,
          borderColor: roles.line,
          borderTopWidth: wide ? 0 : 1,
          borderRightWidth: wide ? 1 : 0,
          paddingVertical: wide ? space.l : 0,
          width: wide ? 112 : '100%',
        }}
      >
        {places.map((place) => (
          <PlaceButton key={place.label} place={place} wide={wide} />
        ))}
        {wide && (
          <View style={{ marginTop: 'auto' }}>
            <RailButton what="find" label="Find  /" />
            <RailButton what="keys" label="Keys  ?" />
          </View>
        )}
      </View>
      <View role="main" style={{ flex: 1, minWidth: 0, minHeight: 0 }}>
        {isOutside ? (
          <PairPage />
        ) : (
          <>
            <TourStrip />
            <OutOfReach />
            {children}
          </>
        )}
      </View>
    </View>
  );
}

/** At the foot of the rail; on a phone Today and the bench lead there. */
function RailButton({ what, label }: { what: OnTop; label: string }) {
  const roles = useRoles();
  const onTop = useOnTop();
  return (
    <Pressable
      role="button"
      onPress={() => onTop(what)}
      style={{ minHeight: space.target, alignItems: 'center', justifyContent: 'center' }}
    >
      <Text style={{ fontFamily: fonts.body, fontSize: 13, color: roles.softText }}>{label}</Text>
    </Pressable>
  );
}

function PlaceButton({ place, wide }: { place: PlaceLink; wide: boolean }) {
  const roles = useRoles();
  const path = usePathname();
  const here = place.href === '/' ? path === '/' : path.startsWith(String(place.href));
  const color = here ? roles.text : roles.softText;
  return (
    <Link href={place.href} asChild>
      <Pressable
        aria-current={here ? 'page' : undefined}
        style={{
          flex: wide ? undefined : 1,
          minWidth: 0,
          minHeight: 60,
          alignItems: 'center',
          justifyContent: 'center',
          gap: 2,
          paddingVertical: space.s,
        }}
      >
        {/* Where we are is told by a bar and bold letters as well as by colour. */}
        <View style={{ width: 32, height: 4, borderRadius: 2, backgroundColor: here ? roles.act : 'transparent' }} />
        <Icon name={place.icon} color={color} />
        <Text
          style={{
            fontFamily: fonts.body,
            fontSize: 13,
            color,
            fontWeight: here ? '700' : '400',
            maxWidth: '100%',
            textAlign: 'center',
          }}
        >
          {place.label}
        </Text>
      </Pressable>
    </Link>
  );
}
