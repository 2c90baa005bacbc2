import type { BenchView } from '@trowel/core/contract';
import { addDays, inWords, mgPerLitre, mL, plainNumber, type MeasureSystem } from '@trowel/core/quantities';
import { brewWords, capital, readyWords, dayWords, lowerFirst, waterWords } from '@trowel/core/wording';
import { batchGives, type BatchEventKind } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { Jar } from '@/drawing/Jar';
import { Tag } from '@/drawing/Tag';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
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
            <LinkButton href="/labels" kind="other">
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

function BatchCard({ batch, bench, measures }: { batch: BatchView; bench: BenchView; measures: MeasureSystem }) {
  const noteEvent = useAct('noteBatch');
  const takeBackEvent = useAct('takeBackBatchEvent');
  const tell = useNotice();
  const [using, setUsing] = useState(false);
  const again = useAct('repeatBatch');
  const note = (kind: Exclude<BatchEventKind, 'used'>, says: string) =>
    noteEvent.mutate(
      { id: batch.id, body: { kind } },
      {
        onSuccess: () => tell({ says: `${batch.name}: ${says}.`, undo: () => takeBackEvent.mutate({ id: batch.id }) }),
      },
    );
  const error = noteEvent.error ?? takeBackEvent.error ?? again.error;
  const isWatched = batch.chores.some(({ kind }) => kind === 'look-ready');
  const due = batch.chores.filter((chore) => chore.due);
  return (
    <Sheet tone={batch.stage === 'past' ? 'warn' : batch.stage === 'ready' ? 'good' : 'plain'}>
      <Row style={{ justifyContent: 'space-between' }}>
        <Row>
          <Tag pattern={batch.pattern} width={44} />
          <Heading rank={3}>{batch.name}</Heading>
        </Row>
        <Small strong>{waterWords(batch.leftMl, measures)} left</Small>
      </Row>
      <Row gap={space.m} style={{ alignItems: 'flex-start' }}>
        <Jar kind={batch.kind} full={batch.leftMl / batch.volumeMl} day={batch.age} stage={batch.stage} />
        <View style={{ flex: 1, minWidth: 0, gap: space.xs }}>
          <Body>{`${capital(brewWords(batch, bench.today))}${batch.vessel ? `, in ${batch.vessel}` : ''}.`}</Body>
          <Body
            strong
          >{`${batch.stage === 'working' ? 'When ready' : 'Now'}: 1 part to ${plainNumber(Math.round(batch.parts))} of water; it gives ${waterWords(batch.givesMl, measures)}.`}</Body>
        </View>
      </Row>
      {batch.dissolvedPercent !== undefined && batch.stage === 'working' && (
        <Small>{`About ${Math.round(batch.dissolvedPercent)} % dissolved (estimate); ${inWords(mgPerLitre(Math.round(batch.calcium ?? 0)), measures)} calcium when done.`}</Small>
      )}
      {batch.startNextBy && (
        <Small
          strong
        >{`At this pace begin the next ${batch.startNextBy <= bench.today ? 'today' : dayWords(batch.startNextBy, bench.today)}.`}</Small>
      )}
      {due.map(({ kind, does, why }) => (
        <Body key={kind}>{`Today: ${lowerFirst(does)} (${why}).`}</Body>
      ))}
      {isWatched && (
        <View role="group" aria-label={readyWords[batch.kind]} style={{ gap: space.s }}>
          <Small strong>{readyWords[batch.kind]}</Small>
          <Row wrap>
            <Button kind="other" onPress={() => note('ready-seen', 'ready')}>
              Yes, ready
            </Button>
            <Button kind="other" onPress={() => note('not-yet', 'not ready yet')}>
              Not yet
            </Button>
            <Button kind="other" onPress={() => note('gone-off', 'gone off')}>
              Gone off
            </Button>
          </Row>
        </View>
      )}
      {batch.startNextBy && batch.startNextBy <= addDays(bench.today, soonDays) && (
        <Row>
          <Button
            kind={batch.startNextBy <= bench.today ? 'main' : 'other'}
            disabled={again.isPending}
            onPress={() =>
              again.mutate(
                { id: batch.id },
                { onSuccess: () => tell({ says: `Another ${lowerFirst(batch.name)} has begun.` }) },
              )
            }
          >
            Begin one like it today
          </Button>
        </Row>
      )}
      <Row wrap>
        {batch.stage === 'working' && (
          <Button kind="soft" onPress={() => note('stirred', 'stirred')}>
            Stirred
          </Button>
        )}
        {batch.stage === 'working' && batch.kind === 'shell-extract' && (
          <Button kind="other" onPress={() => note('fizz-ended', 'the fizz has ended')}>
            No more fizz
          </Button>
        )}
        {batch.stage === 'ready' && (
          <Toggle expanded={using} onPress={() => setUsing(!using)}>
            Use some
          </Toggle>
        )}
        {batch.stage === 'ready' && batch.chores.length > 0 && (
          <Button kind="other" onPress={() => note('strained', 'strained')}>
            Strained
          </Button>
        )}
        {remedyOf(batch.kind) && batch.stage !== 'past' && (
          <LinkButton href={`/jobs/new?remedy=${remedyOf(batch.kind)}`}>Plan using it</LinkButton>
        )}
        {/* What ends it stands apart. */}
        <View style={{ marginLeft: 'auto' }}>
          <Button onPress={() => note('thrown-out', 'thrown out')}>Throw out</Button>
        </View>
      </Row>
      {using && <UseSome batch={batch} bench={bench} measures={measures} done={() => setUsing(false)} />}
      {error && <Trouble error={error} />}
    </Sheet>
  );
}

/** The next one is begun from here when its day is no further away. */
const soonDays = 7;

/** The remedy that is drawn from such a brew. */
const remedyOf = (kind: BatchView['kind']): string | undefined =>
  knowledge.remedies.find(({ recipe }) => recipe !== undefined && recipe.ingredient === batchGives[kind])?.id;

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
  const noteEvent = useAct('noteBatch');
  const tell = useNotice();
  const amount = useQuantity(`use-${batch.id}`, 'volume', undefined, measures);
  const [vesselId, setVessel] = useState<string>();
  const [raw, setRaw] = useState(false);
  const ml = amount.base ?? 0;
  const save = (acknowledged: readonly string[]) =>
    noteEvent.mutate(
      {
        id: batch.id,
        body: {
          kind: 'used',
          ml: Math.round(ml * 10) / 10,
          goesOn: raw ? 'raw-leaves' : batch.kind === 'neem' ? 'leaves' : 'soil',
          acknowledged: [...acknowledged],
          ...(vesselId === undefined ? {} : { vesselId }),
        },
      },
      {
        onSuccess: () => {
          amount.forget();
          tell({ says: `${inWords(mL(ml), measures)} of ${lowerFirst(batch.name)} used.` });
          done();
        },
      },
    );
  return (
    <View style={{ gap: space.s }}>
      <Row wrap>
        <QuantityField label="Of the brew itself" {...amount.field} />
        <Toggle pressed={raw} onPress={() => setRaw(!raw)}>
          On something eaten raw
        </Toggle>
      </Row>
      <VesselChoice vessels={bench.vessels} chosen={vesselId} choose={setVessel} />
      {ml > 0 && <Small>{`Fill up with ${waterWords(ml * batch.parts, measures)} of water.`}</Small>}
      {ml > 0 && <ReadFirst cautions={batch.cautions} done={save} label="Note it as used" />}
      {noteEvent.error && <Trouble error={noteEvent.error} />}
    </View>
  );
}
