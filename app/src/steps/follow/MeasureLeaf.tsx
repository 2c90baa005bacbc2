import type { CaseView } from '@trowel/core/contract';
import { cannotMeasure, dayAndMonth, spottedLine, spottedWords } from '@trowel/core/wording';
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
import type { AskedMeasure, ToldMeasure } from '@/workers/measure.worker';

type Photo = CaseView['photos'][number];
type Shown =
  Exclude<ToldMeasure, { kind: 'measured' }> | (Extract<ToldMeasure, { kind: 'measured' }> & { readonly url: string });

/** How much of the leaf on a photograph is spotted: measured, shown, put right by thumb, and kept. */
export function MeasureLeaf({ photo }: { photo: Photo }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <View style={{ gap: space.s }}>
      <Row>
        <Toggle expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          {`Measure the leaf of ${dayAndMonth(photo.on)}`}
        </Toggle>
      </Row>
      {isOpen && <Measuring key={photo.id} photo={photo} onKept={() => setOpen(false)} />}
    </View>
  );
}

function Measuring({ photo, onKept }: { photo: Photo; onKept: () => void }) {
  const { told, drawAt } = useMeasured(photo.id);
  const measurePhoto = useAct('measurePhoto');
  const tell = useNotice();
  if (!told) return <Small>Measuring …</Small>;
  if (told.kind === 'broken') return <Trouble error={new Error(`It could not be measured: ${told.why}`)} />;
  if (told.kind === 'cannot')
    return (
      <Sheet tone="deep">
        <Body>{cannotMeasure[told.because]}</Body>
      </Sheet>
    );
  const { share, low, high } = told;
  const keep = () => {
    const { id, spotted: before } = photo;
    measurePhoto.mutate(
      { id, body: { spotted: { share, low, high } } },
      {
        onSuccess: () => {
          onKept();
          tell({
            says: `Kept: ${spottedWords({ share })}.`,
            undo: () => measurePhoto.mutate({ id, body: { spotted: before } }),
          });
        },
        onError: (error) => tell({ says: error.message }),
      },
    );
  };
  return (
    <View style={{ gap: space.s, maxWidth: 480 }}>
      <Body>{spottedLine({ share, low, high })}</Body>
      <Painted photo={photo} over={told.url} />
      <Line level={told.level} onDraw={drawAt} />
      <Small>
        For one leaf, flat on white paper; a powdery one shows better on coloured paper. What is painted counts as
        spotted: move the line until it fits.
      </Small>
      <Row>
        <Button kind="other" disabled={measurePhoto.isPending} onPress={keep}>
          Keep it with the photograph
        </Button>
      </Row>
    </View>
  );
}

/** What the worker says of a photograph; while it measures, only the last place of the line waits. */
function useMeasured(id: string) {
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
      url = data.kind === 'measured' ? URL.createObjectURL(data.shown) : undefined;
      setTold(data.kind === 'measured' ? { ...data, url: url ?? '' } : data);
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
        const asked: AskedMeasure = { kind: 'picture', jpeg, paint: ink.water };
        thread.postMessage(asked);
      })
      .catch((error: Error) => broken(error.message));
    return () => {
      thread.terminate();
      forget();
    };
  }, [id]);
  const drawAt = (level: number) => {
    if (isBusy.current) waits.current = level;
    else ask(level);
  };
  return { told, drawAt };
}

/** The photograph with what counts as spotted painted over it. */
function Painted({ photo, over }: { photo: Photo; over: string }) {
  const whole = { position: 'absolute', top: 0, left: 0, width: '100%', height: '100%' } as const;
  return (
    <View style={{ width: '100%', aspectRatio: photo.width / photo.height }}>
      <Image source={{ uri: photoAt(photo.id) }} aria-hidden resizeMode="stretch" style={whole} />
      <Image source={{ uri: over }} aria-label="The leaf, spotted parts painted" resizeMode="stretch" style={whole} />
    </View>
  );
}

const knob = 56;
const nudge = 0.05;

/** Where sound ends and spotted begins, pulled by thumb or moved by the arrow keys. */
function Line({ level, onDraw }: { level: number; onDraw: (level: number) => void }) {
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
          label={`The line between sound and spotted, at ${Math.round(now * 100)} of 100`}
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
        <Small>Less is spotted</Small>
        <Small>More is spotted</Small>
      </Row>
    </View>
  );
}
