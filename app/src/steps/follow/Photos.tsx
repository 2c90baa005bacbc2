import type { CaseView } from '@trowel/core/contract';
import { dayAndMonth, specksWords, spottedWords } from '@trowel/core/wording';
import { useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import { choosePicture, photoAt, sendPicture } from '@/api/photos';
import { useAct } from '@/api/queries';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Dragged } from '@/ui/Dragged';
import { Row, useIsWide } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { MeasurePhoto } from './MeasurePhoto';

type Photo = CaseView['photos'][number];

/** Photographs of a case: taken or chosen, kept on this machine, two of them one over the other with a line to pull. */
export function Photos({ view }: { view: CaseView }) {
  const { photos, summary } = view;
  const isOpen = summary.status === 'open';
  const addPhoto = useAct('addPhoto');
  const takeBack = useAct('takeBackPhoto');
  const tell = useNotice();
  const [trouble, setTrouble] = useState<Error>();
  const [isBusy, setBusy] = useState(false);
  const [picked, setPicked] = useState<string>();
  // The photograph that is measured stands with what was painted over it.
  const [isMeasuring, setMeasuring] = useState(false);
  const cardJob = view.jobs.find(({ endedOn, measuredBy }) => endedOn === null && measuredBy.each === 'card');
  const add = async () => {
    setTrouble(undefined);
    const file = await choosePicture();
    if (!file) return;
    setBusy(true);
    try {
      const photo = await sendPicture(file);
      addPhoto.mutate(
        { id: summary.id, body: { photo } },
        {
          onSuccess: () => tell({ says: 'The photograph is kept on this machine, and nowhere else.' }),
          onError: setTrouble,
        },
      );
    } catch (error) {
      setTrouble(error instanceof Error ? error : new Error(String(error)));
    } finally {
      setBusy(false);
    }
  };
  const takeOut = (id: string) =>
    takeBack.mutate(
      { id, body: {} },
      {
        onSuccess: () => {
          setPicked(undefined);
          tell({ says: 'The photograph is taken out.', undo: () => takeBack.mutate({ id, body: { isBack: true } }) });
        },
        onError: (error) => tell({ says: error.message }),
      },
    );
  const [first, last] = [photos[0], photos[photos.length - 1]];
  // The one tapped is held against the first; by itself the newest.
  const now = photos.find(({ id }) => id === picked) ?? last;
  if (photos.length === 0 && !isOpen) return null;
  return (
    <View style={{ gap: space.s }}>
      <Heading>Photographs</Heading>
      {photos.length === 0 && (
        <Small>One before and one after, from the same side and as near: then the change can be seen as well.</Small>
      )}
      {!isMeasuring && first && now && first.id !== now.id && <Compare before={first} after={now} />}
      {!isMeasuring && first && now && first.id === now.id && <Shown photo={first} />}
      {photos.length > 2 && (
        <Row wrap>
          {photos.slice(1).map((photo) => (
            <Thumb key={photo.id} photo={photo} isOn={photo.id === now?.id} onPress={() => setPicked(photo.id)} />
          ))}
        </Row>
      )}
      {isOpen && now && (
        <MeasurePhoto photo={now} isOpen={isMeasuring} setOpen={setMeasuring} {...(cardJob ? { cardJob } : {})} />
      )}
      {trouble && <Trouble error={trouble} />}
      {isOpen && (
        <Row wrap>
          <Button kind="other" disabled={isBusy} onPress={() => void add()}>
            {isBusy ? 'Keeping it …' : 'Add a photograph'}
          </Button>
          {now && (
            <Button disabled={takeBack.isPending} onPress={() => takeOut(now.id)}>
              {`Take out that of ${dayAndMonth(now.on)}`}
            </Button>
          )}
        </Row>
      )}
    </View>
  );
}

/** The day, and what was measured. */
const underneath = ({ on, spotted, specks }: Photo) =>
  [dayAndMonth(on), [...(spotted ? [spottedWords(spotted)] : []), ...(specks ? [specksWords(specks)] : [])].join(', ')]
    .filter(Boolean)
    .join(': ');
const said = ({ on }: Photo) => `Photograph of ${dayAndMonth(on)}`;

export function Shown({ photo }: { photo: Photo }) {
  return (
    <View style={{ gap: 4, maxWidth: 480 }}>
      <Image
        source={{ uri: photoAt(photo.id) }}
        aria-label={said(photo)}
        resizeMode="contain"
        style={{ width: '100%', aspectRatio: photo.width / photo.height }}
      />
      <Small>{underneath(photo)}</Small>
    </View>
  );
}

function Thumb({ photo, isOn, onPress }: { photo: Photo; isOn: boolean; onPress: () => void }) {
  const roles = useRoles();
  return (
    <Pressable
      role="button"
      aria-pressed={isOn}
      aria-label={`${said(photo)}: hold it against the first`}
      onPress={onPress}
      style={{ borderWidth: isOn ? 3 : 1, borderColor: isOn ? roles.act : roles.softText, borderRadius: 6 }}
    >
      <Image
        source={{ uri: photoAt(photo.id) }}
        aria-hidden
        resizeMode="cover"
        style={{ width: 72, height: 72, borderRadius: 5 }}
      />
    </Pressable>
  );
}

const nudge = 0.05;

/** Two photographs one over the other; left of the line the first, right of it the later. */
function Compare({ before, after }: { before: Photo; after: Photo }) {
  const roles = useRoles();
  const wide = useIsWide();
  const [line, setLine] = useState(0.5);
  const [from, setFrom] = useState(0.5);
  const [width, setWidth] = useState(wide ? 480 : 340);
  const height = Math.round(width * Math.min(1.3, before.height / before.width));
  const put = (share: number) => setLine(Math.min(1, Math.max(0, share)));
  const picture = { position: 'absolute', left: 0, top: 0, width, height } as const;
  return (
    <View style={{ gap: 4, maxWidth: 480 }} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
      <View style={{ width: '100%', height, overflow: 'hidden', borderRadius: 6 }}>
        <Image source={{ uri: photoAt(after.id) }} aria-label={said(after)} resizeMode="cover" style={picture} />
        <View style={{ position: 'absolute', left: 0, top: 0, height, width: width * line, overflow: 'hidden' }}>
          <Image source={{ uri: photoAt(before.id) }} aria-label={said(before)} resizeMode="cover" style={picture} />
        </View>
        <Dragged
          label={`The line between before and after, at ${Math.round(line * 100)} %`}
          style={{ position: 'absolute', top: 0, left: width * line - 24, width: 48, height, alignItems: 'center' }}
          onStart={() => setFrom(line)}
          onPull={({ dx }) => put(from + dx / width)}
          onDrop={() => undefined}
          onNudge={(right) => put(line + right * nudge)}
        >
          <View style={{ width: 4, height: '100%', backgroundColor: roles.raised }} />
          <View
            style={{
              position: 'absolute',
              top: height / 2 - 18,
              width: 36,
              height: 36,
              borderRadius: 18,
              borderWidth: 2,
              borderColor: roles.text,
              backgroundColor: roles.raised,
            }}
          />
        </Dragged>
      </View>
      <Row style={{ justifyContent: 'space-between' }}>
        <Small>{underneath(before)}</Small>
        <Small>{underneath(after)}</Small>
      </Row>
    </View>
  );
}
