import { glossary } from '@trowel/knowledge';
import { View } from 'react-native';
import { Longer } from '@/ui/Longer';
import { Page, Sheet, useIsWide } from '@/ui/layout';
import { space } from '@/theme/theme';
import { Body, Heading } from '@/ui/text';

/** Every word of the trade that is used here, with its meaning. */
export function WordsPage() {
  const wide = useIsWide();
  return (
    <Page wide>
      <Heading rank={1}>Words</Heading>
      <Body soft>The few words of the trade that are used here.</Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
        {[...glossary]
          .sort((a, b) => a.name.localeCompare(b.name))
          .map(({ id, name, plain }) => (
            <Sheet key={id} style={{ width: wide ? '31.8%' : '100%' }}>
              <Heading rank={3}>{name}</Heading>
              <Longer>{plain}</Longer>
            </Sheet>
          ))}
      </View>
    </Page>
  );
}
