import type { GardenView, JobView } from '@trowel/core/contract';
import { capital, dayWords, endedWords, rhythmWords } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { MixCard } from '@/steps/mix/MixCard';
import { useMixSetting } from '@/steps/mix/useMixSetting';
import { StepCard } from '@/steps/plan/StepCard';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { jobEndWords } from '@/wording/jobs';
import { PlacePicker, placesOf, type Picked } from './PlacePicker';

/** The work order: what, where, how strong and how much, its steps on their days, and what was really put on. */
export function JobSheet({ job, garden, isOpen }: { job: JobView; garden: GardenView; isOpen: boolean }) {
  const endJob = useAct('endJob');
  const resumeJob = useAct('resumeJob');
  const tell = useNotice();
  const { today } = garden;
  const isRunning = job.endedOn === null && isOpen;
  const { everyDays, until } = job.setting;
  return (
    <View style={{ gap: space.s }}>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <View style={{ flexShrink: 1 }}>
          <Heading>{job.remedyName}</Heading>
          {job.caseId === null && job.places.length > 0 && (
            <Small>
              {job.places
                .map(({ bedName, plantLabel }) => (plantLabel === null ? bedName : `${plantLabel}, ${bedName}`))
                .join(' · ')}
            </Small>
          )}
          <Small>{beganWords(job, today)}</Small>
          {everyDays !== null && (
            <Small>{`${capital(rhythmWords(everyDays, until, today))} · round ${job.round}`}</Small>
          )}
        </View>
        {isRunning && (
          <Button
            accessibilityLabel={`Stop it: ${job.remedyName}`}
            onPress={() =>
              endJob.mutate(
                { id: job.id },
                {
                  onSuccess: ({ jobs }) =>
                    tell({
                      says: `${job.remedyName} has been stopped. ${endedWords(jobs)}`.trim(),
                      undo: () => resumeJob.mutate({ id: job.id }),
                    }),
                  onError: (error) => tell({ says: error.message }),
                },
              )
            }
          >
            Stop it
          </Button>
        )}
        {job.endedBecause === 'stopped' && isOpen && (
          <Button
            kind="other"
            accessibilityLabel={`Go on with it: ${job.remedyName}`}
            onPress={() =>
              resumeJob.mutate(
                { id: job.id },
                {
                  onSuccess: () => tell({ says: `${job.remedyName} goes on.` }),
                  onError: (error) => tell({ says: error.message }),
                },
              )
            }
          >
            Go on with it
          </Button>
        )}
      </Row>
      {job.routine && (
        <Row>
          <LinkButton href={`/routines/${job.routine.id}`}>{`Part of: ${job.routine.name}`}</LinkButton>
        </Row>
      )}
      {isRunning && job.caseId === null && <Where job={job} garden={garden} />}
      {!job.isKnown && (
        <Sheet tone="warn">
          <Body>The product no longer knows this remedy; what was done of it stands in the log.</Body>
        </Sheet>
      )}
      {job.order && <Body>{`${job.order}.`}</Body>}
      {job.spread && (
        <Sheet>
          <Body strong>{capital(job.spread.says)}</Body>
          {job.spread.shares.length > 0 && <Small>{`${job.spread.shares.join(' · ')}.`}</Small>}
        </Sheet>
      )}
      {job.amounts && <Amounts job={job} garden={garden} isRunning={isRunning} />}
      {job.steps.map((step) => (
        <StepCard key={`${step.round}-${step.step}`} step={step} today={today} />
      ))}
      {job.applied.length > 0 && (
        <Sheet tone="deep">
          <Heading rank={3}>Put on so far</Heading>
          {job.applied.map(({ on, says }, at) => (
            <Small key={`${on}-${at}`}>{`${capital(dayWords(on, today))}: ${says}`}</Small>
          ))}
        </Sheet>
      )}
    </View>
  );
}

function beganWords({ chosenOn, endedOn, endedBecause }: JobView, today: string): string {
  if (endedOn === null) return `${chosenOn > today ? 'Begins' : 'Chosen'} ${dayWords(chosenOn, today)}`;
  return `${endedBecause === null ? 'Ended' : jobEndWords[endedBecause]} ${dayWords(endedOn, today)}`;
}

/** Other places from now on; what was done stays where it was done. */
function Where({ job, garden }: { job: JobView; garden: GardenView }) {
  const changeJob = useAct('changeJob');
  const tell = useNotice();
  const [open, setOpen] = useState(false);
  const [picked, setPicked] = useState<Picked>({
    beds: job.places.map(({ bedId }) => bedId),
    plantings: job.places.flatMap(({ plantingId }) => plantingId ?? []),
    worst: job.places.find(({ isWorst }) => isWorst)?.bedId,
  });
  const places = placesOf(garden, picked);
  return (
    <>
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          Other places
        </Toggle>
      </Row>
      {open && (
        <Sheet>
          <PlacePicker garden={garden} label="Where, from now on" picked={picked} pick={setPicked} withPlants />
          {changeJob.error && <Trouble error={changeJob.error} />}
          <Row>
            <Button
              kind="other"
              disabled={changeJob.isPending || (job.remedy !== null && places.length === 0)}
              onPress={() =>
                changeJob.mutate(
                  { id: job.id, body: { places } },
                  { onSuccess: () => (setOpen(false), tell({ says: 'From now on it is done there.' })) },
                )
              }
            >
              Keep these places
            </Button>
          </Row>
        </Sheet>
      )}
    </>
  );
}

/** How strong and how much, out of which brew; changed here, it holds for all that is still to come. */
function Amounts({ job, garden, isRunning }: { job: JobView; garden: GardenView; isRunning: boolean }) {
  const { remedies } = useKnowledge();
  const remedy = remedies.find(({ id }) => id === job.remedy);
  const [open, setOpen] = useState(false);
  const { amounts } = job;
  if (!amounts || !remedy) return null;
  return (
    <Sheet>
      <Body strong>{capital(amounts.says)}</Body>
      {amounts.carry && <Body>{`${amounts.carry}.`}</Body>}
      {amounts.forPlaces && <Small>{`For ${amounts.forPlaces}.`}</Small>}
      {amounts.shares.length > 0 && <Small>{`${amounts.shares.map(({ says }) => says).join(' · ')}.`}</Small>}
      {amounts.fills && <Small>{`${amounts.fills}.`}</Small>}
      {amounts.brew && <Small>{capital(`${amounts.brew.says}.`)}</Small>}
      {amounts.against && (
        <View role="alert">
          <Body strong>{amounts.against}</Body>
        </View>
      )}
      {isRunning && (
        <Row>
          <Toggle expanded={open} onPress={() => setOpen(!open)}>
            Mix or change
          </Toggle>
        </Row>
      )}
      {open && isRunning && <Change key={JSON.stringify(job.setting)} job={job} garden={garden} remedy={remedy} />}
    </Sheet>
  );
}

function Change({
  job,
  garden,
  remedy,
}: {
  job: JobView;
  garden: GardenView;
  remedy: Parameters<typeof useMixSetting>[1];
}) {
  const changeJob = useAct('changeJob');
  const tell = useNotice();
  const { everyDays: _, until: __, ...kept } = job.setting;
  const mix = useMixSetting(job.id, remedy, garden, { ...kept, volumeMl: job.amounts?.volumeMl ?? kept.volumeMl });
  return (
    <View style={{ gap: space.m }}>
      <MixCard
        remedy={remedy}
        garden={garden}
        mix={mix}
        jobId={job.id}
        plants={job.places.flatMap(({ plant }) => plant ?? [])}
      />
      {changeJob.error && <Trouble error={changeJob.error} />}
      <Row>
        <Button
          kind="other"
          disabled={changeJob.isPending || mix.volume.base === undefined}
          onPress={() =>
            changeJob.mutate(
              { id: job.id, body: mix.setting },
              {
                onSuccess: () => {
                  mix.forget();
                  tell({ says: 'Changed, for all that is still to come.' });
                },
              },
            )
          }
        >
          Keep it like this
        </Button>
      </Row>
    </View>
  );
}
