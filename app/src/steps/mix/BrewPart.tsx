import type { BenchView } from '@trowel/core/contract';
import {
  bulkWords,
  measureWater,
  millilitres,
  readNumber,
  toSi,
  trim,
  type MeasureSystem,
} from '@trowel/core/measures';
import { brewWords, dayWords } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { Tag } from '@/drawing/Tag';
import { space } from '@/theme/theme';
import { Field } from '@/ui/Field';
import { Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { ReadFirst } from '@/ui/ReadFirst';
import { Empty, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { StartBatch } from './StartBatch';
import { VesselChoice } from './VesselChoice';

type BatchView = BenchView['batches'][number];

/** What stands and brews: what it wants today, how strong it is, how much is left, and a new one. */
export function BrewPart({ bench, measures }: { bench: BenchView; measures: MeasureSystem }) {
  const wide = useIsWide();
  const standing = bench.batches.filter(({ stage }) => stage !== 'gone');
  const gone = bench.batches.length - standing.length;
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 3 : undefined, gap: space.m, minWidth: 0 }}>
        {standing.length === 0 && (
          <Empty title="Nothing is brewing">
            <Body>
              A weed brew takes a week in warmth, shells in vinegar some days. Start one, and its days are counted here.
            </Body>
          </Empty>
        )}
        {standing.map((batch) => (
          <BatchCard key={batch.id} batch={batch} bench={bench} measures={measures} />
        ))}
        {gone > 0 && <Small>{`${gone} used up or thrown out.`}</Small>}
        {standing.length > 0 && (
          <Row>
            <LinkButton href="/labels" mode="outlined">
              Labels to print
            </LinkButton>
          </Row>
        )}
      </View>
      <View style={{ flex: wide ? 2 : undefined, gap: space.m, minWidth: 0 }}>
        <StartBatch bench={bench} measures={measures} />
      </View>
    </View>
  );
}

const volumeWords = (ml: number, system: MeasureSystem) => bulkWords(measureWater(millilitres(ml), system));

function BatchCard({ batch, bench, measures }: { batch: BatchView; bench: BenchView; measures: MeasureSystem }) {
  const command = useCommand();
  const tell = useNotice();
  const [using, setUsing] = useState(false);
  const takeBack = () => command.mutate({ path: `/batches/${batch.id}/take-back` });
  const note = (kind: string, says: string, body: Record<string, unknown> = {}) =>
    command.mutate(
      { path: `/batches/${batch.id}/events`, body: { kind, ...body } },
      { onSuccess: () => tell({ says: `${batch.name}: ${says}.`, undo: takeBack }) },
    );
  const due = batch.chores.filter((chore) => chore.due);
  return (
    <Sheet tone={batch.stage === 'past' ? 'warn' : batch.stage === 'ready' ? 'good' : 'plain'}>
      <Row style={{ justifyContent: 'space-between' }}>
        <Row>
          <Tag pattern={batch.pattern} width={44} />
          <Heading rank={3}>{batch.name}</Heading>
        </Row>
        <Small strong>{volumeWords(batch.leftMl, measures)} left</Small>
      </Row>
      <Body>{`${capital(brewWords(batch, bench.today))}${batch.vessel ? `, in ${batch.vessel}` : ''}.`}</Body>
      <Body
        strong
      >{`${batch.stage === 'working' ? 'When ready' : 'Now'}: 1 part to ${trim(batch.parts, 0)} of water; it gives ${volumeWords(batch.givesMl, measures)}.`}</Body>
      {batch.dissolvedPercent !== undefined && batch.stage === 'working' && (
        <Small>{`About ${trim(batch.dissolvedPercent, 0)} % dissolved (estimate); ${trim(batch.calcium ?? 0, 0)} mg/L calcium when done.`}</Small>
      )}
      {batch.startNextBy && (
        <Small strong>{`At this pace begin the next ${dayWords(batch.startNextBy, bench.today)}.`}</Small>
      )}
      {due.map(({ does, why }) => (
        <Body key={does}>{`Today: ${does.charAt(0).toLowerCase()}${does.slice(1)} (${why}).`}</Body>
      ))}
      <Row wrap>
        {batch.stage === 'working' && (
          <Button mode="contained" contentStyle={{ minHeight: 48 }} onPress={() => note('stirred', 'stirred')}>
            Stirred
          </Button>
        )}
        {batch.stage === 'working' && batch.kind === 'shell-extract' && (
          <Button
            mode="outlined"
            contentStyle={{ minHeight: 48 }}
            onPress={() => note('fizz-ended', 'the fizz has ended')}
          >
            No more fizz
          </Button>
        )}
        {batch.stage === 'ready' && (
          <Toggle expanded={using} onPress={() => setUsing(!using)}>
            Use some
          </Toggle>
        )}
        {batch.stage === 'ready' && batch.chores.length > 0 && (
          <Button mode="outlined" contentStyle={{ minHeight: 48 }} onPress={() => note('strained', 'strained')}>
            Strained
          </Button>
        )}
        <Button contentStyle={{ minHeight: 48 }} onPress={() => note('thrown-out', 'thrown out')}>
          Throw out
        </Button>
      </Row>
      {using && <UseSome batch={batch} bench={bench} measures={measures} done={() => setUsing(false)} />}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

/** So much of it, on what, out of which can; the rules speak before it is noted. */
function UseSome({
  batch,
  bench,
  measures,
  done,
}: {
  batch: BatchView;
  bench: BenchView;
  measures: MeasureSystem;
  done: () => void;
}) {
  const command = useCommand();
  const tell = useNotice();
  const unit = measures === 'us' || measures === 'imperial' ? 'fl oz' : 'mL';
  const [amount, setAmount] = useState('');
  const [vesselId, setVessel] = useState<string>();
  const [raw, setRaw] = useState(false);
  const ml = toSi('volume', readNumber(amount) ?? 0, unit, measures) ?? 0;
  const save = (acknowledged: readonly string[]) =>
    command.mutate(
      {
        path: `/batches/${batch.id}/events`,
        body: {
          kind: 'used',
          ml: Math.round(ml * 10) / 10,
          goesOn: raw ? 'raw-leaves' : batch.kind === 'neem' ? 'leaves' : 'soil',
          acknowledged,
          ...(vesselId === undefined ? {} : { vesselId }),
        },
      },
      {
        onSuccess: () => {
          tell({ says: `${amount} ${unit} of ${batch.name.toLowerCase()} used.` });
          done();
        },
      },
    );
  return (
    <View style={{ gap: space.s }}>
      <Row wrap>
        <Field
          label={`Of the brew, ${unit}`}
          says={`Of the brew itself, in ${unit}`}
          value={amount}
          change={setAmount}
          numeric
          width={150}
        />
        <Toggle pressed={raw} onPress={() => setRaw(!raw)}>
          On something eaten raw
        </Toggle>
      </Row>
      <VesselChoice vessels={bench.vessels} chosen={vesselId} choose={setVessel} />
      {ml > 0 && <Small>{`Fill up with ${volumeWords(ml * batch.parts, measures)} of water.`}</Small>}
      {ml > 0 && <ReadFirst cautions={batch.cautions} done={save} label="Note it as used" />}
      {command.isError && <Trouble error={command.error} />}
    </View>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
