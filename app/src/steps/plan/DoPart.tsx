import type { CaseView, GardenView } from '@trowel/core/contract';
import { View } from 'react-native';
import { JobSheet } from '@/steps/job/JobSheet';
import { space } from '@/theme/theme';
import { Sheet } from '@/ui/layout';
import { Body } from '@/ui/text';

/** Doing: the jobs of a case, their steps on their days, to be ticked off. */
export function DoPart({ view, garden }: { view: CaseView; garden: GardenView }) {
  if (view.jobs.length === 0)
    return (
      <Sheet tone="deep">
        <Body>No remedy chosen yet. What you choose is laid out here, day by day.</Body>
      </Sheet>
    );
  return (
    <View style={{ gap: space.l }}>
      {view.jobs.map((job) => (
        <JobSheet key={job.id} job={job} garden={garden} isOpen={view.summary.status === 'open'} />
      ))}
    </View>
  );
}
