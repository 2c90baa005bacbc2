import type { GardenView, RoutineView } from '@trowel/core/contract';
import { capital, dayWords, endedWords } from '@trowel/core/wording';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { useAct, useGarden, useRoutine } from '@/api/queries';
import { StepCard } from '@/steps/plan/StepCard';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Longer } from '@/ui/Longer';
import { useNotice } from '@/ui/notice';
import { Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { gradeWords } from '@/wording/remedies';
import { partStateWords } from '@/wording/routines';

/** A routine: its parts on their days, what comes next of each, what has to be made ahead; it rests, goes on, ends. */
export function RoutinePage() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const query = useRoutine(id);
  const garden = useGarden();
  return (
    <Page wide>
      <Loaded query={query}>
        {(routine) => <Loaded query={garden}>{(place) => <Whole routine={routine} garden={place} />}</Loaded>}
      </Loaded>
    </Page>
  );
}

function Whole({ routine, garden }: { routine: RoutineView; garden: GardenView }) {
  const wide = useIsWide();
  const { today } = garden;
  const { beginsOn, endsOn, pausedOn } = routine;
  const ends = endsOn === null ? '' : `, until ${dayWords(endsOn, today)}`;
  const coming = routine.parts.flatMap(({ next }) =>
    next?.state === 'planned' && next.date !== null ? [{ ...next, date: next.date }] : [],
  );
  const soonest = coming.map(({ date }) => date).sort()[0];
  const column = { flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 } as const;
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={column}>
        <Heading rank={1}>{routine.name}</Heading>
        <Small>{`${capital(dayWords(beginsOn, today))}${ends}${routine.way === null ? '' : ` · ${routine.way}`}`}</Small>
        {routine.grade !== null && <Small>{capital(gradeWords[routine.grade])}</Small>}
        {routine.honest !== '' && <Longer>{routine.honest}</Longer>}
        <Row wrap>
          {routine.places.map(({ bedId, bedName }) => (
            <LinkButton key={bedId} href={`/garden/${bedId}`}>
              {bedName}
            </LinkButton>
          ))}
        </Row>
        {pausedOn !== null && (
          <Sheet tone="cool">
            <Body>{`It rests since ${dayWords(pausedOn, today)}. Nothing of it stands on the plan.`}</Body>
          </Sheet>
        )}
        {routine.stock !== null && (
          <Sheet>
            <Heading rank={3}>Made ahead</Heading>
            <Body>{`${routine.stock}.`}</Body>
            <Row>
              <LinkButton href="/bench?part=brews">To the brews</LinkButton>
            </Row>
          </Sheet>
        )}
        {pausedOn === null && soonest !== undefined && (
          <View style={{ gap: space.s }}>
            <Heading>Next</Heading>
            {coming
              .filter(({ date }) => date === soonest)
              .map((step) => (
                <StepCard key={`${step.jobId}-${step.round}-${step.step}`} step={step} today={today} />
              ))}
          </View>
        )}
        <Rests routine={routine} />
      </View>
      <View style={column}>
        <Heading>Its parts</Heading>
        {routine.parts.map((part) => (
          <Part key={`${part.jobId ?? ''}-${part.name}`} part={part} today={today} />
        ))}
      </View>
    </View>
  );
}

function Part({ part, today }: { part: RoutineView['parts'][number]; today: string }) {
  const { next } = part;
  const soon =
    next === null ? '' : next.date === null ? next.whyThen : `Next ${dayWords(next.date, today)}: ${next.does}.`;
  return (
    <Sheet tone={part.state === 'under-way' ? 'plain' : 'deep'}>
      <Row style={{ justifyContent: 'space-between' }}>
        <Heading rank={3}>{part.name}</Heading>
        <Small strong>{partStateWords[part.state]}</Small>
      </Row>
      <Small>{`${part.says}${part.done > 0 ? ` · ${part.done} done` : ''}`}</Small>
      {part.carry !== null && <Body>{`${part.carry}.`}</Body>}
      {soon !== '' && <Small>{soon}</Small>}
      {part.jobId !== null && (
        <Row>
          <LinkButton href={`/jobs/${part.jobId}`} label={`Its steps: ${part.name}`}>
            Its steps
          </LinkButton>
        </Row>
      )}
    </Sheet>
  );
}

/** Resting, going on, ending: what is under way is always one tap from being stopped, and back. */
function Rests({ routine }: { routine: RoutineView }) {
  const pause = useAct('pauseRoutine');
  const resume = useAct('resumeRoutine');
  const end = useAct('endRoutine');
  const tell = useNotice();
  const { id, name, pausedOn } = routine;
  const busy = pause.isPending || resume.isPending || end.isPending;
  const goOn = () => resume.mutate({ id });
  const error = pause.error ?? resume.error ?? end.error;
  const wasStopped = routine.parts.some(({ state }) => state === 'stopped');
  return (
    <>
      {error && <Trouble error={error} />}
      <Row wrap>
        {pausedOn === null && !routine.isOver && (
          <Button
            kind="other"
            disabled={busy}
            onPress={() => pause.mutate({ id }, { onSuccess: () => tell({ says: `${name} rests.`, undo: goOn }) })}
          >
            Let it rest
          </Button>
        )}
        {(pausedOn !== null || (routine.isOver && wasStopped)) && (
          <Button
            kind="main"
            disabled={busy}
            onPress={() => resume.mutate({ id }, { onSuccess: () => tell({ says: `${name} goes on.` }) })}
          >
            Go on with it
          </Button>
        )}
        {!routine.isOver && (
          <Button
            disabled={busy}
            onPress={() =>
              end.mutate(
                { id },
                {
                  onSuccess: ({ jobs }) => tell({ says: `${name} has ended. ${endedWords(jobs)}`.trim(), undo: goOn }),
                },
              )
            }
          >
            End it
          </Button>
        )}
      </Row>
    </>
  );
}
