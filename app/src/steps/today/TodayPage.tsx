import type { StepView, TodayView } from '@trowel/core/contract';
import { capital, counted, dayAndMonth, dayWords, listWords, sentence, weekdayOf } from '@trowel/core/wording/everyday';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct, useGarden, useToday } from '@/api/queries';
import { GardenPicture } from '@/drawing/garden/GardenPicture';
import { bandHeight } from '@/drawing/band-height';
import { Tag } from '@/drawing/Tag';
import { pictured } from '@/steps/garden/pictured';
import { StepCard } from '@/steps/plan/StepCard';
import { FileNews } from './FileNews';
import { Welcome } from './Welcome';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { useFetchedWorkshop, useWorkshop } from '@/ui/FromWorkshop';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { useOnTop } from '@/ui/OnTop';
import { Empty, Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { TextLink } from '@/ui/TextLink';
import { Toggle } from '@/ui/Toggle';

/** What to do at the next visit, in walking order, and what is due to be looked at. */
export function TodayPage() {
  const query = useToday();
  const wide = useIsWide();
  const onTop = useOnTop();
  return (
    <Page wide>
      <Loaded query={query}>
        {(view) => (
          <>
            <Row wrap style={{ justifyContent: 'space-between', alignItems: 'flex-start' }}>
              <View style={{ flexShrink: 1 }}>
                <Heading rank={1}>{`${weekdayOf(view.today)} ${dayAndMonth(view.today)}`}</Heading>
                <Small>{view.gardenName}</Small>
              </View>
              {!wide && (
                <Button icon="find" onPress={() => onTop('find')}>
                  Find
                </Button>
              )}
            </Row>
            <FileNews />
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
                <Due view={view} />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
                <Round view={view} />
                <Hours view={view} />
                <Moved view={view} />
                <Coming view={view} />
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** Charts come with the workshop; until it is there their place is kept. */
function Hours({ view }: { view: TodayView }) {
  const HoursBand = useWorkshop()?.HoursBand;
  if (!HoursBand) return <View style={{ height: bandHeight }} />;
  return <HoursBand sky={view.sky} steps={[...view.due, ...view.coming]} hourNow={view.hourNow} today={view.today} />;
}

/** Where the next round leads, over the picture of the garden; a place tapped opens. */
function Round({ view }: { view: TodayView }) {
  const garden = useGarden();
  const router = useRouter();
  const inBed = (id: string) => view.due.filter(({ bedIds }) => bedIds.includes(id)).length;
  const beds = garden.data?.beds ?? [];
  if (beds.length < 2 || view.due.length === 0) return null;
  return (
    <>
      <Heading rank={3}>The round</Heading>
      <GardenPicture
        places={pictured({ beds }).map((place) => ({ ...place, open: 0, due: inBed(place.id) }))}
        onTap={(id) => router.push(`/garden/${id}`)}
        highest={300}
        withRoute
        says="The round goes from place to place. Tap one to open it."
      />
    </>
  );
}

function Due({ view }: { view: TodayView }) {
  const nothing = view.due.length === 0 && view.overdue.length === 0 && view.doneToday.length === 0;
  const garden = useGarden();
  // What is seldom there comes with the workshop.
  const rare = useFetchedWorkshop(view.away !== null || view.marked.length > 0);
  const isNew = nothing && view.openCases === 0 && garden.data?.beds.length === 0;
  return (
    <>
      {isNew ? (
        <Welcome />
      ) : (
        <Row style={{ justifyContent: 'space-between' }} wrap>
          <Heading>{view.due.length === 0 ? 'Nothing more today' : `On the next round: ${view.due.length}`}</Heading>
          <Row wrap>
            <LinkButton href="/jobs/new" icon="plus" kind="other">
              Plan something
            </LinkButton>
            <LinkButton href="/cases/new" icon="plus" kind="main">
              New case
            </LinkButton>
          </Row>
        </Row>
      )}
      {nothing && !isNew && view.openCases === 0 && (
        <Empty title="All quiet">
          <Body>Walk round. When something looks odd, open a case: tap what you see, and the rest follows.</Body>
        </Empty>
      )}
      {nothing && view.openCases > 0 && (
        <Body
          soft
        >{`${counted(view.openCases, 'case is', 'cases are')} open; the next steps stand under Coming.`}</Body>
      )}
      {view.away && rare && <rare.Away away={view.away} />}
      {view.bring && <Bring bring={view.bring} />}
      {view.due.map((step) => (
        <StepCard key={key(step)} step={step} today={view.today} withCase />
      ))}
      {view.overdue.map((job) => (
        <Overdue key={job.jobId} job={job} today={view.today} />
      ))}
      {view.brews.map(({ id, name, pattern, says, chores }) => (
        <Sheet key={id} tone="cool">
          <Row>
            <Tag pattern={pattern} width={40} />
            <Body strong>{name}</Body>
          </Row>
          {chores.map(({ kind, does }) => (
            <Body key={kind}>{sentence(does)}</Body>
          ))}
          <Small>{sentence(capital(says))}</Small>
          <TextLink href="/bench?part=brews">To the brews</TextLink>
        </Sheet>
      ))}
      {view.lateLooks.map(({ caseId, caseName, pattern, on }) => (
        <Sheet key={caseId} tone="cool">
          <Row>
            <Tag pattern={pattern} width={40} />
            <Body strong>{`One late look: ${caseName}`}</Body>
          </Row>
          <Small>{`Set for ${dayWords(on, view.today)}, to see whether it has come back.`}</Small>
          <TextLink href={`/cases/${caseId}`}>Open the case</TextLink>
        </Sheet>
      ))}
      {rare && view.marked.map((marked) => <rare.Marked key={marked.jobId} marked={marked} today={view.today} />)}
      {view.likely.map(({ bedId, says }) => (
        <Sheet key={`${bedId}${says}`} tone="deep">
          <Heading rank={3}>Look out for</Heading>
          <Body>{says}</Body>
          <Row>
            <LinkButton href={`/cases/new?bed=${bedId}`}>I see it there</LinkButton>
          </Row>
        </Sheet>
      ))}
      {view.stuck.length > 0 && <Heading rank={3}>No day fits yet</Heading>}
      {view.stuck.map((step) => (
        <StepCard key={key(step)} step={step} today={view.today} withCase />
      ))}
      {view.doneToday.length > 0 && <Heading rank={3}>Done today</Heading>}
      {view.doneToday.map((step) => (
        <StepCard key={key(step)} step={step} today={view.today} withCase />
      ))}
    </>
  );
}

/** What to take along, in all; place by place when tapped. */
function Bring({ bring: { inAll, places, wear } }: { bring: NonNullable<TodayView['bring']> }) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet tone="deep">
      <Body strong>{`Take along: ${listWords(inAll)}.`}</Body>
      {wear.length > 0 && <Small>{`To wear: ${listWords(wear)}.`}</Small>}
      {places.length > 1 && (
        <Row>
          <Toggle expanded={open} onPress={() => setOpen(!open)}>
            Place by place
          </Toggle>
        </Row>
      )}
      {open && places.map(({ place, says }) => <Small key={place + says}>{`${place}: ${says}`}</Small>)}
    </Sheet>
  );
}

/** What should have been done by now, one line a job, with one way forward: do it now, move on, or drop it. */
function Overdue({ job, today }: { job: TodayView['overdue'][number]; today: string }) {
  const moveOn = useAct('moveOn');
  const endJob = useAct('endJob');
  const resumeJob = useAct('resumeJob');
  const tell = useNotice();
  const [open, setOpen] = useState(false);
  const onError = (error: Error) => tell({ says: error.message });
  const { jobId, name, remedyName, bedName, pattern, since, steps } = job;
  const title = name === remedyName ? remedyName : `${remedyName}: ${name}`;
  return (
    <Sheet tone="warn">
      <Row>
        <Tag pattern={pattern} width={40} />
        <Body strong>{title}</Body>
      </Row>
      <Small>{`${counted(steps.length, 'step stands', 'steps stand')} since ${dayWords(since, today)}${bedName === '' ? '' : `, ${bedName}`}.`}</Small>
      <Row wrap>
        <Button kind="main" accessibilityLabel={`Do it now: ${title}`} onPress={() => setOpen(!open)}>
          Do it now
        </Button>
        <Button
          kind="other"
          accessibilityLabel={`Move on: ${title}`}
          disabled={moveOn.isPending}
          onPress={() =>
            moveOn.mutate(
              { id: jobId },
              {
                onSuccess: ({ skipped }) =>
                  tell({
                    says: `${remedyName}: ${counted(skipped.length, 'step', 'steps')} left out; it goes on with the next.`,
                  }),
                onError,
              },
            )
          }
        >
          Move on
        </Button>
        <Button
          accessibilityLabel={`Drop it: ${title}`}
          disabled={endJob.isPending}
          onPress={() =>
            endJob.mutate(
              { id: jobId },
              {
                onSuccess: () =>
                  tell({ says: `${remedyName} is dropped.`, undo: () => resumeJob.mutate({ id: jobId }) }),
                onError,
              },
            )
          }
        >
          Drop it
        </Button>
      </Row>
      {open && steps.map((step) => <StepCard key={key(step)} step={step} today={today} />)}
    </Sheet>
  );
}

function Moved({ view }: { view: TodayView }) {
  if (view.moved.length === 0) return null;
  return (
    <Sheet tone="cool">
      <Heading rank={3}>What moved</Heading>
      {view.moved.map(({ does, caseName, from, to, why }) => (
        <Body
          key={`${caseName}${does}`}
        >{`“${does}” (${caseName}) moved from ${dayWords(from, view.today)} to ${dayWords(to, view.today)}: ${why}.`}</Body>
      ))}
    </Sheet>
  );
}

const shownAtFirst = 4;

function Coming({ view }: { view: TodayView }) {
  const [all, setAll] = useState(false);
  const toCalendar = <LinkButton href="/calendar">The weeks to come</LinkButton>;
  if (view.coming.length === 0) return <Row>{toCalendar}</Row>;
  const shown = all ? view.coming : view.coming.slice(0, shownAtFirst);
  return (
    <>
      <Row wrap style={{ justifyContent: 'space-between' }}>
        <Heading>Coming</Heading>
        {toCalendar}
      </Row>
      {shown.map((step) => (
        <StepCard key={key(step)} step={step} today={view.today} withCase />
      ))}
      {view.coming.length > shown.length && (
        <Button onPress={() => setAll(true)}>{`Show ${view.coming.length - shown.length} more`}</Button>
      )}
    </>
  );
}

const key = ({ jobId, round, step }: StepView) => `${jobId}-${round}-${step}`;
