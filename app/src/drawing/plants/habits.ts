import type { Portrait } from '@trowel/core/tables';

/** Where a leaf stands: its foot, its turn in degrees, its size, and whether it is one of the oldest or newest. */
export type LeafSite = readonly [x: number, y: number, turn: number, size: number, age?: 'old' | 'new'];
type Spot = readonly [x: number, y: number];

/** The frame of a plant in a field of 300 by 300, the soil at 250. */
export interface Habit {
  /** Stems, as one path; none where leaves come from the ground. */
  readonly stems: string;
  /** How thick, and whether of wood. */
  readonly stemWidth: number;
  readonly isWoody?: true;
  readonly leaves: readonly LeafSite[];
  readonly fruits: readonly Spot[];
  readonly flowers: readonly Spot[];
  /** Where a line from a name points to. */
  readonly tips: Spot;
  readonly leaf: Spot;
  readonly under: Spot;
  readonly old: Spot;
  readonly stem: Spot;
  readonly fruit: Spot;
}

/** A crown of leaves around a middle, in rings. */
const crown = (x: number, y: number, rings: readonly (readonly [count: number, reach: number, size: number])[]) =>
  rings.flatMap(([count, reach, size], ring) =>
    Array.from({ length: count }, (_, at): LeafSite => {
      const turn = (360 / count) * at + ring * 23;
      const angle = ((turn - 90) * Math.PI) / 180;
      return [
        x + reach * Math.cos(angle),
        y + reach * 0.82 * Math.sin(angle),
        turn,
        size,
        ring === 0 ? 'old' : undefined,
      ];
    }),
  );

const single: Habit = {
  stems: 'M150 254 C146 190 156 120 150 34',
  stemWidth: 7,
  leaves: [
    [149, 222, -88, 1.15, 'old'],
    [151, 212, 88, 1.15, 'old'],
    [150, 176, -72, 1.15],
    [152, 160, 72, 1.15],
    [152, 128, -64, 1.05],
    [152, 110, 64, 1],
    [151, 78, -44, 0.85],
    [150, 66, 44, 0.8],
    [150, 44, -8, 0.7, 'new'],
  ],
  fruits: [
    [118, 168],
    [188, 146],
    [122, 116],
  ],
  flowers: [
    [176, 84],
    [128, 78],
    [150, 26],
  ],
  tips: [150, 22],
  leaf: [192, 146],
  under: [104, 172],
  old: [196, 214],
  stem: [149, 194],
  fruit: [188, 164],
};

export const habits: Readonly<Record<Portrait['habit'], Habit>> = {
  single,
  stems: {
    stems:
      'M150 254 V74 M150 232 C120 204 100 170 92 116 M150 222 C182 198 202 162 210 112 M150 180 C136 150 126 128 122 92 M150 176 C166 150 174 126 178 88',
    stemWidth: 6,
    leaves: [
      [134, 228, -84, 0.9, 'old'],
      [168, 222, 84, 0.9, 'old'],
      [106, 174, -78, 0.85],
      [194, 168, 78, 0.85],
      [150, 150, -50, 0.8],
      [150, 142, 50, 0.8],
      [94, 130, -56, 0.85],
      [208, 124, 56, 0.85],
      [92, 118, -14, 0.8],
      [210, 114, 14, 0.8],
      [122, 96, -24, 0.8],
      [178, 92, 24, 0.8],
      [150, 78, 0, 0.8, 'new'],
    ],
    fruits: [
      [118, 186],
      [186, 178],
      [140, 160],
      [166, 164],
      [100, 146],
      [204, 140],
    ],
    flowers: [
      [92, 82],
      [210, 78],
      [150, 44],
      [122, 62],
      [180, 58],
    ],
    tips: [150, 40],
    leaf: [224, 118],
    under: [78, 128],
    old: [206, 222],
    stem: [150, 206],
    fruit: [188, 196],
  },
  canes: {
    stems: 'M136 254 C120 180 118 110 96 50 M150 254 C150 180 152 100 150 34 M164 254 C180 180 184 110 206 54',
    stemWidth: 5,
    leaves: [
      [126, 208, -70, 0.8, 'old'],
      [174, 208, 70, 0.8, 'old'],
      [120, 160, -66, 0.85],
      [150, 170, -52, 0.75],
      [150, 150, 52, 0.75],
      [180, 158, 66, 0.85],
      [112, 112, -60, 0.8],
      [150, 110, -56, 0.75],
      [150, 94, 56, 0.75],
      [188, 112, 60, 0.8],
      [98, 58, -24, 0.7, 'new'],
      [150, 44, 0, 0.7, 'new'],
      [204, 60, 24, 0.7, 'new'],
    ],
    fruits: [
      [104, 88],
      [196, 92],
      [138, 126],
      [168, 132],
    ],
    flowers: [
      [96, 44],
      [150, 28],
      [206, 46],
    ],
    tips: [150, 22],
    leaf: [222, 112],
    under: [78, 116],
    old: [206, 208],
    stem: [150, 222],
    fruit: [196, 112],
  },
  climber: {
    stems: 'M150 254 C126 210 176 176 150 138 C126 104 174 72 150 28',
    stemWidth: 5,
    leaves: [
      [144, 230, -80, 0.9, 'old'],
      [156, 214, 80, 0.9, 'old'],
      [162, 182, 70, 0.95],
      [158, 170, -70, 0.95],
      [144, 128, -72, 0.95],
      [142, 118, 72, 0.95],
      [158, 84, 66, 0.85],
      [156, 76, -66, 0.85],
      [150, 40, -10, 0.65, 'new'],
    ],
    fruits: [
      [180, 190],
      [122, 176],
      [174, 130],
      [124, 134],
    ],
    flowers: [
      [128, 98],
      [178, 104],
      [168, 52],
    ],
    tips: [148, 22],
    leaf: [204, 160],
    under: [100, 154],
    old: [202, 208],
    stem: [152, 150],
    fruit: [180, 214],
  },
  trailer: {
    stems:
      'M150 250 C150 220 120 190 96 176 M150 250 C152 220 184 190 208 172 M150 250 C148 214 150 180 150 150 M150 250 C120 244 90 236 54 240 M150 250 C180 244 212 236 248 240',
    stemWidth: 5,
    leaves: [
      [58, 240, -50, 1, 'old'],
      [244, 240, 50, 1, 'old'],
      [98, 180, -46, 1.35],
      [206, 176, 46, 1.35],
      [126, 204, -20, 1.1],
      [176, 200, 22, 1.1],
      [150, 156, 0, 1.35],
      [150, 226, -8, 0.7, 'new'],
    ],
    fruits: [
      [104, 222],
      [200, 220],
    ],
    flowers: [
      [128, 160],
      [178, 148],
      [222, 214],
    ],
    tips: [150, 190],
    leaf: [240, 132],
    under: [74, 146],
    old: [262, 216],
    stem: [190, 190],
    fruit: [206, 244],
  },
  rosette: {
    stems: '',
    stemWidth: 0,
    leaves: [
      [144, 250, -80, 1.5, 'old'],
      [156, 250, 80, 1.5, 'old'],
      [146, 250, -54, 1.75],
      [154, 250, 54, 1.75],
      [148, 250, -28, 1.95],
      [152, 250, 28, 1.95],
      [150, 250, 2, 2.05],
      [148, 246, -14, 1.1, 'new'],
      [152, 246, 16, 1, 'new'],
    ],
    fruits: [
      [88, 214],
      [212, 212],
      [196, 226],
    ],
    flowers: [
      [134, 122],
      [168, 112],
      [150, 138],
    ],
    tips: [150, 190],
    leaf: [204, 156],
    under: [92, 164],
    old: [232, 238],
    stem: [128, 224],
    fruit: [212, 236],
  },
  fan: {
    stems: '',
    stemWidth: 0,
    leaves: [
      [142, 250, -46, 1.05, 'old'],
      [158, 250, 46, 1.05, 'old'],
      [145, 250, -26, 1.35],
      [155, 250, 26, 1.35],
      [148, 250, -11, 1.6],
      [152, 250, 12, 1.6],
      [150, 250, 0, 1.1, 'new'],
    ],
    fruits: [],
    flowers: [
      [150, 44],
      [116, 66],
      [184, 66],
    ],
    tips: [150, 112],
    leaf: [208, 112],
    under: [98, 116],
    old: [232, 170],
    stem: [150, 232],
    fruit: [150, 44],
  },
  head: {
    stems: '',
    stemWidth: 0,
    leaves: [
      [140, 248, -84, 1.7, 'old'],
      [160, 248, 84, 1.7, 'old'],
      [142, 248, -58, 1.9],
      [158, 248, 58, 1.9],
      [146, 246, -30, 1.8],
      [154, 246, 30, 1.8],
      [150, 244, 0, 1.9],
    ],
    fruits: [],
    flowers: [],
    tips: [150, 172],
    leaf: [232, 152],
    under: [70, 158],
    old: [262, 232],
    stem: [150, 246],
    fruit: [150, 172],
  },
  tree: {
    stems:
      'M150 254 C148 220 152 190 150 150 M150 190 C130 164 108 150 92 128 M150 184 C172 160 192 146 210 124 M150 158 C142 126 132 108 126 78 M150 158 C158 126 170 108 176 78',
    stemWidth: 12,
    isWoody: true,
    leaves: crown(150, 112, [
      [13, 58, 0.72],
      [9, 34, 0.68],
      [5, 14, 0.62],
      [1, 0, 0.6],
    ]),
    fruits: [
      [100, 146],
      [198, 144],
      [128, 128],
      [176, 120],
      [150, 152],
    ],
    flowers: [
      [94, 88],
      [206, 86],
      [150, 46],
      [128, 106],
      [178, 108],
    ],
    tips: [150, 26],
    leaf: [236, 100],
    under: [66, 122],
    old: [210, 162],
    stem: [150, 216],
    fruit: [200, 162],
  },
  cone: {
    stems: 'M150 254 V30',
    stemWidth: 10,
    isWoody: true,
    leaves: [212, 180, 148, 116, 86, 60].flatMap((y, row): LeafSite[] => {
      const size = 1.5 - row * 0.2;
      const age = row === 0 ? 'old' : row === 5 ? 'new' : undefined;
      return [
        [150, y, -112, size, age],
        [150, y, 112, size, age],
        [150, y, -76, size * 0.9, age],
        [150, y, 76, size * 0.9, age],
      ];
    }),
    fruits: [],
    flowers: [],
    tips: [150, 26],
    leaf: [204, 128],
    under: [98, 144],
    old: [222, 226],
    stem: [150, 244],
    fruit: [150, 60],
  },
  hedge: {
    stems: 'M110 254 V190 M150 254 V180 M190 254 V190',
    stemWidth: 8,
    isWoody: true,
    leaves: [210, 176, 142, 110].flatMap((y, row): LeafSite[] =>
      Array.from({ length: 8 }, (_, at): LeafSite => {
        const x = 66 + at * 24 + (row % 2) * 10;
        return [x, y, ((at * 53 + row * 31) % 70) - 35, 0.72, row === 0 ? 'old' : row === 3 ? 'new' : undefined];
      }),
    ),
    fruits: [],
    flowers: [],
    tips: [150, 72],
    leaf: [240, 140],
    under: [72, 160],
    old: [236, 196],
    stem: [150, 236],
    fruit: [150, 110],
  },
  turf: {
    stems: '',
    stemWidth: 0,
    leaves: Array.from({ length: 19 }, (_, at): LeafSite => [
      24 + at * 14,
      254,
      ((at * 37) % 34) - 17,
      0.42 + ((at * 13) % 5) * 0.05,
    ]),
    fruits: [],
    flowers: [],
    tips: [150, 190],
    leaf: [210, 206],
    under: [90, 206],
    old: [240, 236],
    stem: [150, 244],
    fruit: [150, 206],
  },
  cactus: {
    stems: '',
    stemWidth: 0,
    leaves: [],
    fruits: [],
    flowers: [],
    tips: [150, 74],
    leaf: [196, 140],
    under: [102, 152],
    old: [184, 210],
    stem: [150, 180],
    fruit: [150, 74],
  },
  tray: {
    stems: [90, 130, 170, 210].map((x) => `M${x} 222 V176`).join(' '),
    stemWidth: 4,
    leaves: [90, 130, 170, 210].flatMap((x, at): LeafSite[] => [
      [x, 184, -62, 0.5, 'old'],
      [x, 184, 62, 0.5, 'old'],
      [x, 178, -18, 0.36 + at * 0.04, 'new'],
      [x, 178, 20, 0.36 + at * 0.04, 'new'],
    ]),
    fruits: [],
    flowers: [],
    tips: [170, 158],
    leaf: [224, 168],
    under: [76, 170],
    old: [234, 184],
    stem: [130, 206],
    fruit: [150, 170],
  },
};
