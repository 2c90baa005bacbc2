import type { BedView } from '@trowel/core/contract';
import { bedFields, cornersText, type FieldSpec } from '@trowel/core/mix';
import { outlineOf } from '@trowel/core/plot';
import { inWords, squareMetres, type MeasureSystem } from '@trowel/core/quantities';
import { useState } from 'react';
import Svg, { Circle, Polygon } from 'react-native-svg';
import { View } from 'react-native';
import { z } from 'zod';
import { useOpenDraft } from '@/api/drafts';
import { useMeasures } from '@/api/measures';
import { useAct } from '@/api/queries';
import { entry, usualEntries, valuesOf } from '@/steps/mix/formState';
import { ToolForm, type ToolEntries } from '@/steps/mix/ToolForm';
import { useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { NumberField } from '@/ui/NumberField';
import { typedFor, useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { useFormDraft } from '@/ui/useFormDraft';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

type Size = NonNullable<BedView['size']>;
const fields = Object.fromEntries(Object.entries(bedFields).map(([name, { spec }]) => [name, spec])) as Record<
  string,
  FieldSpec
>;

/** How large the bed is and how many plants stand in it: asked once, used wherever something is measured out for it. */
export function BedSizeForm({ bed }: { bed: BedView }) {
  const measures = useMeasures();
  const [open, setOpen] = useState(false);
  return (
    <Sheet>
      <Heading rank={3}>How large is it?</Heading>
      {bed.size ? (
        <Row wrap>
          <Outline size={bed.size} />
          <Body strong>{inWords(squareMetres(bed.size.area), measures)}</Body>
        </Row>
      ) : (
        <Small>Nobody has measured it yet. Once it is, amounts are worked out for all of it.</Small>
      )}
      <Row wrap>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          {bed.size ? 'Measure it anew' : 'Measure it'}
        </Toggle>
      </Row>
      {open && <Measure key={measures} bed={bed} measures={measures} close={() => setOpen(false)} />}
      {bed.plantings.map((planting) => (
        <HowMany key={planting.id} planting={planting} measures={measures} isPotted={isPotted(bed.setting)} />
      ))}
    </Sheet>
  );
}

function Measure({ bed, measures, close }: { bed: BedView; measures: MeasureSystem; close: () => void }) {
  const setBedSize = useAct('setBedSize');
  const tell = useNotice();
  const { control, values: entries } = useFormDraft<ToolEntries>(`size-${bed.id}`, entriesOf(bed.size, measures));
  const send = (values: Record<string, unknown> | null) =>
    setBedSize.mutate(
      { id: bed.id, body: { values } },
      {
        onSuccess: ({ area }) => {
          tell({
            says:
              area === null ? `${bed.name} is not measured.` : `${bed.name}: ${inWords(squareMetres(area), measures)}.`,
          });
          close();
        },
      },
    );
  return (
    <>
      <ToolForm tool="mulch" fields={fields} control={control} entries={entries} system={measures} />
      {setBedSize.error && <Trouble error={setBedSize.error} />}
      <Row wrap>
        <Button kind="main" disabled={setBedSize.isPending} onPress={() => send(valuesOf(fields, entries))}>
          Keep it
        </Button>
        {bed.size && (
          <Button disabled={setBedSize.isPending} onPress={() => send(null)}>
            Forget it
          </Button>
        )}
      </Row>
    </>
  );
}

/** The form as the bed was measured; where it was not, as beds usually are. */
function entriesOf(size: Size | null, measures: MeasureSystem): ToolEntries {
  const usual = usualEntries(fields, measures);
  if (!size) return usual;
  const lengths = Object.entries(size).flatMap(([name, value]) =>
    typeof value === 'number' && name !== 'area' ? [[name, typedFor('length', value, measures)]] : [],
  );
  return {
    ...usual,
    shape: entry(size.shape),
    ...Object.fromEntries(lengths),
    ...(size.shape === 'outline' ? { outline: entry(cornersText(size.corners, measures)) } : {}),
    area: typedFor('area', size.area, measures),
  };
}

const drawnTo = 72;

/** The outline of the bed, to scale in itself. */
function Outline({ size }: { size: Size }) {
  const roles = useRoles();
  const look = { fill: roles.goodGround, stroke: roles.text, strokeWidth: 1.5 };
  const corners = outlineOf(size);
  const span = Math.max(...corners.flat(), 0.1);
  const scale = (drawnTo - 8) / span;
  const spare = (axis: 0 | 1) => (drawnTo - Math.max(...corners.map((corner) => corner[axis])) * scale) / 2;
  const [left, top] = [spare(0), spare(1)];
  return (
    <View aria-hidden>
      <Svg width={drawnTo} height={drawnTo} viewBox={`0 0 ${drawnTo} ${drawnTo}`}>
        {size.shape === 'circle' ? (
          <Circle cx={drawnTo / 2} cy={drawnTo / 2} r={drawnTo / 2 - 4} {...look} />
        ) : (
          <Polygon points={corners.map(([x, y]) => `${left + x * scale},${top + y * scale}`).join(' ')} {...look} />
        )}
      </Svg>
    </View>
  );
}

/** Where plants stand in something that holds so much. */
const isPotted = (setting: string): boolean => ['pot', 'indoors', 'greenhouse'].includes(setting);

function HowMany({
  planting,
  measures,
  isPotted,
}: {
  planting: BedView['plantings'][number];
  measures: MeasureSystem;
  isPotted: boolean;
}) {
  const setHowMany = useAct('setHowMany');
  const tell = useNotice();
  const [text, setText, forget] = useOpenDraft(
    `number-${planting.id}`,
    z.string(),
    planting.number === null ? '' : String(planting.number),
  );
  const number = Number(text);
  const isWrong = text.trim() !== '' && (!Number.isInteger(number) || number < 1);
  const now = text.trim() === '' ? null : number;
  const pot = useQuantity(`pot-${planting.id}`, 'volume', planting.potMl ?? undefined, measures, 'kept');
  const potNow = pot.typed.text.trim() === '' ? null : pot.base;
  const isPotWrong = potNow === undefined;
  const potChanged = isPotted && potNow !== undefined && Math.round(potNow ?? 0) !== Math.round(planting.potMl ?? 0);
  return (
    <>
      <Row wrap style={{ alignItems: 'flex-end' }}>
        <NumberField
          label={planting.label}
          says={`How many plants: ${planting.label}`}
          unit="plants"
          optional
          value={text}
          change={setText}
          wrong={isWrong ? 'a whole number, 1 or more' : undefined}
        />
        {isPotted && <QuantityField label="One pot or tray holds" optional {...pot.field} />}
        {(now !== planting.number || potChanged) && !isWrong && !(isPotted && isPotWrong) && (
          <Button
            kind="other"
            accessibilityLabel={`Keep it: the number of ${planting.label}`}
            disabled={setHowMany.isPending}
            onPress={() =>
              setHowMany.mutate(
                { id: planting.id, body: { number: now, ...(potChanged ? { potMl: potNow } : {}) } },
                {
                  onSuccess: () => {
                    forget();
                    pot.forget();
                    tell({ says: `${planting.label}: noted.` });
                  },
                },
              )
            }
          >
            Keep it
          </Button>
        )}
      </Row>
      {setHowMany.error && <Trouble error={setHowMany.error} />}
    </>
  );
}
