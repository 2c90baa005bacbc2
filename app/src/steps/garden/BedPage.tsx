import type { BedView } from '@trowel/core/contract';
import { rowById, type Setting } from '@trowel/core/tables';
import { groundReading, weigh } from '@trowel/core/weigh';
import { capital, chanceLine, counted, lowerFirst, opposedWords } from '@trowel/core/wording';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useAct, useBed } from '@/api/queries';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { TextLink } from '@/ui/TextLink';
import { Toggle } from '@/ui/Toggle';
import { rootWords, settingWords } from '@/wording/places';
import { ActsWhen } from './ActsWhen';
import { BedSizeForm } from './BedSizeForm';
import { Harvests, InFlower, Sprouted } from './Harvests';
import { Growing } from './Growing';
import { NearPlace, PlaceForm } from './PlaceForm';
import { StillToSow } from './StillToSow';
import { JarTest, LabTest, TestsDone } from './SoilTests';

/** One bed: what its weeds and soil say, how sure that is, what would settle it, and what was measured. */
export function BedPage() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const query = useBed(id);
  const wide = useIsWide();
  return (
    <Page wide>
      <Loaded query={query}>
        {(bed) => (
          <>
            <Heading rank={1}>{bed.name}</Heading>
            <Small>
              {[settingWords[bed.setting as Setting], bed.note, bed.plantings.map(({ label }) => label).join(', ')]
                .filter(Boolean)
                .join(' · ')}
            </Small>
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <Ground bed={bed} />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                {bed.sensor !== null && (
                  <Sheet tone="cool">
                    <Body strong>{bed.sensor}</Body>
                    <TextLink href="/garden/weather">To the sensor</TextLink>
                  </Sheet>
                )}
                <JobsHere bed={bed} />
                <Growing bed={bed} />
                <SowHere bed={bed} />
                <BedSizeForm bed={bed} />
                <NearPlace bed={bed} />
                <JarTest bed={bed} />
                <LabTest bed={bed} />
                <TestsDone bed={bed} />
                <Harvests bed={bed} />
                <InFlower bed={bed} />
                <Sprouted bed={bed} />
                <ActsWhen />
                <PlaceForm key={bed.name} bed={bed} />
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** What there is still time for; asked for by a tap, as it takes a year's weather to say. */
function SowHere({ bed }: { bed: BedView }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet>
      <Row>
        <Toggle expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          What can still be sown here
        </Toggle>
      </Row>
      {isOpen && <StillToSow bedId={bed.id} />}
    </Sheet>
  );
}

/** What is under way here that is no case, and a way to plan more. */
function JobsHere({ bed }: { bed: BedView }) {
  return (
    <Sheet>
      <Heading rank={3}>On the plan here</Heading>
      {bed.jobs.length === 0 && <Small>Nothing but its cases.</Small>}
      {bed.jobs.map(({ id, name, says }) => (
        <Row key={id} wrap>
          <LinkButton href={`/jobs/${id}`}>{name}</LinkButton>
          <Small>{says}</Small>
        </Row>
      ))}
      <Row>
        <LinkButton href={`/jobs/new?bed=${bed.id}`} icon="plus" kind="other">
          Plan something here
        </LinkButton>
      </Row>
    </Sheet>
  );
}

function Ground({ bed }: { bed: BedView }) {
  const router = useRouter();
  const openCase = useAct('openCase');
  const knowledge = useKnowledge();
  const reading = useMemo(() => {
    const situation = { ...bed.situation, setting: bed.situation.setting as Setting };
    return groundReading(knowledge, weigh(knowledge, situation), situation);
  }, [knowledge, bed.situation]);
  const weeds = bed.situation.evidence.flatMap(({ sign, state }) =>
    state === 'seen' && knowledge.weeds.some(({ id }) => id === sign) ? [rowById(knowledge.signs, sign, 'signs')] : [],
  );
  const walk = () =>
    bed.groundCaseId === null
      ? openCase.mutate({ body: { bedId: bed.id } }, { onSuccess: ({ id }) => router.push(`/cases/${id}?part=read`) })
      : router.push(`/cases/${bed.groundCaseId}?part=read`);
  return (
    <>
      <Sheet>
        <Heading>What the ground says</Heading>
        {bed.situation.evidence.length === 0 ? (
          <Empty title="Nothing read yet">
            <Body>Walk the bed and note what grows there by itself. Weeds are hints, never proof.</Body>
          </Empty>
        ) : (
          reading.conditions.map(({ id, row, probability, because }) => (
            <View key={id} style={{ gap: 2 }}>
              <Body strong>{`${row.name}: ${chanceLine(probability)}`}</Body>
              <Small>{row.plain}</Small>
              {because.length > 0 && (
                <Small>{`From: ${because
                  .filter(({ state }) => state === 'seen')
                  .map(({ sign }) => lowerFirst(rowById(knowledge.signs, sign, 'signs').name))
                  .join(', ')}.`}</Small>
              )}
            </View>
          ))
        )}
        {reading.conditions.length > 0 && <Small>These chances go on to every plant that grows here.</Small>}
        {reading.opposed.map((pair) => (
          <Sheet key={pair.a.id} tone="warn">
            <Body>{opposedWords(knowledge, pair)}</Body>
          </Sheet>
        ))}
        <Row wrap>
          <Button kind="main" disabled={openCase.isPending} onPress={walk}>
            {bed.groundCaseId === null ? 'Walk this bed: what grows by itself?' : 'Go on with the walk'}
          </Button>
        </Row>
        {openCase.error && <Trouble error={openCase.error} />}
      </Sheet>
      {reading.checks.length > 0 && (
        <Sheet tone="cool">
          <Heading rank={3}>The cheapest that would settle it</Heading>
          {reading.checks.map(({ id }) => {
            const check = rowById(knowledge.checks, id, 'checks');
            return (
              <View key={id} style={{ gap: 2 }}>
                <Body
                  strong
                >{`${check.name} · ${check.minutes} min${check.waitDays > 0 ? `, ${counted(check.waitDays, 'day', 'days')} to wait` : ''}`}</Body>
                {check.steps.map((line, index) => (
                  <Small key={line}>{`${index + 1}. ${line}`}</Small>
                ))}
              </View>
            );
          })}
        </Sheet>
      )}
      {weeds.length > 0 && (
        <Sheet>
          <Heading rank={3}>What grows here by itself</Heading>
          {weeds.map((sign) => {
            const weed = knowledge.weeds.find(({ id }) => id === sign.id);
            return (
              <Row key={sign.id} gap={space.m} style={{ alignItems: 'flex-start' }}>
                <Plate spec={sign.plate} size={72} />
                <View style={{ flex: 1, gap: 2 }}>
                  <Body strong>{sign.name}</Body>
                  {weed && (
                    <Small>{`${capital(weed.life)}, ${rootWords[weed.root]}; spreads by ${weed.spreads}. ${weed.removal}`}</Small>
                  )}
                  {weed?.hints.map(({ of, why, grade }) => (
                    <Small
                      key={of}
                    >{`Hints at ${lowerFirst(rowById(knowledge.conditions, of, 'conditions').name)}: ${why} (${grade}).`}</Small>
                  ))}
                  {weed?.caution && <Small strong>{weed.caution}</Small>}
                </View>
              </Row>
            );
          })}
        </Sheet>
      )}
      {bed.cases.length > 0 && (
        <Row wrap>
          {bed.cases.map(({ id, name }) => (
            <LinkButton key={id} href={`/cases/${id}`}>
              {name}
            </LinkButton>
          ))}
        </Row>
      )}
    </>
  );
}
