import type { CaseSummary } from '@trowel/core/contract';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useCases, usePastCases } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded, LoadedPages } from '@/ui/states';
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
        {({ open, closed }) => (
          <>
            {open.length === 0 ? (
              <Empty title="No open case">
                <Body>A case is one problem in one place, from the first sign to the verdict.</Body>
              </Empty>
            ) : (
              <Cards rows={open} />
            )}
            {closed > 0 && <Closed many={closed} />}
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** Fewer are seen at a glance. */
const soughtFrom = 13;

/** What has been, the last closed first; sought by name, place, plant or cause once there are many. */
function Closed({ many }: { many: number }) {
  const [words, setWords] = useDraft('search:cases');
  const query = usePastCases(words.trim());
  return (
    <>
      <Heading>Closed</Heading>
      {many >= soughtFrom && (
        <TextInput
          mode="outlined"
          label={`Search ${many} closed cases`}
          aria-label={`Search ${many} closed cases`}
          value={words}
          onChangeText={setWords}
          maxLength={80}
          style={{ maxWidth: 560 }}
        />
      )}
      <LoadedPages query={query}>
        {(pages) => {
          const rows = pages.flatMap(({ cases }) => cases);
          return rows.length === 0 ? (
            <Body soft>{`No closed case has “${words.trim()}” in it.`}</Body>
          ) : (
            <Cards rows={rows} />
          );
        }}
      </LoadedPages>
    </>
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
