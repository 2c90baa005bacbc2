import type { GardenView, JobView } from '@trowel/core/contract';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { useGarden, useJob } from '@/api/queries';
import { Tag } from '@/drawing/Tag';
import { JobLook } from '@/steps/follow/LookPart';
import { space } from '@/theme/theme';
import { Page, Row, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Loaded } from '@/ui/states';
import { JobSheet } from './JobSheet';

/** A job of no case, on a page of its own: the work order, and the counts that tell whether it helps. */
export function JobPage() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const query = useJob(id);
  const garden = useGarden();
  return (
    <Page wide>
      <Loaded query={query}>
        {(job) => <Loaded query={garden}>{(place) => <WorkOrder job={job} garden={place} />}</Loaded>}
      </Loaded>
    </Page>
  );
}

function WorkOrder({ job, garden }: { job: JobView; garden: GardenView }) {
  const wide = useIsWide();
  const isOwn = job.caseId === null;
  const column = { flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 } as const;
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={column}>
        <Tag pattern={job.pattern} width={46} />
        <JobSheet job={job} garden={garden} isOpen={isOwn} />
        <Row wrap>
          {job.caseId !== null && <LinkButton href={`/cases/${job.caseId}?part=do`}>Open its case</LinkButton>}
          {job.places.map(({ bedId, bedName, plantingId }) => (
            <LinkButton key={`${bedId}-${plantingId}`} href={`/garden/${bedId}`}>
              {bedName}
            </LinkButton>
          ))}
        </Row>
      </View>
      {isOwn && job.isPutOn && job.measuredBy.what !== '' && (
        <View style={column}>
          <JobLook job={job} isOpen={job.endedOn === null} title="Does it help?" />
        </View>
      )}
    </View>
  );
}
