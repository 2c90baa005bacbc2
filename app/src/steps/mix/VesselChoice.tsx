import { Row } from '@/ui/layout';
import { Toggle } from '@/ui/Toggle';
import { View } from 'react-native';

/** Which sprayer or jar; what it held stands beside its name. */
export function VesselChoice({
  vessels,
  chosen,
  choose,
}: {
  vessels: readonly { readonly id: string; readonly name: string; readonly held?: string | null }[];
  chosen: string | undefined;
  choose: (id: string | undefined) => void;
}) {
  if (vessels.length === 0) return null;
  return (
    <View role="group" aria-label="In which">
      <Row wrap>
        {vessels.map(({ id, name, held }) => (
          <Toggle key={id} pressed={chosen === id} onPress={() => choose(chosen === id ? undefined : id)}>
            {held ? `${name} (held ${held.toLowerCase()})` : name}
          </Toggle>
        ))}
      </Row>
    </View>
  );
}
