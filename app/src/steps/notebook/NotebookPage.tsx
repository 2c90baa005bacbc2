import type { NotebookView } from '@trowel/core/contract';
import { lowerFirst, monthAndYear } from '@trowel/core/wording/everyday';
import { View } from 'react-native';
import { useNotebook } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { TextLink } from '@/ui/TextLink';
import { LogPart } from './LogPart';
import { Trials } from './Trials';

/** What worked here, which place had what, and everything that was done. */
export function NotebookPage() {
  const query = useNotebook();
  return (
    <Page wide>
      <Heading rank={1}>Notebook</Heading>
      <Loaded query={query}>
        {({ worked, places, years, facets }) => (
          <>
            <Row wrap>
              {years[0] !== undefined && (
                <LinkButton href={`/notebook/review?year=${years[0]}`} kind="main">
                  {`Look back on ${years[0]}`}
                </LinkButton>
              )}
              <LinkButton href="/practice" kind="other">
                Practise reading
              </LinkButton>
              <LinkButton href="/plates" kind="other">
                All plates
              </LinkButton>
            </Row>
            <Worked worked={worked} />
            {places.length > 0 && <Heading>Which place had what</Heading>}
            {places.map(({ bedName, cause, causeName, times, lastOn }) => (
              <Body
                key={`${bedName}${cause}`}
              >{`${bedName}: ${lowerFirst(causeName)}, ${times === 1 ? 'once' : `${times} times`}, last in ${monthAndYear(lastOn)}`}</Body>
            ))}
            <LogPart facets={facets} />
          </>
        )}
      </Loaded>
    </Page>
  );
}

function Worked({ worked }: Pick<NotebookView, 'worked'>) {
  const wide = useIsWide();
  return (
    <>
      <Heading>What worked here</Heading>
      {worked.length === 0 && (
        <Empty title="Nothing judged yet">
          <Body>When something was put on and counted again, or its case is closed, it is remembered here.</Body>
        </Empty>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
        {worked.map((row) => (
          <View key={`${row.remedy}${row.cause}`} style={{ width: wide ? '48.5%' : '100%' }}>
            <Sheet>
              <Heading rank={3}>
                {row.causeName === null ? row.remedyName : `${row.remedyName}, against ${lowerFirst(row.causeName)}`}
              </Heading>
              <Trials cases={row.cases} share={row.share} />
              <Body>{row.says}</Body>
              {row.strengths !== null && <Small>{row.strengths}</Small>}
              {row.earlier > 0 && <Small>{`The last ${row.cases.length}; ${row.earlier} before those.`}</Small>}
              {row.cases.map((past) => (
                <TextLink key={past.id} href={`/cases/${past.id}?part=look`}>
                  {past.says}
                </TextLink>
              ))}
            </Sheet>
          </View>
        ))}
      </View>
    </>
  );
}
