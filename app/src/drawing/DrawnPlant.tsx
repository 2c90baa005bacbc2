import { partsOf, type TapPart } from '@trowel/core/read';
import type { PlantRow } from '@trowel/core/tables';
import { Pressable, View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { ink } from './ink';
import { outlines } from './plants';
import { bold, plantLeaf } from './plants/pieces';

const plantHeight = 330;
const groundHeight = 150;

/** Where each part's label sits on the drawing, in per cent. */
const spots: Record<TapPart, { left: number; top: number }> = {
  tips: { left: 30, top: 1 },
  leaves: { left: 66, top: 21 },
  under: { left: 2, top: 21 },
  fruit: { left: 68, top: 42 },
  stem: { left: 3, top: 45 },
  old: { left: 62, top: 62 },
  lawn: { left: 30, top: 42 },
  soil: { left: 3, top: 82 },
  around: { left: 50, top: 82 },
};
const shortLabels: Record<TapPart, string> = {
  tips: 'Tips, new leaves',
  leaves: 'Leaves',
  under: 'Undersides',
  old: 'Oldest leaves',
  stem: 'Stem',
  fruit: 'Fruit',
  lawn: 'Turf',
  soil: 'Soil, roots',
  around: 'Weeds, care',
};

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
  const height = plant ? plantHeight : groundHeight;
  return (
    <View style={{ height, maxWidth: 460, width: '100%', alignSelf: 'center' }}>
      <Svg
        width="100%"
        height={height}
        viewBox={plant ? '0 0 300 300' : '0 164 300 136'}
        aria-hidden
        style={{ position: 'absolute' }}
      >
        <Path d="M-200 252 C60 236 240 236 500 252 V300 H-200Z" fill={ink.soil} />
        {plant ? outlines[plant.drawing] : <BareGround />}
      </Svg>
      {partsOf(plant).map(({ id, label }) => {
        const count = noted[id] ?? 0;
        const here = id === chosen;
        return (
          <Pressable
            key={id}
            role="button"
            aria-pressed={here}
            aria-label={`${label}${count > 0 ? `, ${count} noted` : ''}`}
            onPress={() => onTap(id)}
            style={{
              position: 'absolute',
              left: `${spots[id].left}%`,
              // On bare ground the turf lies above the soil and what grows round it.
              top: plant ? `${spots[id].top}%` : id === 'lawn' ? '14%' : '64%',
              minHeight: space.target,
              minWidth: space.target,
              justifyContent: 'center',
              paddingHorizontal: 12,
              borderRadius: 24,
              borderWidth: here ? 3 : 1.5,
              borderColor: here ? roles.act : roles.text,
              backgroundColor: here ? roles.goodGround : roles.raised,
            }}
          >
            <Small strong style={{ color: roles.text }}>
              {shortLabels[id]}
              {count > 0 ? ` · ${count}` : ''}
            </Small>
          </Pressable>
        );
      })}
    </View>
  );
}

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
