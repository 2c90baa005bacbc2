import type { PlateBase, Tone, WeedDrawing } from '@trowel/core/tables';

/** Colours of the drawings: the same by day and by night, since a plate is a card laid on the page. */
export const ink = {
  card: '#FBF6E9',
  line: '#2B2D25',
  rib: '#3F5A33',
  healthy: '#6B9150',
  pale: '#C2D08A',
  dark: '#355C36',
  yellow: '#E0C44F',
  purple: '#86617F',
  dull: '#98A06B',
  brown: '#8B5E34',
  burnt: '#7A4B24',
  soil: '#8A6B4B',
  wetSoil: '#5B4634',
  drySoil: '#BFA27A',
  pot: '#B0603E',
  white: '#FFFFFF',
  soot: '#2A2926',
  water: '#6E9DB5',
  fruit: '#C8452F',
  green: '#7FA23D',
  orange: '#D97B29',
  steel: '#7B8A90',
  redStem: '#8C4A3A',

  // Ramps: a hue, and its lightness in hundredths (L* of CIELAB).
  earth08: '#241811',
  earth16: '#2B1F15',
  earth24: '#3E2E20',
  earth32: '#6B4F35',
  earth40: '#7A5A2E',
  earth48: '#8A6636',
  earth56: '#A98559',
  earth80: '#DDB6A6',
  gold56: '#A87412',
  gold64: '#C89526',
  gold72: '#D9A441',
  gold80: '#F0B93A',
  gold88: '#F5D77A',
  leaf24: '#26401F',
  leaf32: '#3F4A3A',
  leaf40: '#476B34',
  leaf48: '#4F7336',
  leaf56: '#6F8557',
  leaf64: '#8FA65A',
  leaf72: '#A5C47E',
  leaf80: '#B7C3A6',
  moss48: '#6B7A1E',
  moss56: '#8E8B3F',
  moss64: '#8C9A5B',
  moss72: '#A9BE5C',
  moss80: '#B7CF6A',
  moss88: '#DCE3B8',
  moss96: '#EEF2D6',
  ochre48: '#A85A18',
  ochre56: '#B5791B',
  ochre64: '#D98A3C',
  plum48: '#6F6478',
  rose24: '#7C1F2B',
  rose48: '#BC3A46',
  rose64: '#D98C93',
  rose72: '#E7A9A4',
  rose80: '#E7B7C4',
  rust24: '#6E2F10',
  rust32: '#8C2F22',
  rust40: '#A5492A',
  rust48: '#C4553A',
  rust64: '#E8826A',
  rust72: '#F2A07E',
  slate32: '#4B5560',
  slate48: '#3E6E8E',
  slate64: '#8FA0A8',
  slate80: '#B9CBD3',
  stone24: '#3C4148',
  stone32: '#4B545A',
  stone40: '#5B6166',
  stone56: '#8D9189',
  stone64: '#8FA0A6',
  stone72: '#A8ADA4',
  stone80: '#C3CDD1',
  stone88: '#DDE6EA',
  stone96: '#E8EEF0',
  straw48: '#8F7446',
  straw56: '#9C8A4E',
  straw64: '#A89C6E',
  straw72: '#C9A468',
  straw80: '#D9BF94',
  straw88: '#E9DBB4',
  straw96: '#F3E9D2',
} as const;

/** Points strewn over a leaf, the same every time. */
export function strewn(
  count: number,
  seed: number,
  within: { x: number; y: number; rx: number; ry: number } = { x: 50, y: 52, rx: 24, ry: 32 },
): { x: number; y: number; turn: number }[] {
  return Array.from({ length: count }, (_, index) => {
    // The golden angle spreads points evenly without rows (sunflower pattern).
    const angle = (index + seed) * 2.39996;
    const reach = Math.sqrt((index + 0.5) / count);
    return {
      x: within.x + within.rx * reach * Math.cos(angle),
      y: within.y + within.ry * reach * Math.sin(angle),
      turn: ((index * 47 + seed * 31) % 90) - 45,
    };
  });
}

/** Colour roles that the plates of the tables name. */
export const toneColours: Record<Tone, string> = {
  white: '#F7F6EF',
  black: '#2A2926',
  brown: '#7A4B24',
  tan: '#C39A62',
  orange: '#DB7A26',
  rust: '#B4531F',
  yellow: '#E3C443',
  pale: '#CBD894',
  green: '#7FA23D',
  dark: '#37532F',
  grey: '#8D9189',
  red: '#B93C2C',
  pink: '#D98C93',
  purple: '#7B4F78',
  silver: '#D5DAD8',
  clear: '#E9F0DC',
  blue: '#5E86A8',
};

/** Leaves of weeds, by the tone that the tables name. */
export const weedTones: Record<NonNullable<WeedDrawing['leafTone']>, string> = {
  green: ink.healthy,
  dark: ink.dark,
  pale: ink.moss72,
  grey: ink.stone64,
  red: ink.earth48,
};

/** Where marks lie on each base: the middle and half-axes of an ellipse on a card of 100 by 100. */
export interface Field {
  readonly x: number;
  readonly y: number;
  readonly rx: number;
  readonly ry: number;
}
const leafField: Field = { x: 50, y: 52, rx: 22, ry: 30 };
export const fields: Partial<Record<PlateBase, Field>> = {
  'lobed-leaf': { x: 50, y: 54, rx: 28, ry: 28 },
  'long-leaf': { x: 50, y: 52, rx: 9, ry: 38 },
  'fern-frond': { x: 50, y: 54, rx: 22, ry: 34 },
  shoot: { x: 50, y: 44, rx: 22, ry: 30 },
  stem: { x: 51, y: 54, rx: 4, ry: 40 },
  trunk: { x: 50, y: 46, rx: 17, ry: 34 },
  flower: { x: 50, y: 40, rx: 24, ry: 22 },
  fruit: { x: 50, y: 56, rx: 26, ry: 26 },
  apple: { x: 50, y: 58, rx: 25, ry: 24 },
  berry: { x: 50, y: 58, rx: 20, ry: 24 },
  pod: { x: 50, y: 52, rx: 12, ry: 30 },
  cucumber: { x: 50, y: 52, rx: 12, ry: 32 },
  carrot: { x: 50, y: 56, rx: 9, ry: 24 },
  potato: { x: 50, y: 56, rx: 30, ry: 20 },
  bulb: { x: 50, y: 62, rx: 20, ry: 20 },
  cabbage: { x: 50, y: 52, rx: 28, ry: 26 },
  pot: { x: 50, y: 46, rx: 24, ry: 4 },
  soil: { x: 50, y: 58, rx: 28, ry: 6 },
  profile: { x: 50, y: 66, rx: 38, ry: 22 },
  root: { x: 50, y: 58, rx: 24, ry: 28 },
  lawn: { x: 50, y: 62, rx: 40, ry: 24 },
  turf: { x: 50, y: 62, rx: 36, ry: 20 },
  water: { x: 50, y: 62, rx: 32, ry: 22 },
  insect: { x: 50, y: 48, rx: 34, ry: 30 },
  bed: { x: 50, y: 62, rx: 38, ry: 16 },
};
export const fieldOf = (base: PlateBase): Field => fields[base] ?? leafField;
