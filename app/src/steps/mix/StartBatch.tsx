import { judge } from '@trowel/core/judge';
import type { BenchView } from '@trowel/core/contract';
import { batchClasses, oneShell } from '@trowel/core/mix';
import { batchKinds, type BatchKind } from '@trowel/core/tables';
import { readNumber, type MeasureSystem } from '@trowel/core/quantities';
import { batchNames, capital, cautionWords, fieldWords } from '@trowel/core/wording';
import { Controller } from 'react-hook-form';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { Choices } from '@/ui/Choices';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { baseOf, guessFor, type Typed } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { ReadFirst } from '@/ui/ReadFirst';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { useFormDraft } from '@/ui/useFormDraft';
import { VesselChoice } from './VesselChoice';

interface BatchForm {
  readonly kind: BatchKind;
  readonly volume: Typed;
  readonly warmth: Typed;
  readonly lid: 'loose' | 'tight';
  readonly vesselId: string | undefined;
  readonly shell: Typed;
  readonly acid: string;
  readonly grain: Grain;
}

const grains = ['powder', 'crushed', 'pieces'] as const;
type Grain = (typeof grains)[number];

const grainWords = fieldWords('shell-extract', 'grain');

/** Egg shells are counted where they are used. */
const shells = [{ id: 'shells', base: oneShell, words: ['shell', 'egg shell', 'eggshell', 'egg', 'eggs'] }];

const openingForm = (measures: MeasureSystem): BatchForm => ({
  kind: 'weed',
  volume: guessFor('volume', 5000, measures),
  warmth: guessFor('temperature', 18, measures),
  lid: 'loose',
  vesselId: undefined,
  shell: guessFor('mass', 50, measures),
  acid: '5',
  grain: 'crushed',
});

/** A new brew: what, how much, where it stands, in which jar; the rules speak before it is begun. */
export function StartBatch({ bench, measures }: { bench: BenchView; measures: MeasureSystem }) {
  const startBatch = useAct('startBatch');
  const tell = useNotice();
  const tables = useKnowledge();
  const { control, values, reset } = useFormDraft<BatchForm>('batch', openingForm(measures));
  const { kind, volume, warmth, lid, vesselId, shell, acid, grain } = values;
  const isShell = kind === 'shell-extract';
  const volumeMl = baseOf(volume, 'volume', measures);
  const celsius = baseOf(warmth, 'temperature', measures);
  const shellGrams = baseOf(shell, 'mass', measures, shells);
  const acidPercent = readNumber(acid);
  const isWhole =
    volumeMl !== undefined && (isShell ? shellGrams !== undefined && acidPercent !== undefined : celsius !== undefined);
  const cautions = judge(tables, {
    things: [{ classes: batchClasses[kind], ...(isShell ? { percent: acidPercent ?? 0 } : {}) }],
    facts: lid === 'tight' ? ['lid-tight'] : [],
  }).map((found) => cautionWords(tables, found, measures));
  const start = (acknowledged: readonly string[]) =>
    startBatch.mutate(
      {
        body: {
          kind,
          volumeMl: Math.round(volumeMl ?? 0),
          lid,
          acknowledged: [...acknowledged],
          ...(isShell ? {} : { warmth: celsius }),
          ...(vesselId === undefined ? {} : { vesselId }),
          ...(isShell ? { shell: { grams: shellGrams ?? 0, acidPercent: acidPercent ?? 0, grain } } : {}),
        },
      },
      { onSuccess: () => (reset(), tell({ says: `${batchNames[kind]} has begun.` })) },
    );
  return (
    <Sheet>
      <Heading>Start a brew</Heading>
      <Controller
        control={control}
        name="kind"
        render={({ field }) => (
          <Choices
            of={batchKinds.map((id) => ({ id, name: batchNames[id] }))}
            chosen={field.value}
            choose={field.onChange}
          />
        )}
      />
      <Row wrap style={{ alignItems: 'flex-start' }}>
        <Controller
          control={control}
          name="volume"
          render={({ field }) => (
            <QuantityField
              label={isShell ? 'Vinegar' : 'Water'}
              kind="volume"
              system={measures}
              typed={field.value}
              change={field.onChange}
            />
          )}
        />
        {isShell ? (
          <>
            <Controller
              control={control}
              name="shell"
              render={({ field }) => (
                <QuantityField
                  label="Dry shell"
                  kind="mass"
                  system={measures}
                  typed={field.value}
                  change={field.onChange}
                  also={shells}
                />
              )}
            />
            <Controller
              control={control}
              name="acid"
              render={({ field }) => (
                <NumberField label="Acid in the vinegar" unit="%" value={field.value} change={field.onChange} />
              )}
            />
          </>
        ) : (
          <Controller
            control={control}
            name="warmth"
            render={({ field }) => (
              <QuantityField
                label="Warmth where it stands"
                kind="temperature"
                system={measures}
                typed={field.value}
                change={field.onChange}
              />
            )}
          />
        )}
      </Row>
      {isShell && (
        <Controller
          control={control}
          name="grain"
          render={({ field }) => (
            <View role="group" aria-label={grainWords.label}>
              <Choices
                of={grains.map((id) => ({ id, name: capital(grainWords.options?.[id] ?? id) }))}
                chosen={field.value}
                choose={field.onChange}
              />
            </View>
          )}
        />
      )}
      <Controller
        control={control}
        name="vesselId"
        render={({ field }) => <VesselChoice vessels={bench.vessels} chosen={field.value} choose={field.onChange} />}
      />
      <Controller
        control={control}
        name="lid"
        render={({ field }) => (
          <Choices
            of={[
              { id: 'loose', name: 'Lid loose' },
              { id: 'tight', name: 'Lid tight' },
            ]}
            chosen={field.value}
            choose={field.onChange}
          />
        )}
      />
      {cautions
        .filter(({ level }) => level === 'note')
        .map(({ rule, says, instead }) => (
          <Small key={rule}>{`${says} ${instead ?? ''}`}</Small>
        ))}
      {isWhole && <ReadFirst key={`${kind}-${lid}`} cautions={cautions} done={start} label="Begin today" />}
      {startBatch.error && <Trouble error={startBatch.error} />}
    </Sheet>
  );
}
