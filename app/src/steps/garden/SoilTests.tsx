import { problemsIn, soilFound, type BedView } from '@trowel/core/contract';
import { readNumber } from '@trowel/core/quantities';
import { textureClass, textureOf } from '@trowel/core/read';
import { capital, counted, fullDate, sentence, textureWords } from '@trowel/core/wording';
import { Controller } from 'react-hook-form';
import { z } from 'zod';
import { View } from 'react-native';
import { useDraft, useDraftOf } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { TextureTriangle } from '@/drawing/TextureTriangle';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { useFormDraft } from '@/ui/useFormDraft';
import { labFields } from '@/wording/places';

const layers = ['sand', 'silt', 'clay'] as const;
const noHeights = { sand: '', silt: '', clay: '' };
const heightsShape = z.object({ sand: z.string(), silt: z.string(), clay: z.string() });

/** Heights of the three layers in; the name of the soil and its place in the triangle out. */
export function JarTest({ bed }: { bed: BedView }) {
  const [heights, setHeights] = useDraftOf(`jar-${bed.id}`, heightsShape, noHeights);
  const addSoilTest = useAct('addSoilTest');
  const tell = useNotice();
  const measured = soilFound.shape.texture.safeParse(
    Object.fromEntries(layers.map((layer) => [layer, readNumber(heights[layer])])),
  );
  const found = measured.success ? measured.data : undefined;
  const texture = found && textureOf(found);
  const name = texture && textureWords[textureClass(texture)];
  return (
    <Sheet>
      <Heading rank={3}>Jar test</Heading>
      <Small>A third of a jar of soil, water, a drop of washing-up liquid; shake.</Small>
      <Small>
        Mark the layer after one minute (sand), two hours (silt) and two days (clay). Type each layer’s own height, all
        by the same ruler.
      </Small>
      <Row wrap>
        {layers.map((layer) => (
          <NumberField
            key={layer}
            label={capital(layer)}
            says={`Height of the ${layer} layer`}
            value={heights[layer]}
            change={(text) => setHeights({ ...heights, [layer]: text })}
            least={92}
          />
        ))}
      </Row>
      {texture && name && (
        <>
          <View style={{ alignItems: 'center' }}>
            <TextureTriangle texture={texture} label={name} />
          </View>
          <Body
            strong
          >{`${capital(name)}: ${Math.round(texture.sand)} % sand, ${Math.round(texture.silt)} % silt, ${Math.round(texture.clay)} % clay`}</Body>
          <Small>Each share is its layer’s height divided by all three. Good to about a tenth.</Small>
          <Button
            kind="main"
            disabled={addSoilTest.isPending}
            onPress={() =>
              addSoilTest.mutate(
                { id: bed.id, body: { source: 'jar', found: { texture: found } } },
                { onSuccess: () => (setHeights(noHeights), tell({ says: 'The jar test is noted.' })) },
              )
            }
          >
            Keep it for this bed
          </Button>
        </>
      )}
      {addSoilTest.error && <Trouble error={addSoilTest.error} />}
    </Sheet>
  );
}

type LabForm = Record<(typeof labFields)[number]['key'], string>;
const emptyLab = Object.fromEntries(labFields.map(({ key }) => [key, ''])) as LabForm;

/** A laboratory's values, field by field, or a whole table pasted as CSV. */
export function LabTest({ bed }: { bed: BedView }) {
  const addSoilTest = useAct('addSoilTest');
  const tell = useNotice();
  const { control, reset, values: typed } = useFormDraft<LabForm>(`lab-${bed.id}`, emptyLab);
  const given = Object.fromEntries(
    labFields.flatMap(({ key }) => (typed[key].trim() === '' ? [] : [[key, readNumber(typed[key]) ?? Number.NaN]])),
  );
  const wrong = new Map(problemsIn(soilFound, given).map(({ field, message }) => [field, message]));
  return (
    <Sheet>
      <Heading rank={3}>Laboratory or strip</Heading>
      <Small>
        Leave out what was not measured; mg/kg and ppm are the same. Laboratories differ: where yours says low or high
        in words, trust that.
      </Small>
      <Row wrap style={{ alignItems: 'flex-start' }}>
        {labFields.map(({ key, name, unit }) => (
          <Controller
            key={key}
            control={control}
            name={key}
            render={({ field }) => (
              <NumberField
                label={name}
                says={`${name} of ${bed.name}`}
                unit={unit}
                value={field.value}
                change={field.onChange}
                wrong={wrong.has(key) ? sentence(capital(wrong.get(key) ?? '')) : undefined}
                least={120}
              />
            )}
          />
        ))}
      </Row>
      <Button
        kind="other"
        disabled={addSoilTest.isPending || wrong.size > 0 || Object.keys(given).length === 0}
        onPress={() =>
          addSoilTest.mutate(
            { id: bed.id, body: { source: 'lab', found: given } },
            { onSuccess: () => (reset(), tell({ says: 'The soil test is noted.' })) },
          )
        }
      >
        Keep these values
      </Button>
      {addSoilTest.error && <Trouble error={addSoilTest.error} />}
      <PastedTests />
    </Sheet>
  );
}

function PastedTests() {
  const takeSheet = useAct('takeSheet');
  const tell = useNotice();
  const [csv, setCsv] = useDraft('soil-tests');
  return (
    <>
      <Field
        label="Or paste CSV: place,date,ph,potassium …"
        says="Soil tests as CSV"
        value={csv}
        change={setCsv}
        lines={3}
      />
      <Button
        kind="other"
        disabled={takeSheet.isPending || csv.trim() === ''}
        onPress={() =>
          takeSheet.mutate(
            { id: 'soil-tests', body: { csv } },
            {
              onSuccess: ({ taken }) => (
                setCsv(''),
                tell({ says: `${counted(taken, 'soil test', 'soil tests')} came in.` })
              ),
            },
          )
        }
      >
        Import
      </Button>
      {takeSheet.error && <Trouble error={takeSheet.error} />}
    </>
  );
}

/** What was measured in this bed, newest first. */
export function TestsDone({ bed }: { bed: BedView }) {
  if (bed.soilTests.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>What was measured here</Heading>
      {bed.soilTests.map(({ id, on, found, texture }) => (
        <Small key={id}>
          {`${fullDate(on)}: ${[
            texture === null ? '' : (textureWords[texture as keyof typeof textureWords] ?? texture),
            ...labFields.flatMap(({ key, name, unit }) =>
              found[key] === undefined ? [] : [`${name} ${found[key]}${unit === '' ? '' : ` ${unit}`}`],
            ),
          ]
            .filter(Boolean)
            .join(', ')}`}
        </Small>
      ))}
    </Sheet>
  );
}
