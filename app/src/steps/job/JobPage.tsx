import { useLocalSearchParams } from 'expo-router';
import { useGarden, useJob } from '@/api/queries';
import { Tag } from '@/drawing/Tag';
import { JobLook } from '@/steps/follow/LookPart';
import { Page, Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Loaded } from '@/ui/states';
import { JobSheet } from './JobSheet';

/** A job of no case, on a page of its own: the work order, and the counts that tell whether it helps. */
export function JobPage() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const query = useJob(id);
  const garden = useGarden();
  return (
    <Page>
      <Loaded query={query}>
        {(job) => (
          <Loaded query={garden}>
            {(place) => (
              <>
                <Tag pattern={job.pattern} width={46} />
                <JobSheet job={job} garden={place} isOpen={job.caseId === null} />
                {job.caseId === null && job.remedy !== null && (
                  <JobLook job={job} caseId={null} isOpen={job.endedOn === null} title="Does it help?" />
                )}
                <Row wrap>
                  {job.caseId !== null && <LinkButton href={`/cases/${job.caseId}?part=do`}>Open its case</LinkButton>}
                  {job.places.map(({ bedId, bedName }) => (
                    <LinkButton key={bedId} href={`/garden/${bedId}`}>
                      {bedName}
                    </LinkButton>
                  ))}
                </Row>
              </>
            )}
          </Loaded>
        )}
      </Loaded>
    </Page>
  );
}
