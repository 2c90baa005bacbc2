import { useRef } from 'react';
import { Pressable, View } from 'react-native';
import { space, useRoles } from '@/theme/theme';
import { Body } from './text';

interface Tab<Id extends string> {
  readonly id: Id;
  readonly label: string;
}

/** Where an arrow leads from one of so many tabs; undefined for every other key. */
function stepBy(key: string, at: number, many: number): number | undefined {
  switch (key) {
    case 'ArrowRight':
      return (at + 1) % many;
    case 'ArrowLeft':
      return (at + many - 1) % many;
    case 'Home':
      return 0;
    case 'End':
      return many - 1;
    default:
      return undefined;
  }
}

/** The parts of one thing: one stop for the tab key, and the arrows go from part to part. */
export function Tabs<Id extends string>({
  tabs,
  chosen,
  beside = [],
  choose,
  says,
}: {
  tabs: readonly Tab<Id>[];
  chosen: Id;
  /** Parts that are in sight beside the chosen one. */
  beside?: readonly Id[];
  choose: (id: Id) => void;
  says: string;
}) {
  const roles = useRoles();
  const all = useRef<(View | null)[]>([]);
  const press = (at: number) => (event: { key: string; preventDefault: () => void }) => {
    const next = stepBy(event.key, at, tabs.length);
    const tab = next === undefined ? undefined : tabs[next];
    if (next === undefined || !tab) return;
    event.preventDefault();
    all.current[next]?.focus();
    choose(tab.id);
  };
  return (
    <View role="tablist" aria-label={says} style={{ flexDirection: 'row', flex: 1 }}>
      {tabs.map(({ id, label }, at) => (
        <Pressable
          key={id}
          ref={(one: View | null) => void (all.current[at] = one)}
          role="tab"
          aria-selected={id === chosen}
          tabIndex={id === chosen ? 0 : -1}
          onPress={() => choose(id)}
          // Known to the web alone.
          {...{ onKeyDown: press(at) }}
          style={{
            flex: 1,
            minWidth: 66,
            minHeight: space.target,
            alignItems: 'center',
            justifyContent: 'center',
            borderBottomWidth: 4,
            borderColor: id === chosen ? roles.act : beside.includes(id) ? roles.line : 'transparent',
          }}
        >
          <Body strong={id === chosen}>{label}</Body>
        </Pressable>
      ))}
    </View>
  );
}
