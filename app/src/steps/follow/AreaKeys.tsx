import { areaClasses, type Tone } from '@trowel/core/tables';
import { areaClassWords } from '@trowel/core/wording/everyday';
import { Pressable, View } from 'react-native';
import { SickLeaf } from '@/drawing/SickLeaf';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';

/** One tap for each leaf: the drawn one that it is most like. */
export function AreaKeys({ tone, add }: { tone: Tone; add: (percent: number) => void }) {
  const roles = useRoles();
  return (
    <View
      role="group"
      aria-label="One tap for each leaf"
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        justifyContent: 'center',
        gap: space.s,
        maxWidth: 340,
        alignSelf: 'center',
      }}
    >
      {areaClasses.map((area) => (
        <Pressable
          key={area.stands}
          role="button"
          aria-label={`${areaClassWords(area)}, and on`}
          onPress={() => add(area.stands)}
          style={{
            width: 100,
            paddingVertical: space.s,
            gap: 2,
            borderRadius: 8,
            borderWidth: 1,
            borderColor: roles.softText,
            backgroundColor: roles.ground,
            alignItems: 'center',
          }}
        >
          <SickLeaf percent={area.stands} tone={tone} />
          <Small>{areaClassWords(area)}</Small>
        </Pressable>
      ))}
    </View>
  );
}
