import { rulesIn, ruleSaid } from '@trowel/core/choose';
import type { BenchView } from '@trowel/core/contract';
import { fromSi, readNumber, toSi, trim, usualUnit, type MeasureSystem } from '@trowel/core/measures';
import { batchClasses, batchKinds, batchNames, type BatchKind } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { useCommand } from '@/api/queries';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { ReadFirst } from '@/ui/ReadFirst';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { VesselChoice } from './VesselChoice';

/** A new brew: what, how much, where it stands, in which jar; the rules speak before it is begun. */
export function StartBatch({ bench, measures }: { bench: BenchView; measures: MeasureSystem }) {
  const command = useCommand();
  const tell = useNotice();
  const unit = usualUnit('volume', measures);
  const degrees = usualUnit('temperature', measures);
  const [kind, setKind] = useState<BatchKind>('weed');
  const [volume, setVolume] = useState('5');
  const [warmth, setWarmth] = useState(trim(fromSi('temperature', 18, degrees, measures), 0));
  const [tight, setTight] = useState(false);
  const [vesselId, setVessel] = useState<string>();
  const [shell, setShell] = useState('50');
  const [acid, setAcid] = useState('5');
  const isShell = kind === 'shell-extract';
  const ml = toSi('volume', readNumber(volume) ?? 0, unit, measures) ?? 0;
  const celsius = toSi('temperature', readNumber(warmth) ?? 18, degrees, measures) ?? 18;
  const acidPercent = readNumber(acid) ?? 5;
  const cautions = rulesIn(knowledge, {
    things: [{ classes: batchClasses[kind], ...(isShell ? { percent: acidPercent } : {}) }],
    facts: tight ? ['lid-tight'] : [],
  }).map(ruleSaid);
  const start = (acknowledged: readonly string[]) =>
    command.mutate(
      {
        path: '/batches',
        body: {
          kind,
          volumeMl: Math.round(ml),
          warmth: celsius,
          lid: tight ? 'tight' : 'loose',
          acknowledged,
          ...(vesselId === undefined ? {} : { vesselId }),
          ...(isShell ? { shell: { grams: readNumber(shell) ?? 0, acidPercent, grain: 'crushed' } } : {}),
        },
      },
      { onSuccess: () => tell({ says: `${batchNames[kind]} has begun.` }) },
    );
  return (
    <Sheet>
      <Heading>Start a brew</Heading>
      <Choices of={batchKinds.map((id) => ({ id, name: batchNames[id] }))} chosen={kind} choose={setKind} />
      <Row wrap>
        <Field
          label={`${isShell ? 'Vinegar' : 'Water'}, ${unit}`}
          says={`${isShell ? 'Vinegar' : 'Water'}, in ${unit}`}
          value={volume}
          change={setVolume}
          numeric
          width={130}
        />
        {isShell ? (
          <>
            <Field label="Shell, g" says="Dry shell, in g" value={shell} change={setShell} numeric width={120} />
            <Field label="Acid, %" says="Acid in the vinegar, in %" value={acid} change={setAcid} numeric width={120} />
          </>
        ) : (
          <Field
            label={`Warmth, ${degrees}`}
            says={`Warmth where it stands, in ${degrees}`}
            value={warmth}
            change={setWarmth}
            numeric
            width={130}
          />
        )}
      </Row>
      <VesselChoice vessels={bench.vessels} chosen={vesselId} choose={setVessel} />
      <Choices
        of={[
          { id: 'loose', name: 'Lid loose' },
          { id: 'tight', name: 'Lid tight' },
        ]}
        chosen={tight ? 'tight' : 'loose'}
        choose={(lid) => setTight(lid === 'tight')}
      />
      {cautions
        .filter(({ level }) => level === 'note')
        .map(({ says, instead }) => (
          <Small key={says}>{`${says} ${instead ?? ''}`}</Small>
        ))}
      {ml > 0 && <ReadFirst key={`${kind}-${tight}`} cautions={cautions} done={start} label="Begin today" />}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}
