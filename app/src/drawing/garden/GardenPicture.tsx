import { middleOf, plotOf, type LaidPlace, type PlotPlace } from '@trowel/core/plot';
import { counted } from '@trowel/core/wording/everyday';
import { useMemo, useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { fonts, space } from '@/theme/theme';
import { Small } from '@/ui/text';
import { ink } from '../ink';
import { PlotDrawing, scaleOf, type Scale } from './PlotDrawing';

/** A place on the picture: where it lies, what it is called, and what is open and due on it. */
export interface PicturedPlace extends PlotPlace {
  readonly name: string;
  readonly open: number;
  readonly due: number;
}

/** The garden from above: every place where it lies, with its name on a label, to be tapped. */
export function GardenPicture({
  places,
  chosen,
  onTap,
  highest = 420,
  withRoute = false,
  says,
  dueSays = stepsToday,
}: {
  places: readonly PicturedPlace[];
  chosen?: string | undefined;
  onTap: (id: string) => void;
  /** px */
  highest?: number;
  /** The round, from place to place with something due. */
  withRoute?: boolean;
  /** What a tap does. */
  says: string;
  /** What a screen reader hears of a place. */
  dueSays?: (due: number) => string;
}) {
  const [width, setWidth] = useState(358);
  const plot = useMemo(() => plotOf(places), [places]);
  const scale = useMemo(() => scaleOf(plot, width, highest), [plot, width, highest]);
  const laid = new Map(plot.places.map((place) => [place.id, place]));
  const route = withRoute
    ? places.flatMap(({ id, due }) => {
        const place = laid.get(id);
        return place && due > 0 ? [middleOf(place)] : [];
      })
    : [];
  return (
    <View
      role="group"
      aria-label={`The garden from above. ${says}`}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || 358)}
      style={{ height: scale.height, width: '100%' }}
    >
      <PlotDrawing plot={plot} scale={scale} chosen={chosen} route={route} />
      {places.map((place) => {
        const drawn = laid.get(place.id);
        if (!drawn) return null;
        const box = boxOf(drawn, scale);
        return (
          <Pressable
            key={place.id}
            role="button"
            aria-pressed={chosen === place.id}
            onPress={() => onTap(place.id)}
            style={box}
          >
            <PlaceLabel
              at={labelAt(place, drawn, scale)}
              isChosen={chosen === place.id}
              due={place.due}
              open={place.open}
              dueSays={dueSays}
            >
              {place.name}
            </PlaceLabel>
          </Pressable>
        );
      })}
    </View>
  );
}

const stepsToday = (due: number): string => counted(due, 'step today', 'steps today');

/** What takes the tap: the place itself, never smaller than a thumb. */
export function boxOf(place: LaidPlace, scale: Scale) {
  const middle = middleOf(place);
  const width = Math.max(place.span[0] * scale.perMetre, space.target);
  const height = Math.max(place.span[1] * scale.perMetre, space.target);
  return {
    position: 'absolute',
    left: scale.x(middle.x) - width / 2,
    top: scale.y(middle.y) - height / 2,
    width,
    height,
  } as const;
}

const labelHeight = 22;
/** px of a letter on a label, of what stands round them, and of a number with its gap. */
const [letter, around, spot] = [7.3, 12, 22] as const;

/** Where the label of a place stands within its box: in its middle where it fits, else below it; never beyond the picture. */
export function labelAt(
  { name, open = 0, due = 0 }: { readonly name: string; readonly open?: number; readonly due?: number },
  place: LaidPlace,
  scale: Scale,
): { readonly left: number; readonly top: number } {
  const box = boxOf(place, scale);
  const width = letter * name.length + around + (open > 0 ? spot : 0) + (due > 0 ? spot : 0);
  const drawnHeight = place.span[1] * scale.perMetre;
  const fits = width + 4 <= place.span[0] * scale.perMetre && labelHeight + 4 <= drawnHeight;
  const left = Math.min(Math.max(box.left + (box.width - width) / 2, 3), scale.width - width - 3);
  const below = Math.min(box.top + (box.height + drawnHeight) / 2 + 2, scale.height - labelHeight - 2);
  return {
    left: left - box.left,
    top: fits ? (box.height - labelHeight) / 2 : below - box.top,
  };
}

/** The name of a place on a label, with how much is open (in a ring) and due today (on a dark spot). */
export function PlaceLabel({
  children,
  at,
  isChosen,
  due = 0,
  open = 0,
  dueSays = stepsToday,
}: {
  children: string;
  at: { readonly left: number; readonly top: number };
  isChosen: boolean;
  due?: number;
  open?: number;
  /** What the number on the dark spot counts. */
  dueSays?: (due: number) => string;
}) {
  return (
    <View
      style={{
        position: 'absolute',
        ...at,
        height: labelHeight,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 4,
        paddingHorizontal: 5,
        borderRadius: 4,
        backgroundColor: ink.card,
        borderWidth: isChosen ? 2 : 1,
        borderColor: ink.line,
      }}
    >
      <Text
        numberOfLines={1}
        style={{ fontFamily: fonts.body, fontWeight: '700', color: ink.line, fontSize: 13, lineHeight: 17 }}
      >
        {children}
      </Text>
      {open > 0 && (
        <Spot isFilled={false} says={counted(open, 'open case', 'open cases')}>
          {open}
        </Spot>
      )}
      {due > 0 && (
        <Spot isFilled says={dueSays(due)}>
          {due}
        </Spot>
      )}
    </View>
  );
}

/** A number in a ring, or on a dark spot. */
export function Spot({ children, isFilled, says }: { children: ReactNode; isFilled: boolean; says?: string }) {
  return (
    <View
      {...(says === undefined ? {} : { role: 'img' as const, 'aria-label': says })}
      style={{
        minWidth: 18,
        height: 18,
        borderRadius: 9,
        alignItems: 'center',
        justifyContent: 'center',
        borderWidth: 1.5,
        borderColor: ink.line,
        backgroundColor: isFilled ? ink.line : 'transparent',
      }}
    >
      <Small strong style={{ color: isFilled ? ink.card : ink.line, fontSize: 12, lineHeight: 15 }}>
        {children}
      </Small>
    </View>
  );
}
