import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Page, Row, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Heading } from '@/ui/text';
import { Backups } from './Backups';
import { Household } from './Household';
import { Tables } from './Tables';
import { TakeAlong } from './TakeAlong';

/** How the garden's book is kept, carried elsewhere and shared in the house. */
export function KeepPage() {
  const wide = useIsWide();
  const column = { flex: wide ? 1 : undefined, gap: space.m };
  return (
    <Page wide>
      <Row wrap style={{ justifyContent: 'space-between' }}>
        <Heading rank={1}>Keep and carry</Heading>
        <LinkButton href="/garden">Back to the garden</LinkButton>
      </Row>
      <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
        <View style={column}>
          <Backups />
          <Household />
        </View>
        <View style={column}>
          <TakeAlong />
          <Tables />
        </View>
      </View>
    </Page>
  );
}
