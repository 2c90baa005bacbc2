import type { GardenView, InputOf } from '@trowel/core/contract';
import type { BedSize } from '@trowel/core/mix';
import {
  gridStep,
  onGrid,
  plotOf,
  reshaped,
  stretched,
  turned,
  usualSize,
  withCorner,
  type LaidPlace,
  type Plot,
  type Spot,
  type Stretched,
} from '@trowel/core/plot';
import { inWords, metres, squareMetres } from '@trowel/core/quantities';
import { lowerFirst } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { boxOf, labelAt, PlaceLabel } from '@/drawing/garden/GardenPicture';
import { PlotDrawing, scaleOf, type Scale } from '@/drawing/garden/PlotDrawing';
import { ink } from '@/drawing/ink';
import { Button } from '@/ui/Button';
import { Dragged, type Pull } from '@/ui/Dragged';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

type Bed = GardenView['beds'][number];
type Laid = InputOf<'layOutBeds'>['beds'][number];

/** Ground left free to move into, m. */
const room = 1.2;
const highest = 520;

/**
 * The beds laid out by hand: drag one to where it lies, pull its corners to its size. Every step is kept at once and
 * can be undone; the arrow keys do the same.
 */
export function ArrangePlot({ garden, close }: { garden: GardenView; close: () => void }) {
  const layOutBeds = useAct('layOutBeds');
  const tell = useNotice();
  const [chosen, setChosen] = useState(garden.beds[0]?.id);
  const [width, setWidth] = useState(358);
  /** What is under the hand, until it is kept. */
  const [held, setHeld] = useState<{ readonly id: string; readonly from: Stretched; readonly now: Stretched }>();
  /** The picture keeps its scale while something is moved. */
  const [still, setStill] = useState<Plot>();

  const places = garden.beds.map((bed) => (held?.id === bed.id ? { ...bed, ...held.now } : bed));
  const plot = plotOf(places);
  const scale = scaleOf(still ?? plot, width, highest, room);
  const place = plot.places.find(({ id }) => id === chosen);
  const bed = garden.beds.find(({ id }) => id === chosen);
  const size = held && held.id === chosen ? held.now.size : bed ? (bed.size ?? usualSize(bed.setting)) : undefined;

  /** Where everything stands is kept with it: what was never laid out would else flow anew. */
  const keep = (id: string, to: Stretched, isStretched: boolean) => {
    const before = garden.beds.map((one): Laid => ({
      id: one.id,
      at: one.at,
      ...(one.id === id && isStretched ? { size: one.size } : {}),
    }));
    const beds = plot.places.map((one): Laid =>
      one.id === id
        ? { id, at: onGrid(to.at, garden.measures), ...(isStretched ? { size: to.size } : {}) }
        : { id: one.id, at: one.at },
    );
    const done = () => (setHeld(undefined), setStill(undefined));
    layOutBeds.mutate(
      { body: { beds } },
      {
        onSuccess: () => {
          done();
          tell({
            says: isStretched
              ? `${nameOf(garden.beds, id)} is measured: ${inWords(squareMetres(to.size.area), garden.measures)}.`
              : `${nameOf(garden.beds, id)} is laid out.`,
            undo: () => layOutBeds.mutate({ body: { beds: before } }),
          });
        },
        onError: done,
      },
    );
  };
  const take = (from: LaidPlace, takenSize: BedSize) => () => {
    setStill(plot);
    setHeld({ id: from.id, from: { at: from.at, size: takenSize }, now: { at: from.at, size: takenSize } });
  };
  const inMetres = ({ dx, dy }: Pull): Spot => ({ x: dx / scale.perMetre, y: dy / scale.perMetre });
  const step = gridStep(garden.measures);

  const reshape = (to: BedSize) => {
    if (place) keep(place.id, { at: place.at, size: to }, true);
  };
  return (
    <Sheet>
      <Small>Drag a place to where it lies; pull its corners to its size. With the keyboard: the arrow keys.</Small>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || 358)}
        style={{ height: scale.height, width: '100%' }}
      >
        <PlotDrawing plot={plot} scale={scale} chosen={chosen} grid={garden.measures === 'us' ? 0.9144 : 1} />
        {plot.places.map((one) => (
          <MovedPlace
            key={one.id}
            place={one}
            scale={scale}
            name={nameOf(garden.beds, one.id)}
            isChosen={one.id === chosen}
            onStart={() => {
              setChosen(one.id);
              take(one, sizeOf(garden.beds, one.id))();
            }}
            onPull={(pull) => {
              const by = inMetres(pull);
              setHeld(
                (was) =>
                  was && { ...was, now: { ...was.from, at: { x: was.from.at.x + by.x, y: was.from.at.y + by.y } } },
              );
            }}
            onDrop={() => {
              if (!held || (held.now.at.x === held.from.at.x && held.now.at.y === held.from.at.y)) {
                setHeld(undefined);
                setStill(undefined);
              } else keep(held.id, held.now, false);
            }}
            onNudge={(right, down) => {
              setChosen(one.id);
              keep(
                one.id,
                { at: { x: one.at.x + right * step, y: one.at.y + down * step }, size: sizeOf(garden.beds, one.id) },
                false,
              );
            }}
          />
        ))}
        {place &&
          size &&
          place.corners.map(([x, y], corner) => (
            <Dragged
              key={`${place.id}-${corner}`}
              label={`Corner ${corner + 1} of ${nameOf(garden.beds, place.id)}`}
              style={{
                position: 'absolute',
                zIndex: 2,
                left: scale.x(x) - handle / 2,
                top: scale.y(y) - handle / 2,
                width: handle,
                height: handle,
                alignItems: 'center',
                justifyContent: 'center',
              }}
              onStart={take(place, size)}
              onPull={(pull) => {
                const by = inMetres(pull);
                setHeld((was) => {
                  if (!was) return was;
                  const [fromX = 0, fromY = 0] = cornerOf(was.from, place.setting, corner);
                  const to = onGrid({ x: fromX + by.x, y: fromY + by.y }, garden.measures);
                  return { ...was, now: stretched(was.from, corner, to) };
                });
              }}
              onDrop={() => (held ? keep(held.id, held.now, true) : undefined)}
              onNudge={(right, down) =>
                keep(
                  place.id,
                  stretched({ at: place.at, size }, corner, { x: x + right * step, y: y + down * step }),
                  true,
                )
              }
            >
              <View
                style={{ width: 18, height: 18, backgroundColor: ink.card, borderWidth: 3, borderColor: ink.rust40 }}
              />
            </Dragged>
          ))}
      </View>
      {bed && place && size && (
        <>
          <Body
            strong
          >{`${bed.name}: ${inWords(metres(place.span[0]), garden.measures)} × ${inWords(metres(place.span[1]), garden.measures)}, ${inWords(squareMetres(size.area), garden.measures)}`}</Body>
          <Row wrap>
            {shapes.map(({ shape, says }) => (
              <Toggle
                key={shape}
                label={`${bed.name}: ${lowerFirst(says)}`}
                pressed={size.shape === shape}
                onPress={() => reshape(reshaped(size, shape))}
              >
                {says}
              </Toggle>
            ))}
            {size.shape === 'outline' && (
              <Button kind="other" onPress={() => reshape(withCorner(size))}>
                One corner more
              </Button>
            )}
            <Button kind="other" onPress={() => reshape(turned(size))}>
              Turn it
            </Button>
          </Row>
        </>
      )}
      {layOutBeds.error && <Trouble error={layOutBeds.error} />}
      <Button kind="main" onPress={close}>
        Done
      </Button>
    </Sheet>
  );
}

const handle = 44;

const shapes = [
  { shape: 'rectangle', says: 'Rectangle' },
  { shape: 'circle', says: 'Circle' },
  { shape: 'L', says: 'L' },
  { shape: 'outline', says: 'Any corners' },
] as const;

const nameOf = (beds: readonly Bed[], id: string): string => beds.find((bed) => bed.id === id)?.name ?? '';

function sizeOf(beds: readonly Bed[], id: string): BedSize {
  const bed = beds.find((one) => one.id === id);
  return bed?.size ?? usualSize(bed?.setting ?? 'bed');
}

const cornerOf = ({ at, size }: Stretched, setting: Bed['setting'], corner: number): readonly number[] =>
  plotOf([{ id: 'one', setting, size, at }]).places[0]?.corners[corner] ?? [];

function MovedPlace({
  place,
  scale,
  name,
  isChosen,
  ...does
}: {
  place: LaidPlace;
  scale: Scale;
  name: string;
  isChosen: boolean;
  onStart: () => void;
  onPull: (pull: Pull) => void;
  onDrop: () => void;
  onNudge: (right: number, down: number) => void;
}) {
  return (
    <Dragged label={`Move ${name}`} style={boxOf(place, scale)} {...does}>
      <PlaceLabel at={labelAt({ name }, place, scale)} isChosen={isChosen}>
        {name}
      </PlaceLabel>
    </Dragged>
  );
}
