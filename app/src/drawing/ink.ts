import type { PlateBase, Tone } from '@trowel/core/tables';

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
