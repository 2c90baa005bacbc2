import { actsWhen } from '@trowel/core/choose';
import { paceWords, spanOfDays } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { useKnowledge } from '@/knowledge';
import { space } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Row, Sheet } from '@/ui/layout';
import { Body, Heading } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** Everything that feeds or mends the ground, by how soon it acts: what to expect this season, and what not. */
export function ActsWhen() {
  const tables = useKnowledge();
  const [open, setOpen] = useState(false);
  return (
    <Sheet>
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          What acts when
        </Toggle>
      </Row>
      {open && (
        <View style={{ gap: space.m }}>
          {actsWhen(tables).map(({ pace, rows }) => (
            <View key={pace} style={{ gap: space.s }}>
              <Heading rank={3}>{paceWords[pace]}</Heading>
              {rows.map(({ id, name, honest, expect }) => (
                <View key={id}>
                  <Body strong>{`${name}: ${spanOfDays(expect.days)}`}</Body>
                  <Longer small>{honest}</Longer>
                </View>
              ))}
            </View>
          ))}
        </View>
      )}
    </Sheet>
  );
}
