import { partsOf, type TapPart } from '@trowel/core/read';
import type { PlantRow, Portrait } from '@trowel/core/tables';
import { Pressable, View, type ViewStyle } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { ink } from './ink';
import { DrawnHabit, habits, inPot } from './plants';
import { bold, plantLeaf } from './plants/pieces';

const groundHeight = 150;
/** The field that is shown: the plant in the middle, names at both sides and above. */
const field = { x: -64, y: -62, width: 428, height: 364 } as const;
/** Where the middle of a name stands, in the field; names at the left begin there, those at the right end there. */
const names: Record<
  TapPart,
  { readonly side: 'left' | 'middle' | 'right'; readonly y: number; readonly widest?: number }
> = {
  tips: { side: 'middle', y: -34 },
  under: { side: 'left', y: 46 },
  stem: { side: 'left', y: 150 },
  leaves: { side: 'right', y: 24 },
  fruit: { side: 'right', y: 94 },
  // px: its two words stand below each other, so that it never lies on the plant.
  old: { side: 'right', y: 164, widest: 88 },
  soil: { side: 'left', y: 272 },
  around: { side: 'right', y: 272 },
  lawn: { side: 'middle', y: 96 },
};
/** From where a name's line sets out, so that the name hides its beginning. */
const lineFrom = { left: -30, middle: 150, right: 330 } as const;

/** A drawn plant to tap: each part is a labelled button, with the number of signs noted there. */
export function DrawnPlant({
  plant,
  chosen,
  noted,
  onTap,
}: {
  plant: PlantRow | undefined;
  chosen: TapPart;
  noted: Partial<Record<TapPart, number>>;
  onTap: (part: TapPart) => void;
}) {
  const roles = useRoles();
  const parts = partsOf(plant);
  const targets = plant && targetsOf(plant.portrait);
  return (
    <View
      style={{
        maxWidth: 460,
        width: '100%',
        alignSelf: 'center',
        ...(plant ? { aspectRatio: field.width / field.height } : { height: groundHeight }),
      }}
    >
      <Svg
        width="100%"
        height="100%"
        viewBox={plant ? `${field.x} ${field.y} ${field.width} ${field.height}` : '0 164 300 136'}
        aria-hidden
        style={{ position: 'absolute' }}
      >
        <Path d="M-200 252 C60 242 240 242 500 252 V330 H-200Z" fill={ink.soil} />
        {plant ? <DrawnHabit portrait={plant.portrait} /> : <BareGround />}
        {targets &&
          parts.map(({ id }) => {
            const to = targets[id];
            if (!to) return null;
            const isHere = id === chosen;
            return (
              <G key={id}>
                <Line
                  x1={lineFrom[names[id].side]}
                  y1={names[id].y}
                  x2={to[0]}
                  y2={to[1]}
                  stroke={ink.line}
                  strokeWidth={isHere ? 3 : 1.5}
                />
                <Circle cx={to[0]} cy={to[1]} r={isHere ? 6 : 4} fill={ink.card} stroke={ink.line} strokeWidth={2} />
              </G>
            );
          })}
      </Svg>
      {parts.map(({ id, label }) => {
        const count = noted[id] ?? 0;
        const here = id === chosen;
        return (
          <View
            key={id}
            style={[{ position: 'absolute', pointerEvents: 'box-none' }, plant ? nameAt(id) : groundAt(id)]}
          >
            <Pressable
              role="button"
              aria-pressed={here}
              aria-label={`${label}${count > 0 ? `, ${count} noted` : ''}`}
              onPress={() => onTap(id)}
              style={{
                minHeight: space.target,
                minWidth: space.target,
                maxWidth: plant && names[id].widest,
                justifyContent: 'center',
                paddingHorizontal: 8,
                borderRadius: 6,
                borderWidth: here ? 3 : 1.5,
                borderColor: here ? roles.act : roles.text,
                backgroundColor: here ? roles.goodGround : roles.raised,
              }}
            >
              <Small strong style={{ color: roles.text }}>
                {label}
                {count > 0 ? ` · ${count}` : ''}
              </Small>
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}

/** What a name's line points to; none for what is all around. */
function targetsOf({ habit, pot }: Portrait): Partial<Record<TapPart, readonly [number, number]>> {
  const { tips, leaf, under, old, stem, fruit } = habits[habit];
  const placed = ([x, y]: readonly [number, number]) =>
    pot ? ([x * inPot.scale + inPot.x, y * inPot.scale + inPot.y] as const) : ([x, y] as const);
  return {
    tips: placed(tips),
    leaves: placed(leaf),
    under: placed(under),
    old: placed(old),
    stem: placed(stem),
    fruit: placed(fruit),
  };
}

const half = space.target / 2;
function nameAt(id: TapPart): ViewStyle {
  const { side, y } = names[id];
  const top = `${((y - field.y) / field.height) * 100}%` as const;
  return {
    top,
    marginTop: -half,
    ...(side === 'left' ? { left: 0 } : side === 'right' ? { right: 0 } : { left: 0, right: 0, alignItems: 'center' }),
  };
}
/** On bare ground the turf lies above the soil and what grows round it. */
const groundAt = (id: TapPart): ViewStyle =>
  id === 'lawn' ? { left: '30%', top: '14%' } : { left: id === 'soil' ? '3%' : '50%', top: '64%' };

function BareGround() {
  return (
    <G>
      <Path d="M0 250 C60 238 240 238 300 250" {...bold} fill="none" />
      {[
        plantLeaf(70, 248, -20, 0.7),
        plantLeaf(82, 248, 30, 0.8),
        plantLeaf(170, 244, -30, 0.6),
        plantLeaf(178, 244, 10, 0.9),
        plantLeaf(186, 244, 46, 0.6),
        plantLeaf(244, 248, 0, 0.8),
      ]}
      <Path d="M30 262 h40 M110 276 h50 M210 266 h46" stroke={ink.wetSoil} strokeWidth={3} strokeLinecap="round" />
    </G>
  );
}
