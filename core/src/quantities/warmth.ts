/**
 * Degree-days of one day above a base, °C·days, by a sine curve through its lowest and highest temperature: where the
 * night is colder than the base only the part above it counts, and where the day is hotter than the upper end, what
 * lies above that counts no more. Source: Baskerville and Emin's single sine, with a horizontal cut-off.
 */
export function degreeDaysOf(low: number, high: number, base: number, upper = Infinity): number {
  return above(low, high, base) - (upper < high ? above(low, high, upper) : 0);
}

function above(low: number, high: number, base: number): number {
  if (high <= base) return 0;
  const mean = (low + high) / 2;
  if (low >= base) return mean - base;
  const swing = (high - low) / 2;
  const from = Math.asin((base - mean) / swing);
  return ((mean - base) * (Math.PI / 2 - from) + swing * Math.cos(from)) / Math.PI;
}
