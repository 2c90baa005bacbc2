import type { CaseView, SpecksCount, SpottedShare } from '@trowel/core/contract';
import {
  cannotCount,
  cannotMeasure,
  dayAndMonth,
  mostLike,
  specksLine,
  specksWords,
  spottedLine,
  spottedWords,
} from '@trowel/core/wording';
import { useEffect, useRef, useState } from 'react';
import { Image, View } from 'react-native';
import { photoAt } from '@/api/photos';
import { useAct } from '@/api/queries';
import { ink } from '@/drawing/ink';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Dragged } from '@/ui/Dragged';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { measureWorker } from '@/workers';
import type { AskedMeasure, MeasuredThing, ToldMeasure } from '@/workers/measure.worker';

type Photo = CaseView['photos'][number];
type Job = CaseView['jobs'][number];
type Told<Kind extends ToldMeasure['kind']> = Extract<ToldMeasure, { kind: Kind }>;
type Drawn = Told<'measured'> | Told<'counted'>;
type Shown = Exclude<ToldMeasure, Drawn> | (Drawn & { readonly url: string });

/**
 * A photograph measured: how much of a leaf is sick, or how many specks there are on a card; shown, put right by thumb,
 * and kept. @param cardJob the job whose count is made on cards
 */
export function MeasurePhoto({
  photo,
  cardJob,
  isOpen,
  setOpen,
}: {
  photo: Photo;
  cardJob?: Job;
  isOpen: boolean;
  setOpen: (isOpen: boolean) => void;
}) {
  const [thing, setThing] = useState<MeasuredThing>(cardJob ? 'card' : 'leaf');
  return (
    <View style={{ gap: space.s }}>
      <Row>
        <Toggle expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          {`Measure the photograph of ${dayAndMonth(photo.on)}`}
        </Toggle>
      </Row>
      {isOpen && (
        <>
          <Row wrap>
            <Toggle pressed={thing === 'leaf'} onPress={() => setThing('leaf')}>
              One leaf
            </Toggle>
            <Toggle pressed={thing === 'card'} onPress={() => setThing('card')}>
              Specks on a card
            </Toggle>
          </Row>
          <Measuring
            key={`${photo.id} ${thing}`}
            photo={photo}
            thing={thing}
            cardJob={cardJob}
            onKept={() => setOpen(false)}
          />
        </>
      )}
    </View>
  );
}

interface MeasuringProps {
  readonly photo: Photo;
  readonly cardJob: Job | undefined;
  readonly onKept: () => void;
}

function Measuring({ thing, ...props }: MeasuringProps & { readonly thing: MeasuredThing }) {
  const { photo } = props;
  const { told, drawAt } = useMeasured(photo.id, thing);
  if (!told) return <Small>Measuring …</Small>;
  if (told.kind === 'broken') return <Trouble error={new Error(`It could not be measured: ${told.why}`)} />;
  if (told.kind === 'cannot' || told.kind === 'cannot-count')
    return (
      <Sheet tone="deep">
        <Body>{told.kind === 'cannot' ? cannotMeasure[told.because] : cannotCount[told.because]}</Body>
      </Sheet>
    );
  const isLeaf = told.kind === 'measured';
  return (
    <View style={{ gap: space.s, maxWidth: 480 }}>
      <Body>{isLeaf ? spottedLine(told) : specksLine(told)}</Body>
      <Painted
        photo={photo}
        over={told.url}
        says={isLeaf ? 'The leaf, sick parts painted' : 'The card, specks painted'}
      />
      <Line level={told.level} onDraw={drawAt} words={lineWords[thing]} />
      <Small>{lineWords[thing].how}</Small>
      {isLeaf ? <KeepLeaf told={told} {...props} /> : <KeepCard told={told} {...props} />}
    </View>
  );
}

const lineWords = {
  leaf: {
    between: 'sound and sick',
    less: 'Less is sick',
    more: 'More is sick',
    how: 'For one leaf, flat on white paper; a powdery one shows better on coloured paper. What is painted counts as sick: move the line until it fits.',
  },
  card: {
    between: 'card and speck',
    less: 'Fewer specks',
    more: 'More specks',
    how: 'For a card of one colour, without a printed grid, that fills the picture. What is painted is counted: move the line until it fits.',
  },
} as const;
type LineWords = (typeof lineWords)[MeasuredThing];

/** Keeps what was measured with its photograph; taken back in one tap. */
function useKeeping({ id, spotted, specks }: Photo, onKept: () => void) {
  const measurePhoto = useAct('measurePhoto');
  const tell = useNotice();
  const keep = (body: { spotted: SpottedShare } | { specks: SpecksCount }, says: string) =>
    measurePhoto.mutate(
      { id, body },
      {
        onSuccess: () => {
          onKept();
          const before = 'spotted' in body ? { spotted } : { specks };
          tell({ says: `Kept: ${says}.`, undo: () => measurePhoto.mutate({ id, body: before }) });
        },
        onError: (error) => tell({ says: error.message }),
      },
    );
  return { keep, isBusy: measurePhoto.isPending };
}

const keepLabel = 'Keep it with the photograph';

function KeepLeaf({ told, photo, onKept }: MeasuringProps & { readonly told: Told<'measured'> }) {
  const { keep, isBusy } = useKeeping(photo, onKept);
  const { share, low, high, looks } = told;
  const spotted = { share, low, high, look: mostLike(looks) };
  return (
    <Row>
      <Button kind="other" disabled={isBusy} onPress={() => keep({ spotted }, spottedWords(spotted))}>
        {keepLabel}
      </Button>
    </Row>
  );
}

function KeepCard({ told, photo, cardJob, onKept }: MeasuringProps & { readonly told: Told<'counted'> }) {
  const { keep, isBusy } = useKeeping(photo, onKept);
  const addCount = useAct('addCount');
  const takeBack = useAct('takeBackCount');
  const tell = useNotice();
  const { count, low, high } = told;
  const specks = { count, low, high };
  const asCount = ({ id: jobId, remedyName }: Job) =>
    addCount.mutate(
      { says: `Counted: ${count}`, body: { jobId, unit: 'number', counts: [count] } },
      {
        onSuccess: ({ id }) => {
          onKept();
          tell({ says: `Counted for ${remedyName}: ${specksWords(specks)}.`, undo: () => takeBack.mutate({ id }) });
        },
        onError: (error) => tell({ says: error.message }),
      },
    );
  return (
    <Row wrap>
      {cardJob && (
        <Button kind="main" disabled={addCount.isPending} onPress={() => asCount(cardJob)}>
          {`Take it as the count for ${cardJob.remedyName}`}
        </Button>
      )}
      <Button kind="other" disabled={isBusy} onPress={() => keep({ specks }, specksWords(specks))}>
        {keepLabel}
      </Button>
    </Row>
  );
}

/** What the worker says of a photograph; while it measures, only the last place of the line waits. */
function useMeasured(id: string, of: MeasuredThing) {
  const [told, setTold] = useState<Shown>();
  const worker = useRef<Worker>(undefined);
  const isBusy = useRef(true);
  const waits = useRef<number>(undefined);
  const ask = (level: number) => {
    isBusy.current = true;
    const asked: AskedMeasure = { kind: 'line', level };
    worker.current?.postMessage(asked);
  };
  useEffect(() => {
    const thread = measureWorker();
    worker.current = thread;
    const broken = (why: string) => setTold({ kind: 'broken', why });
    let url: string | undefined;
    const forget = () => url !== undefined && URL.revokeObjectURL(url);
    thread.onmessage = ({ data }: MessageEvent<ToldMeasure>) => {
      forget();
      const drawn = 'shown' in data ? data : undefined;
      url = drawn && URL.createObjectURL(drawn.shown);
      setTold(drawn ? { ...drawn, url: url ?? '' } : (data as Exclude<ToldMeasure, Drawn>));
      isBusy.current = false;
      const next = waits.current;
      waits.current = undefined;
      if (next !== undefined) ask(next);
    };
    thread.onerror = ({ message }) => broken(message);
    fetch(photoAt(id))
      .then((answer) => (answer.ok ? answer.blob() : Promise.reject(new Error('the photograph was not found'))))
      .then((jpeg) => {
        // A colour that no leaf has.
        const asked: AskedMeasure = { kind: 'picture', of, jpeg, paint: ink.water };
        thread.postMessage(asked);
      })
      .catch((error: Error) => broken(error.message));
    return () => {
      thread.terminate();
      forget();
    };
  }, [id, of]);
  const drawAt = (level: number) => {
    if (isBusy.current) waits.current = level;
    else ask(level);
  };
  return { told, drawAt };
}

/** The photograph with what counts painted over it. */
function Painted({ photo, over, says }: { photo: Photo; over: string; says: string }) {
  const whole = { position: 'absolute', top: 0, left: 0, width: '100%', height: '100%' } as const;
  return (
    <View style={{ width: '100%', aspectRatio: photo.width / photo.height }}>
      <Image source={{ uri: photoAt(photo.id) }} aria-hidden resizeMode="stretch" style={whole} />
      <Image source={{ uri: over }} aria-label={says} resizeMode="stretch" style={whole} />
    </View>
  );
}

const knob = 56;
const nudge = 0.05;

/** Where sound ends and sick begins, pulled by thumb or moved by the arrow keys. */
function Line({ level, onDraw, words }: { level: number; onDraw: (level: number) => void; words: LineWords }) {
  const roles = useRoles();
  const [width, setWidth] = useState(300);
  const [held, setHeld] = useState<number>();
  const from = useRef(level);
  const now = held ?? level;
  const put = (wanted: number) => {
    const next = Math.min(1, Math.max(0, wanted));
    setHeld(next);
    onDraw(next);
  };
  const reach = Math.max(1, width - knob);
  return (
    <View style={{ gap: 4 }}>
      <View
        style={{ height: knob, justifyContent: 'center' }}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}
      >
        <View style={{ height: 6, borderRadius: 3, marginHorizontal: knob / 2, backgroundColor: roles.line }} />
        <Dragged
          label={`The line between ${words.between}, at ${Math.round(now * 100)} of 100`}
          style={{
            position: 'absolute',
            left: now * reach,
            width: knob,
            height: knob,
            borderRadius: knob / 2,
            borderWidth: 3,
            borderColor: roles.act,
            backgroundColor: roles.raised,
          }}
          onStart={() => (from.current = now)}
          onPull={({ dx }) => put(from.current + dx / reach)}
          onDrop={() => undefined}
          onNudge={(right) => put(now + right * nudge)}
        />
      </View>
      <Row style={{ justifyContent: 'space-between' }}>
        <Small>{words.less}</Small>
        <Small>{words.more}</Small>
      </Row>
    </View>
  );
}
