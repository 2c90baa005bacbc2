import type { BenchView } from '@trowel/core/contract';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Sheet, useIsWide } from '@/ui/layout';
import { Body, Heading } from '@/ui/text';
import { HouseRules } from './HouseRules';
import { Shelf } from './Shelf';
import { Vessels } from './Vessels';

/** What is in the house, what is to be bought, what sprayers held, and the gardener's own rules. */
export function CupboardPart({ bench }: { bench: BenchView }) {
  const wide = useIsWide();
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        <Shelf bench={bench} />
        <Shopping bench={bench} />
      </View>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        <Vessels bench={bench} />
        <HouseRules bench={bench} />
      </View>
    </View>
  );
}

function Shopping({ bench }: { bench: BenchView }) {
  return (
    <Sheet tone={bench.shopping.length > 0 ? 'cool' : 'deep'}>
      <Heading>To buy</Heading>
      {bench.shopping.length === 0 && <Body>Nothing.</Body>}
      {bench.shopping.map(({ ingredient, name, why }) => (
        <Body key={ingredient}>{`${name}: ${why}.`}</Body>
      ))}
    </Sheet>
  );
}
