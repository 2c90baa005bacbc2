import type { BenchView } from '@trowel/core/contract';
import { readNumber, trim } from '@trowel/core/measures';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Row, Sheet, useIsWide } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Empty, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** What is in the house, what is to be bought, what sprayers held, and the gardener's own rules. */
export function CupboardPart({ bench }: { bench: BenchView }) {
  const wide = useIsWide();
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        <Shelf bench={bench} />
        <Shopping bench={bench} />
      </View>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        <Vessels bench={bench} />
        <OwnRules bench={bench} />
      </View>
    </View>
  );
}

function Shelf({ bench }: { bench: BenchView }) {
  const command = useCommand();
  const tell = useNotice();
  const [name, setName] = useState('');
  const [amount, setAmount] = useState('');
  const [pack, setPack] = useState('');
  const [price, setPrice] = useState('');
  const put = (value: string, key: string) => {
    const number = readNumber(value);
    return number === undefined ? {} : { [key]: number };
  };
  const keep = () =>
    command.mutate(
      {
        path: '/cupboard',
        body: {
          ingredient: name.trim(),
          wanted: false,
          ...put(amount, 'amount'),
          ...put(pack, 'packSize'),
          ...put(price, 'packPrice'),
        },
      },
      {
        onSuccess: () => {
          tell({ says: `${name.trim()}: in the cupboard.` });
          for (const clear of [setName, setAmount, setPack, setPrice]) clear('');
        },
      },
    );
  const want = (ingredient: string, wanted: boolean) =>
    command.mutate({ path: '/cupboard', body: { ingredient, wanted } });
  const drop = (row: BenchView['cupboard'][number]) =>
    command.mutate(
      { path: `/cupboard/${row.ingredient}/drop` },
      {
        onSuccess: () =>
          tell({
            says: `${row.name} is out of the cupboard.`,
            undo: () => {
              const { name: _name, ...kept } = row;
              command.mutate({ path: '/cupboard', body: kept });
            },
          }),
      },
    );
  return (
    <Sheet>
      <Heading>Cupboard</Heading>
      {bench.cupboard.length === 0 && (
        <Body soft>Nothing noted. What stands here is chosen from first, and priced.</Body>
      )}
      {bench.cupboard.map((row) => (
        <Row key={row.ingredient} style={{ justifyContent: 'space-between' }}>
          <View style={{ flex: 1, minWidth: 0 }}>
            <Body strong>{row.name}</Body>
            <Small>
              {[
                row.amount === null ? (row.wanted ? 'none yet' : 'some') : `${trim(row.amount, 1)} ${row.unit}`,
                row.percent === null ? '' : `${row.percent} %`,
                row.packSize !== null && row.packPrice !== null
                  ? `${row.packPrice.toFixed(2)} for ${trim(row.packSize, 0)} ${row.unit}`
                  : '',
              ]
                .filter((words) => words !== '')
                .join(' · ')}
            </Small>
          </View>
          <Row>
            <Toggle
              pressed={row.wanted}
              label={`Buy ${row.name.toLowerCase()}`}
              onPress={() => want(row.ingredient, !row.wanted)}
            >
              Buy
            </Toggle>
            <Toggle label={`Take ${row.name.toLowerCase()} out`} onPress={() => drop(row)}>
              Out
            </Toggle>
          </Row>
        </Row>
      ))}
      <Field label="What" says="What goes into the cupboard" value={name} change={setName} />
      <Row wrap>
        <Field label="mL or g" says="How much, in mL or g" value={amount} change={setAmount} numeric least={96} />
        <Field label="Pack" says="A pack holds, in mL or g" value={pack} change={setPack} numeric least={96} />
        <Field label="Price" says="A pack costs" value={price} change={setPrice} numeric least={96} />
      </Row>
      <Row>
        <Button mode="contained" contentStyle={{ minHeight: 48 }} disabled={name.trim() === ''} onPress={keep}>
          Put it in
        </Button>
      </Row>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

function Shopping({ bench }: { bench: BenchView }) {
  return (
    <Sheet tone={bench.shopping.length > 0 ? 'cool' : 'deep'}>
      <Heading>To buy</Heading>
      {bench.shopping.length === 0 && <Body>Nothing.</Body>}
      {bench.shopping.map(({ ingredient, name, why }) => (
        <Body key={ingredient}>{`${name}: ${why}.`}</Body>
      ))}
    </Sheet>
  );
}

const vesselKinds = [
  { id: 'sprayer', name: 'Sprayer' },
  { id: 'can', name: 'Can' },
  { id: 'jar', name: 'Jar' },
  { id: 'bucket', name: 'Bucket' },
] as const;

function Vessels({ bench }: { bench: BenchView }) {
  const command = useCommand();
  const tell = useNotice();
  const [name, setName] = useState('');
  const [litres, setLitres] = useState('1.5');
  const [kind, setKind] = useState<(typeof vesselKinds)[number]['id']>('sprayer');
  const volume = readNumber(litres) ?? 0;
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
          <View style={{ flexShrink: 1 }}>
            <Body strong>{vessel.name}</Body>
            <Small>{`${trim(vessel.volumeMl / 1000, 2)} L · ${vessel.held ? `held ${vessel.held.toLowerCase()}` : 'clean'}`}</Small>
          </View>
          {vessel.held && (
            <Toggle
              label={`${vessel.name} has been washed three times`}
              onPress={() =>
                command.mutate(
                  { path: `/vessels/${vessel.id}`, body: { washed: true } },
                  { onSuccess: () => tell({ says: `${vessel.name} is clean.` }) },
                )
              }
            >
              Washed 3 times
            </Toggle>
          )}
        </Row>
      ))}
      <Row wrap>
        <Field label="Its name" says="Name of a sprayer or jar" value={name} change={setName} least={130} />
        <Field label="Litres" says="It holds, in litres" value={litres} change={setLitres} numeric least={90} />
      </Row>
      <Choices of={vesselKinds} chosen={kind} choose={setKind} />
      <Row>
        <Button
          mode="outlined"
          contentStyle={{ minHeight: 48 }}
          disabled={name.trim() === '' || volume <= 0}
          onPress={() =>
            command.mutate(
              { path: '/vessels', body: { name: name.trim(), kind, volumeMl: volume * 1000 } },
              { onSuccess: () => setName('') },
            )
          }
        >
          Add it
        </Button>
      </Row>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

/** What some households will not have, by class; words as people say them. */
const offered: readonly (readonly [name: string, says: string])[] = [
  ['bought', 'Nothing bought'],
  ['peroxide', 'No peroxide'],
  ['borate', 'No borates'],
  ['soap', 'No soap'],
  ['oil', 'No oil'],
  ['sulphur', 'No sulphur'],
  ['copper', 'No copper'],
  ['insecticide', 'No insect poisons'],
  ['broad', 'No knockdowns'],
  ['milk', 'No milk'],
  ['ferment', 'No brews'],
];

function OwnRules({ bench }: { bench: BenchView }) {
  const command = useCommand();
  const { forbids, onlyFromCupboard, schools } = bench.preferences;
  const set = (body: Record<string, unknown>) => command.mutate({ path: '/preferences', body });
  return (
    <Sheet>
      <Heading>My rules</Heading>
      <Small>What is ruled out is left out of every choice, and said so.</Small>
      <Row wrap>
        {offered.map(([name, says]) => {
          // Borates are an ingredient of the bait, whose own class is bait.
          const ids = name === 'borate' ? ['boric-acid', 'borax'] : [name];
          const isOn = ids.every((id) => forbids.includes(id));
          return (
            <Toggle
              key={name}
              pressed={isOn}
              onPress={() =>
                set({ forbids: isOn ? forbids.filter((id) => !ids.includes(id)) : [...new Set([...forbids, ...ids])] })
              }
            >
              {says}
            </Toggle>
          );
        })}
        <Toggle pressed={onlyFromCupboard} onPress={() => set({ onlyFromCupboard: !onlyFromCupboard })}>
          Only from the cupboard
        </Toggle>
      </Row>
      {Object.entries(schools).map(([remedy, strength]) => {
        const row = knowledge.remedies.find(({ id }) => id === remedy);
        const kept = row?.recipe?.strengths.find(({ id }) => id === strength);
        return (
          <Row key={remedy} wrap style={{ justifyContent: 'space-between' }}>
            <Body style={{ flexShrink: 1 }}>{`${row?.name ?? remedy}: ${kept?.label ?? strength}`}</Body>
            <Toggle
              label={`Forget the strength of ${row?.name ?? remedy}`}
              onPress={() => set({ schools: { [remedy]: null } })}
            >
              Forget
            </Toggle>
          </Row>
        );
      })}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}
