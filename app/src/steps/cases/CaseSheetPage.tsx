import type { CaseView } from '@trowel/core/contract';
import { NotPrinted, PrintButton } from '@/ui/Printing';
import { rowById } from '@trowel/core/tables';
import { weigh, worthShowing } from '@trowel/core/weigh';
import { chanceLine, contributionWords, fullDate, lowerFirst } from '@trowel/core/wording';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { useCase } from '@/api/queries';
import { Plate } from '@/drawing/Plate';
import { useKnowledge } from '@/knowledge';
import { CountsChart } from '@/steps/follow/CountsChart';
import { Shown } from '@/steps/follow/Photos';
import { space } from '@/theme/theme';
import { Page, Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** A case on paper, for somebody who knows more: what was seen, what it may be, what was done, what to send along. */
export function CaseSheetPage() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  if (id === undefined)
    return (
      <Page>
        <Empty title="Which case?">
          <Body>Open the sheet from the Look part of a case.</Body>
        </Empty>
      </Page>
    );
  return <Sheet id={id} />;
}

function Sheet({ id }: { id: string }) {
  const query = useCase(id);
  return (
    <Page>
      <NotPrinted>
        <Row wrap>
          <PrintButton />
          <LinkButton href={`/cases/${id}?part=look`}>Back to the case</LinkButton>
        </Row>
      </NotPrinted>
      <Loaded query={query}>{(view) => <Printed view={view} />}</Loaded>
    </Page>
  );
}

function Printed({ view }: { view: CaseView }) {
  const knowledge = useKnowledge();
  const weighing = useMemo(() => weigh(knowledge, view.situation), [knowledge, view.situation]);
  const { summary, situation } = view;
  const signOf = (sign: string) => rowById(knowledge.signs, sign, 'signs');
  const seen = situation.evidence.filter(({ state }) => state === 'seen').map((item) => signOf(item.sign));
  // What a soil test of the bed found not to be so says nothing of this plant.
  const absent = situation.evidence
    .filter(({ sign, state }) => state === 'absent' && !situation.measured.includes(sign))
    .map((item) => signOf(item.sign));
  const { shown, hasUnknown } = worthShowing(weighing);
  const kinds = new Set(shown.map(({ row }) => row.kind));
  const specimens = knowledge.specimens.filter((row) => row.kinds.some((kind) => kinds.has(kind)));
  return (
    <>
      <Heading rank={1}>{summary.name}</Heading>
      <Body>
        {[
          summary.plantLabel,
          summary.bedName,
          `first seen ${fullDate(summary.openedOn)}`,
          ...(summary.closedOn === null ? [] : [`closed ${fullDate(summary.closedOn)}`]),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Body>
      <Part title="What was seen">
        {seen.length === 0 && <Body soft>Nothing is noted yet.</Body>}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.s }}>
          {seen.map((sign) => (
            <View key={sign.id} style={{ width: 104, gap: 2 }}>
              <Plate spec={sign.plate} size={80} />
              <Small>{sign.name}</Small>
            </View>
          ))}
        </View>
        {absent.length > 0 && (
          <Body>{`Looked for and not there: ${absent.map(({ name }) => lowerFirst(name)).join(', ')}.`}</Body>
        )}
      </Part>
      <Part title="What it may be">
        {shown.map((cause) => (
          <View key={cause.id}>
            <Body strong>{`${cause.row.name} · ${chanceLine(cause.probability)}`}</Body>
            {cause.because.slice(0, 3).map((item) => (
              <Small key={item.sign}>{`for it: ${contributionWords(item, signOf(item.sign))}`}</Small>
            ))}
            {cause.against.slice(0, 2).map((item) => (
              <Small key={item.sign}>{`against it: ${contributionWords(item, signOf(item.sign))}`}</Small>
            ))}
          </View>
        ))}
        {(hasUnknown || shown.length === 0) && (
          <Body>{`Something not known here · ${chanceLine(weighing.noneOfThese)}`}</Body>
        )}
      </Part>
      <Part title="What was done, and what came of it">
        {view.jobs.length === 0 && <Body soft>Nothing was put on.</Body>}
        {view.jobs.map((job) => (
          <View key={job.id} style={{ gap: 4 }}>
            <Body strong>{job.remedyName}</Body>
            {job.applied.map(({ on, says }, at) => (
              <Small key={`${on}-${at}`}>{`${fullDate(on)}: ${says}`}</Small>
            ))}
            {job.follow && <Body>{`${job.follow.title}. ${job.follow.says}`}</Body>}
            {/* Small enough for what follows to stay on the same sheet of paper. */}
            <View style={{ maxWidth: 360 }}>
              <CountsChart
                counts={job.counts}
                applied={job.applied}
                clearBelow={job.measuredBy.clearBelow}
                unit={job.measuredBy.unit}
              />
            </View>
          </View>
        ))}
      </Part>
      {view.photos.length > 0 && (
        <Part title="Photographs">
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
            {view.photos.map((photo) => (
              <View key={photo.id} style={{ width: 230 }}>
                <Shown photo={photo} />
              </View>
            ))}
          </View>
        </Part>
      )}
      {specimens.length > 0 && (
        <Part title="What to send or take along">
          {specimens.map(({ id, says }) => (
            <Body key={id}>{says}</Body>
          ))}
          <Body>Two photographs beside this: the whole plant where it stands, and the damage from a hand away.</Body>
        </Part>
      )}
    </>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View style={{ gap: space.s }}>
      <Heading>{title}</Heading>
      {children}
    </View>
  );
}
