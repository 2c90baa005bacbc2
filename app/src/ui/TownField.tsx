import type { TownsView } from '@trowel/core/contract';
import { View } from 'react-native';
import { useDraft } from '@/api/drafts';
import { useTowns } from '@/api/queries';
import { space } from '@/theme/theme';
import { Field } from './Field';
import { Row } from './layout';
import { Body } from './text';
import { Toggle } from './Toggle';

export type Town = TownsView[number];

/** Towns by the beginning of their name; a tap chooses one. */
export function TownField({ chosen, choose }: { chosen: Town | undefined; choose: (town: Town) => void }) {
  const [typed, setTyped] = useDraft('search:town');
  const { data: found = [], isSuccess } = useTowns(typed);
  return (
    <View style={{ gap: space.s }}>
      <Field label="Nearest town" value={typed} change={setTyped} />
      <Row wrap>
        {found.map((one) => (
          <Toggle
            key={`${one.name}${one.where}${one.latitude}`}
            pressed={one === chosen}
            onPress={() => {
              choose(one);
              setTyped('');
            }}
          >
            {`${one.name}, ${one.where}`}
          </Toggle>
        ))}
      </Row>
      {isSuccess && typed.trim().length > 2 && found.length === 0 && (
        <Body soft>No town of that name is on the list; try a larger one nearby.</Body>
      )}
    </View>
  );
}
