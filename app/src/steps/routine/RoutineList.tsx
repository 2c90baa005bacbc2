import type { RoutineRow } from '@trowel/core/tables';
import { useRouter } from 'expo-router';
import { useRoutines } from '@/api/queries';
import { Choices } from '@/ui/Choices';
import { Row, Sheet } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** Routines to choose from, and those that are under way. */
export function RoutineList({ routines, chosen }: { routines: readonly RoutineRow[]; chosen: string | undefined }) {
  const router = useRouter();
  const underWay = (useRoutines().data ?? []).filter(({ isOver }) => !isOver);
  return (
    <Sheet>
      <Heading rank={3}>{chosen === undefined ? 'Or a routine' : 'Another routine'}</Heading>
      <Small>Several jobs that know each other: begun on their days, in amounts for these places, in the plan.</Small>
      <Choices
        of={routines.map(({ id, name }) => ({ id, name }))}
        chosen={chosen}
        choose={(id) => router.setParams({ routine: id, remedy: '' })}
      />
      {chosen !== undefined && (
        <Row>
          <Toggle onPress={() => router.setParams({ routine: '' })}>A reminder instead</Toggle>
        </Row>
      )}
      {underWay.length > 0 && <Small strong>Under way</Small>}
      {underWay.map(({ id, name, says, isPaused }) => (
        <Row key={id} wrap>
          <LinkButton href={`/routines/${id}`} label={`${name}, ${says}`}>
            {name}
          </LinkButton>
          <Small>{isPaused ? `${says} · rests` : says}</Small>
        </Row>
      ))}
    </Sheet>
  );
}
