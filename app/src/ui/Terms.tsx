import { termsIn } from '@trowel/core/tables';
import { glossary } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Row } from './layout';
import { Body } from './text';
import { Toggle } from './Toggle';

/** Words of the trade that stand in what is said above, each a tap from its meaning. */
export function Terms({ of }: { of: readonly string[] }) {
  const [open, setOpen] = useState<string>();
  const terms = termsIn(glossary, of);
  if (terms.length === 0) return null;
  const shown = terms.find(({ id }) => id === open);
  return (
    <View role="group" aria-label="Words" style={{ gap: space.xs }}>
      <Row wrap>
        {terms.map(({ id, name }) => (
          <Toggle
            key={id}
            expanded={id === open}
            label={`${name}: what is it?`}
            onPress={() => setOpen(id === open ? undefined : id)}
          >
            {`${name}?`}
          </Toggle>
        ))}
      </Row>
      {shown && <Body>{shown.plain}</Body>}
    </View>
  );
}
