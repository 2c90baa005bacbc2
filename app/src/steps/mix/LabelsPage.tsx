import { NotPrinted, PrintButton } from '@/ui/Printing';
import { inWords, mL } from '@trowel/core/quantities';
import { fullDate } from '@trowel/core/wording/everyday';
import { View } from 'react-native';
import { useMeasures } from '@/api/measures';
import { useBench } from '@/api/queries';
import { ink } from '@/drawing/ink';
import { Tag } from '@/drawing/Tag';
import { Page, Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** One label for every brew that stands: what, how strong, when, best before. Printed, the shell is left off. */
export function LabelsPage() {
  const query = useBench();
  const measures = useMeasures();
  return (
    <Page wide>
      <NotPrinted style={{ gap: 12 }}>
        <Heading rank={1}>Labels</Heading>
        <Row wrap>
          <PrintButton />
          <LinkButton href="/bench?part=brews">Back to the brews</LinkButton>
        </Row>
      </NotPrinted>
      <Loaded query={query}>
        {({ batches }) => {
          const standing = batches.filter(({ stage }) => stage !== 'gone');
          if (standing.length === 0)
            return (
              <Empty title="Nothing to label">
                <Body>Start a brew at the bench first.</Body>
              </Empty>
            );
          return (
            <Row wrap gap={12}>
              {standing.map((batch) => (
                <View
                  key={batch.id}
                  style={{
                    width: 330,
                    maxWidth: '100%',
                    borderWidth: 2,
                    borderColor: ink.line,
                    borderRadius: 6,
                    padding: 12,
                    gap: 4,
                    backgroundColor: ink.card,
                  }}
                >
                  <Row>
                    <Tag pattern={batch.pattern} width={52} />
                    <Heading rank={2} style={{ color: ink.line }}>
                      {batch.name}
                    </Heading>
                  </Row>
                  <Body
                    strong
                    style={{ color: ink.line }}
                  >{`Begun ${fullDate(batch.startedOn)} · ready ${fullDate(batch.readyOn)}`}</Body>
                  <Body strong style={{ color: ink.line }}>{`Best before ${fullDate(batch.bestBefore)}`}</Body>
                  <Body
                    style={{ color: ink.line }}
                  >{`1 part to ${Math.round(batch.parts)} of water · ${inWords(mL(batch.volumeMl), measures)}`}</Body>
                  <Small style={{ color: ink.line }}>
                    Not for drinking. Lid loose. Out of reach of children and pets.
                  </Small>
                </View>
              ))}
            </Row>
          );
        }}
      </Loaded>
    </Page>
  );
}
