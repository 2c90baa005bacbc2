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
