import { fullDate, lowerFirst, monthAndYear, shortDay } from '@trowel/core/wording/everyday';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { useNotebook } from '@/api/queries';
import { outcomeWords } from '@/wording/cases';
import { space, useRoles } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** What worked here, which place had what, and everything that was done. */
export function NotebookPage() {
  const query = useNotebook();
  const wide = useIsWide();
  return (
    <Page wide>
      <Heading rank={1}>Notebook</Heading>
      <Row wrap>
        <LinkButton href="/practice" kind="other">
          Practise reading
        </LinkButton>
        <LinkButton href="/plates" kind="other">
          All plates
        </LinkButton>
      </Row>
      <Loaded query={query}>
        {({ worked, places, log }) => (
          <>
            <Heading>What worked here</Heading>
            {worked.length === 0 && (
              <Empty title="Nothing closed yet">
                <Body>When a case is closed, its remedies are remembered here with how often they helped.</Body>
              </Empty>
            )}
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
              {worked.map((row) => (
                <View key={row.remedy} style={{ width: wide ? '48.5%' : '100%' }}>
                  <Sheet>
                    <Heading rank={3}>{row.remedyName}</Heading>
                    <Trials tried={row.tried} solved={row.solved} rate={row.cautiousRate} />
                    {row.cases.map((past) => (
                      <Link key={past.id} href={`/cases/${past.id}?part=look`}>
                        <Small
                          style={{ textDecorationLine: 'underline' }}
                        >{`${past.name}: ${lowerFirst(outcomeWords[past.outcome] ?? past.outcome)}, ${fullDate(past.on)}`}</Small>
                      </Link>
                    ))}
                  </Sheet>
                </View>
              ))}
            </View>
            {places.length > 0 && <Heading>Which place had what</Heading>}
            {places.map(({ bedName, cause, causeName, times, lastOn }) => (
              <Body
                key={`${bedName}${cause}`}
              >{`${bedName}: ${lowerFirst(causeName)}, ${times === 1 ? 'once' : `${times} times`}, last in ${monthAndYear(lastOn)}`}</Body>
            ))}
            <Heading>Everything that was done</Heading>
            <View style={{ gap: 4 }}>
              {log.map(({ id, on, says }) => (
                <Small key={id}>{`${shortDay(on)} · ${says}`}</Small>
              ))}
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** One mark for each time it was tried: filled where it helped. */
function Trials({ tried, solved, rate }: { tried: number; solved: number; rate: number }) {
  const roles = useRoles();
  return (
    <View style={{ gap: 4 }}>
      <Row gap={4} wrap>
        {Array.from({ length: tried }, (_, index) => (
          <View
            key={index}
            style={{
              width: 18,
              height: 18,
              borderRadius: 9,
              borderWidth: 2,
              borderColor: roles.text,
              backgroundColor: index < solved ? roles.act : 'transparent',
            }}
          />
        ))}
      </Row>
      <Small>{`Helped ${solved} of ${tried} ${tried === 1 ? 'time' : 'times'}. With so few, count on about ${Math.round(rate * 10)} in 10.`}</Small>
    </View>
  );
}
