import type { BedView } from '@trowel/core/contract';
import { textureClass, textureOf } from '@trowel/core/read';
import { rowById, type Setting, type WeedRoot } from '@trowel/core/tables';
import { groundReading, weigh } from '@trowel/core/weigh';
import { chanceWords, fullDate, opposedWords, textureWords } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button, TextInput } from 'react-native-paper';
import { useBed, useCommand } from '@/api/queries';
import { Plate } from '@/drawing/Plate';
import { TextureTriangle } from '@/drawing/TextureTriangle';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { settingWords } from './GardenPage';

/** One bed: what its weeds and soil say, how sure that is, what would settle it, and what was measured. */
export function BedPage() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const query = useBed(id);
  const wide = useIsWide();
  return (
    <Page wide>
      <Loaded query={query}>
        {(bed) => (
          <>
            <Heading rank={1}>{bed.name}</Heading>
            <Small>
              {[settingWords[bed.setting as Setting], bed.note, bed.plantings.map(({ label }) => label).join(', ')]
                .filter(Boolean)
                .join(' · ')}
            </Small>
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <Ground bed={bed} />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <JarTest bed={bed} />
                <LabTest bed={bed} />
                <Tests bed={bed} />
                <Harvests bed={bed} />
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

function Ground({ bed }: { bed: BedView }) {
  const router = useRouter();
  const command = useCommand();
  const reading = useMemo(() => {
    const situation = { ...bed.situation, setting: bed.situation.setting as Setting };
    return groundReading(knowledge, weigh(knowledge, situation), situation);
  }, [bed.situation]);
  const weeds = bed.situation.evidence.flatMap(({ sign, state }) =>
    state === 'seen' && sign.startsWith('weed-') ? [rowById(knowledge.signs, sign, 'signs')] : [],
  );
  const walk = () =>
    bed.groundCaseId === null
      ? command.mutate(
          { path: '/cases', body: { bedId: bed.id } },
          { onSuccess: ({ id }) => router.push(`/cases/${String(id)}?part=read`) },
        )
      : router.push(`/cases/${bed.groundCaseId}?part=read`);
  return (
    <>
      <Sheet>
        <Heading>What the ground says</Heading>
        {bed.situation.evidence.length === 0 ? (
          <Empty title="Nothing read yet">
            <Body>Walk the bed and note what grows there by itself. Weeds are hints, never proof.</Body>
          </Empty>
        ) : (
          reading.conditions.map(({ id, row, probability, because }) => (
            <View key={id} style={{ gap: 2 }}>
              <Body strong>{`${row.name}: ${chanceWords(probability)}, ${Math.round(probability * 100)} in 100`}</Body>
              <Small>{row.plain}</Small>
              {because.length > 0 && (
                <Small>{`From: ${because
                  .filter(({ state }) => state === 'seen')
                  .map(({ sign }) => rowById(knowledge.signs, sign, 'signs').name.toLowerCase())
                  .join(', ')}.`}</Small>
              )}
            </View>
          ))
        )}
        {reading.conditions.length > 0 && <Small>These chances go on to every plant that grows here.</Small>}
        {reading.opposed.map((pair) => (
          <Sheet key={pair.a.id} tone="warn">
            <Body>{opposedWords(knowledge, pair)}</Body>
          </Sheet>
        ))}
        <Row wrap>
          <Button mode="contained" contentStyle={{ minHeight: 48 }} disabled={command.isPending} onPress={walk}>
            {bed.groundCaseId === null ? 'Walk this bed: what grows by itself?' : 'Go on with the walk'}
          </Button>
        </Row>
        {command.isError && <Trouble error={command.error} />}
      </Sheet>
      {reading.checks.length > 0 && (
        <Sheet tone="cool">
          <Heading rank={3}>The cheapest that would settle it</Heading>
          {reading.checks.map(({ id }) => {
            const check = rowById(knowledge.checks, id, 'checks');
            return (
              <View key={id} style={{ gap: 2 }}>
                <Body
                  strong
                >{`${check.name} · ${check.minutes} min${check.waitDays > 0 ? `, ${check.waitDays} days to wait` : ''}`}</Body>
                {check.steps.map((line, index) => (
                  <Small key={line}>{`${index + 1}. ${line}`}</Small>
                ))}
              </View>
            );
          })}
        </Sheet>
      )}
      {weeds.length > 0 && (
        <Sheet>
          <Heading rank={3}>What grows here by itself</Heading>
          {weeds.map((sign) => {
            const weed = knowledge.weeds.find(({ id }) => id === sign.id);
            return (
              <Row key={sign.id} gap={space.m} style={{ alignItems: 'flex-start' }}>
                <Plate spec={sign.plate} size={72} />
                <View style={{ flex: 1, gap: 2 }}>
                  <Body strong>{sign.name}</Body>
                  {weed && (
                    <Small>{`${weed.life.charAt(0).toUpperCase()}${weed.life.slice(1)}, ${rootWords[weed.root]}; spreads by ${weed.spreads}. ${weed.removal}`}</Small>
                  )}
                  {weed?.hints.map(({ of, why, grade }) => (
                    <Small
                      key={of}
                    >{`Hints at ${rowById(knowledge.conditions, of, 'conditions').name.toLowerCase()}: ${why} (${grade}).`}</Small>
                  ))}
                  {weed?.caution && <Small strong>{weed.caution}</Small>}
                </View>
              </Row>
            );
          })}
        </Sheet>
      )}
      {bed.cases.length > 0 && (
        <Row wrap>
          {bed.cases.slice(0, 8).map(({ id, name }) => (
            <LinkButton key={id} href={`/cases/${id}`}>
              {name}
            </LinkButton>
          ))}
        </Row>
      )}
    </>
  );
}

const rootWords: Record<WeedRoot, string> = {
  tap: 'tap root',
  runner: 'running roots',
  'creeping-stem': 'rooting stems',
  fibrous: 'fibrous roots',
  bulb: 'bulbs',
  rhizome: 'rhizomes',
  spores: 'no roots, spores',
};

const asNumber = (text: string): number | undefined => {
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? undefined : value;
};

/** Heights of the three layers in; the name of the soil and its place in the triangle out. */
function JarTest({ bed }: { bed: BedView }) {
  const [heights, setHeights] = useState({ sand: '', silt: '', clay: '' });
  const command = useCommand();
  const tell = useNotice();
  const [sand, silt, clay] = [heights.sand, heights.silt, heights.clay].map(asNumber);
  const isWhole = sand !== undefined && silt !== undefined && clay !== undefined && sand + silt + clay > 0;
  const texture = isWhole && Math.min(sand, silt, clay) >= 0 ? textureOf({ sand, silt, clay }) : undefined;
  const name = texture ? textureWords[textureClass(texture)] : undefined;
  return (
    <Sheet>
      <Heading rank={3}>Jar test</Heading>
      <Small>
        A third of a jar of soil, water, a drop of washing-up liquid; shake. Mark the layer after one minute (sand), two
        hours (silt) and two days (clay), and type each layer’s own height.
      </Small>
      <Row wrap>
        {(['sand', 'silt', 'clay'] as const).map((layer) => (
          <TextInput
            key={layer}
            mode="outlined"
            style={{ flex: 1, minWidth: 92 }}
            label={`${layer.charAt(0).toUpperCase()}${layer.slice(1)}, mm`}
            aria-label={`Height of the ${layer} layer in mm`}
            inputMode="decimal"
            value={heights[layer]}
            onChangeText={(text) => setHeights({ ...heights, [layer]: text })}
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
          >{`${name.charAt(0).toUpperCase()}${name.slice(1)}: ${Math.round(texture.sand)} % sand, ${Math.round(texture.silt)} % silt, ${Math.round(texture.clay)} % clay`}</Body>
          <Small>Each share is its layer’s height divided by all three. Good to about a tenth.</Small>
          <Button
            mode="contained"
            contentStyle={{ minHeight: 48 }}
            disabled={command.isPending}
            onPress={() =>
              command.mutate(
                {
                  path: `/beds/${bed.id}/soil-tests`,
                  body: { source: 'jar', found: { texture: { sand, silt, clay } } },
                },
                {
                  onSuccess: () => (
                    setHeights({ sand: '', silt: '', clay: '' }),
                    tell({ says: 'The jar test is noted.' })
                  ),
                },
              )
            }
          >
            Keep it for this bed
          </Button>
        </>
      )}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

const labFields = [
  ['ph', 'pH'],
  ['phosphorus', 'P, mg/kg'],
  ['potassium', 'K, mg/kg'],
  ['magnesium', 'Mg, mg/kg'],
  ['calcium', 'Ca, mg/kg'],
  ['nitrogen', 'N, mg/kg'],
  ['organicMatter', 'Humus, %'],
  ['ec', 'EC, mS/cm'],
] as const;

function LabTest({ bed }: { bed: BedView }) {
  const [values, setValues] = useState<Record<string, string>>({});
  const [csv, setCsv] = useState('');
  const command = useCommand();
  const tell = useNotice();
  const found = Object.fromEntries(
    labFields.flatMap(([key]) => {
      const value = asNumber(values[key] ?? '');
      return value === undefined ? [] : [[key, value]];
    }),
  );
  return (
    <Sheet>
      <Heading rank={3}>Laboratory or strip</Heading>
      <Small>
        Leave out what was not measured. Laboratories differ: where yours says low or high in words, trust that.
      </Small>
      <Row wrap>
        {labFields.map(([key, label]) => (
          <TextInput
            key={key}
            dense
            mode="outlined"
            style={{ width: 132 }}
            label={label}
            aria-label={`${label} of ${bed.name}`}
            inputMode="decimal"
            value={values[key] ?? ''}
            onChangeText={(text) => setValues({ ...values, [key]: text })}
          />
        ))}
      </Row>
      <Button
        mode="outlined"
        contentStyle={{ minHeight: 48 }}
        disabled={command.isPending || Object.keys(found).length === 0}
        onPress={() =>
          command.mutate(
            { path: `/beds/${bed.id}/soil-tests`, body: { source: 'lab', found } },
            { onSuccess: () => (setValues({}), tell({ says: 'The soil test is noted.' })) },
          )
        }
      >
        Keep these values
      </Button>
      <TextInput
        mode="outlined"
        multiline
        numberOfLines={3}
        label="Or paste CSV: bed,date,ph,potassium …"
        aria-label="Soil tests as CSV"
        value={csv}
        onChangeText={setCsv}
      />
      <Button
        mode="outlined"
        contentStyle={{ minHeight: 48 }}
        disabled={command.isPending || csv.trim() === ''}
        onPress={() =>
          command.mutate(
            { path: '/soil-tests/import', body: { csv } },
            { onSuccess: ({ imported }) => (setCsv(''), tell({ says: `${String(imported)} soil tests came in.` })) },
          )
        }
      >
        Import
      </Button>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

/** When each planting is picked: waits before harvest and the level to act on go by it. */
function Harvests({ bed }: { bed: BedView }) {
  const [days, setDays] = useState<Record<string, string>>({});
  const command = useCommand();
  if (bed.plantings.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>When will it be picked?</Heading>
      <Small>Remedies that need a longer wait are then left out.</Small>
      {bed.plantings.map(({ id, label, harvestOn }) => (
        <Row key={id} wrap>
          <TextInput
            dense
            mode="outlined"
            style={{ flex: 1, minWidth: 180 }}
            label={`${label}, day (YYYY-MM-DD)`}
            aria-label={`Day on which ${label} will be picked`}
            value={days[id] ?? harvestOn ?? ''}
            onChangeText={(text) => setDays({ ...days, [id]: text })}
          />
          <Button
            mode="outlined"
            contentStyle={{ minHeight: 48 }}
            accessibilityLabel={`Set the harvest of ${label}`}
            disabled={command.isPending || days[id] === undefined}
            onPress={() =>
              command.mutate({
                path: `/plantings/${id}/harvest`,
                body: { on: days[id]?.trim() ? days[id].trim() : null },
              })
            }
          >
            Set
          </Button>
        </Row>
      ))}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

function Tests({ bed }: { bed: BedView }) {
  if (bed.soilTests.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>What was measured here</Heading>
      {bed.soilTests.map(({ id, on, found, texture }) => (
        <Small key={id}>
          {`${fullDate(on)}: ${[
            texture === null ? '' : (textureWords[texture as keyof typeof textureWords] ?? texture),
            ...labFields.flatMap(([key, label]) =>
              found[key] === undefined ? [] : [`${label.split(',')[0]} ${found[key]}`],
            ),
          ]
            .filter(Boolean)
            .join(', ')}`}
        </Small>
      ))}
    </Sheet>
  );
}
