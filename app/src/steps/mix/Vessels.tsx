import type { BenchView } from '@trowel/core/contract';
import { inWords, mL } from '@trowel/core/quantities';
import { lowerFirst } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { useDraft } from '@/api/drafts';
import { useMeasures } from '@/api/measures';
import { useAct } from '@/api/queries';
import { VesselFigure } from '@/drawing/Vessels';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Empty, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { vesselKinds } from '@/wording/bench';

/** Sprayers, cans and jars: what each holds, what it held, and that it has been washed. */
export function Vessels({ bench }: { bench: BenchView }) {
  const add = useAct('addVessel');
  const noteVessel = useAct('noteVessel');
  const tell = useNotice();
  const measures = useMeasures();
  const [name, setName] = useDraft('vessel');
  const volume = useQuantity('vessel', 'volume', 1500, measures);
  const [kind, setKind] = useState<(typeof vesselKinds)[number]['id']>('sprayer');
  const error = add.error ?? noteVessel.error;
  return (
    <Sheet>
      <Heading>Sprayers and jars</Heading>
      {bench.vessels.length === 0 && (
        <Empty title="None noted">
          <Body>Name your sprayers, and no soap goes before what is alive without a wash.</Body>
        </Empty>
      )}
      {bench.vessels.map((vessel) => (
        <Row key={vessel.id} wrap style={{ justifyContent: 'space-between' }}>
          <VesselFigure kind={vessel.kind} isClean={vessel.held === null} />
          <View style={{ flex: 1, minWidth: 120 }}>
            <Body strong>{vessel.name}</Body>
            <Small>{`${inWords(mL(vessel.volumeMl), measures)} · ${vessel.held ? `held ${lowerFirst(vessel.held)}` : 'clean'}`}</Small>
          </View>
          {vessel.held && (
            <Toggle
              label={`Washed 3 times: ${vessel.name}`}
              onPress={() =>
                noteVessel.mutate(
                  { id: vessel.id, body: { washed: true } },
                  { onSuccess: () => tell({ says: `${vessel.name} is clean.` }) },
                )
              }
            >
              Washed 3 times
            </Toggle>
          )}
        </Row>
      ))}
      <Row wrap style={{ alignItems: 'flex-end' }}>
        <Field label="Its name" says="Name of a sprayer or jar" value={name} change={setName} least={130} />
        <QuantityField label="It holds" {...volume.field} />
      </Row>
      <Choices of={vesselKinds} chosen={kind} choose={setKind} />
      <Row>
        <Button
          kind="other"
          disabled={name.trim() === '' || !volume.base}
          onPress={() =>
            add.mutate(
              { body: { name: name.trim(), kind, volumeMl: volume.base ?? 0 } },
              {
                onSuccess: () => {
                  setName('');
                  volume.forget();
                },
              },
            )
          }
        >
          Add it
        </Button>
      </Row>
      {error && <Trouble error={error} />}
    </Sheet>
  );
}
