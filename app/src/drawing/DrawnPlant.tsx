import { partsOf, type TapPart } from '@trowel/core/read';
import type { PlantRow } from '@trowel/core/tables';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Ellipse, G, Path, Rect } from 'react-native-svg';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { ink } from './ink';

const line = { stroke: ink.line, strokeWidth: 2, strokeLinejoin: 'round' } as const;
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

const leaf = (x: number, y: number, turn: number, size = 1, fill: string = ink.healthy) => (
  <Path
    key={`${x} ${y}`}
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d="M0 0 C-16 -14 -18 -40 0 -58 C18 -40 16 -14 0 0Z"
    fill={fill}
    {...line}
  />
);

/** Leaves up one stem, which fruit or pods hang from. */
const climbing = (
  <>
    <Path d="M150 262 C140 200 164 150 150 40" stroke={ink.rib} strokeWidth={6} fill="none" />
    {[
      leaf(150, 52, -10, 0.9),
      leaf(152, 84, 70),
      leaf(152, 90, -70),
      leaf(156, 140, 76, 1.1),
      leaf(154, 146, -74, 1.1),
      leaf(148, 214, -80, 1.1, '#8FA65A'),
      leaf(148, 210, 82, 1.1, '#8FA65A'),
    ]}
  </>
);
const pod = (x: number, y: number, turn: number) => (
  <Path
    key={`${x} ${y}`}
    transform={`translate(${x} ${y}) rotate(${turn})`}
    d="M0 0 C-9 4 -9 14 -7 24 C-8 34 -6 48 2 58 C6 46 6 32 5 24 C6 14 6 6 0 0Z"
    fill="#A5C47E"
    {...line}
  />
);

const outlines: Record<PlantRow['drawing'], React.ReactElement> = {
  bush: (
    <G>
      <Path
        d="M150 262 V80 M150 230 C120 200 104 170 96 120 M150 220 C182 196 200 160 206 116"
        stroke={ink.brown}
        strokeWidth={7}
        fill="none"
        strokeLinecap="round"
      />
      {[
        leaf(96, 124, -30),
        leaf(100, 150, -80, 0.9),
        leaf(206, 120, 30),
        leaf(200, 150, 80, 0.9),
        leaf(150, 84, 0),
        leaf(150, 110, -50, 0.9),
        leaf(150, 112, 50, 0.9),
        leaf(150, 160, -64, 0.9),
        leaf(150, 166, 62, 0.9),
        leaf(140, 222, -80, 1, '#8FA65A'),
        leaf(162, 214, 86, 1, '#8FA65A'),
      ]}
      {[
        [186, 168],
        [190, 182],
        [184, 194],
        [118, 176],
        [114, 190],
      ].map(([x, y]) => (
        <Circle key={`${x} ${y}`} cx={x} cy={y} r={7} fill={ink.fruit} {...line} />
      ))}
    </G>
  ),
  vine: (
    <G>
      {climbing}
      <Ellipse cx={176} cy={182} rx={16} ry={18} fill={ink.fruit} {...line} />
      <Ellipse cx={128} cy={188} rx={14} ry={16} fill="#D98A3C" {...line} />
    </G>
  ),
  podded: (
    <G>
      {climbing}
      {[pod(132, 164, 14), pod(172, 158, -12), pod(184, 164, -26)]}
    </G>
  ),
  rosette: (
    <G>
      {[
        leaf(150, 254, -82, 2, '#8FA65A'),
        leaf(150, 254, 82, 2, '#8FA65A'),
        leaf(150, 252, -56, 2.3),
        leaf(150, 252, 56, 2.3),
        leaf(150, 250, -28, 2.6),
        leaf(150, 250, 28, 2.6),
        leaf(150, 248, 0, 2.4, '#87AC64'),
        leaf(150, 236, -12, 1.4, '#A5C47E'),
        leaf(150, 236, 14, 1.3, '#A5C47E'),
      ]}
    </G>
  ),
  stalk: (
    <G>
      <Path d="M136 258 C138 210 140 180 144 150 H156 C160 180 162 210 164 258Z" fill="#E3E8CF" {...line} />
      {[
        leaf(146, 160, -40, 2),
        leaf(154, 160, 40, 2),
        leaf(150, 150, -8, 2.1),
        leaf(150, 176, 66, 1.6, '#8FA65A'),
        leaf(150, 176, -66, 1.6, '#8FA65A'),
      ]}
    </G>
  ),
  potted: (
    <G>
      <Path d="M106 196 H194 L182 268 H118Z" fill={ink.pot} {...line} />
      <Rect x={98} y={182} width={104} height={18} rx={3} fill={ink.pot} {...line} />
      <Path
        d="M150 184 V70 M150 150 C130 130 118 116 112 96 M150 150 C170 130 182 116 188 96"
        stroke={ink.rib}
        strokeWidth={5}
        fill="none"
      />
      {[
        leaf(150, 74, 0),
        leaf(112, 100, -30),
        leaf(188, 100, 30),
        leaf(150, 112, -60, 0.9),
        leaf(150, 112, 60, 0.9),
        leaf(146, 170, -78, 0.9, '#8FA65A'),
        leaf(154, 168, 78, 0.9, '#8FA65A'),
      ]}
    </G>
  ),
  tree: (
    <G>
      <Path d="M138 262 C144 220 144 190 142 150 H158 C156 190 158 220 164 262Z" fill={ink.brown} {...line} />
      <Path
        d="M150 160 C110 150 84 140 60 120 M150 150 C190 142 216 132 242 112 M150 150 V70"
        stroke={ink.brown}
        strokeWidth={8}
        fill="none"
        strokeLinecap="round"
      />
      {[
        leaf(62, 122, -40),
        leaf(90, 136, -10, 0.9),
        leaf(116, 150, 20, 0.9),
        leaf(240, 114, 40),
        leaf(212, 130, 8, 0.9),
        leaf(186, 144, -20, 0.9),
        leaf(150, 76, 0),
        leaf(150, 104, -55, 0.9),
        leaf(150, 106, 55, 0.9),
        leaf(108, 148, 160, 0.8, '#8FA65A'),
        leaf(196, 142, 200, 0.8, '#8FA65A'),
      ]}
      {[
        [84, 150],
        [222, 140],
      ].map(([x, y]) => (
        <Circle key={x} cx={x} cy={y} r={12} fill={ink.fruit} {...line} />
      ))}
    </G>
  ),
};

function BareGround() {
  return (
    <G>
      <Path d="M0 250 C60 238 240 238 300 250" {...line} fill="none" />
      {[
        leaf(70, 248, -20, 0.7),
        leaf(82, 248, 30, 0.8),
        leaf(170, 244, -30, 0.6),
        leaf(178, 244, 10, 0.9),
        leaf(186, 244, 46, 0.6),
        leaf(244, 248, 0, 0.8),
      ]}
      <Path d="M30 262 h40 M110 276 h50 M210 266 h46" stroke={ink.wetSoil} strokeWidth={3} strokeLinecap="round" />
    </G>
  );
}
