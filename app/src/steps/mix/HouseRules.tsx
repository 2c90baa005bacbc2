import type { BenchView } from '@trowel/core/contract';
import { lowerFirst } from '@trowel/core/wording';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { Row, Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { houseRules } from '@/wording/bench';

/** What this household will not have, and the strengths it keeps to. */
export function HouseRules({ bench }: { bench: BenchView }) {
  const set = useAct('setPreferences');
  const tables = useKnowledge();
  const { forbids, onlyFromCupboard, schools } = bench.preferences;
  return (
    <Sheet>
      <Heading>My rules</Heading>
      <Small>What is ruled out is left out of every choice, and said so.</Small>
      <Row wrap>
        {houseRules.map(({ ids, says }) => {
          const isOn = ids.every((id) => forbids.includes(id));
          const rest = forbids.filter((id) => !ids.includes(id));
          return (
            <Toggle
              key={says}
              pressed={isOn}
              onPress={() => set.mutate({ body: { forbids: isOn ? rest : [...rest, ...ids] } })}
            >
              {says}
            </Toggle>
          );
        })}
        <Toggle
          pressed={onlyFromCupboard}
          onPress={() => set.mutate({ body: { onlyFromCupboard: !onlyFromCupboard } })}
        >
          Only from the cupboard
        </Toggle>
      </Row>
      {Object.entries(schools).map(([remedy, strength]) => {
        const row = tables.remedies.find(({ id }) => id === remedy);
        const kept = row?.recipe?.strengths.find(({ id }) => id === strength);
        const name = row?.name ?? remedy;
        return (
          <Row key={remedy} wrap style={{ justifyContent: 'space-between' }}>
            <Body style={{ flexShrink: 1 }}>{`${name}: ${kept?.label ?? strength}`}</Body>
            <Toggle
              label={`Forget the strength of ${lowerFirst(name)}`}
              onPress={() => set.mutate({ body: { schools: { [remedy]: null } } })}
            >
              Forget
            </Toggle>
          </Row>
        );
      })}
      {set.error && <Trouble error={set.error} />}
    </Sheet>
  );
}
