import type { CaseSummary } from '@trowel/core/contract';
import { View } from 'react-native';
import { useCases } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading } from '@/ui/text';
import { CaseCard } from './CaseCard';

/** All cases: the open ones first, then what has been. */
export function CasesPage() {
  const query = useCases();
  return (
    <Page wide>
      <Row style={{ justifyContent: 'space-between' }}>
        <Heading rank={1}>Cases</Heading>
        <LinkButton href="/cases/new" icon="plus" kind="main">
          New case
        </LinkButton>
      </Row>
      <Loaded query={query}>
        {(rows) => {
          const open = rows.filter(({ status }) => status === 'open');
          const closed = rows.filter(({ status }) => status === 'closed');
          return (
            <>
              {open.length === 0 ? (
                <Empty title="No open case">
                  <Body>A case is one problem in one place, from the first sign to the verdict.</Body>
                </Empty>
              ) : (
                <Cards rows={open} />
              )}
              {closed.length > 0 && <Heading>Closed</Heading>}
              <Cards rows={closed} />
            </>
          );
        }}
      </Loaded>
    </Page>
  );
}

function Cards({ rows }: { rows: readonly CaseSummary[] }) {
  const wide = useIsWide();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
      {rows.map((row) => (
        <View key={row.id} style={{ width: wide ? '48.5%' : '100%' }}>
          <CaseCard row={row} />
        </View>
      ))}
    </View>
  );
}
