import fc from 'fast-check';
import { spansOf } from './spans';

describe('spans of a line', () => {
  test('what stands between its stops, and pieces of it that stand together', () => {
    expect(spansOf('soap on the roses, while the bees fly')).toEqual([
      'soap on the roses',
      'soap',
      'on the roses',
      'while the bees fly',
    ]);
  });

  test('"no", "without" and "since" begin a piece and stay with what stands before them', () => {
    expect(spansOf("they've had no water since sunday")).toContain("they've had no water since sunday");
    expect(spansOf('water it without gloves')).toContain('without gloves');
  });

  test('never more than three pieces, and never over a stop, of any line (seed 7)', () => {
    const word = fc.constantFrom('in', 'with', 'soap', 'sun', 'pond', 'while', ',', '.');
    fc.assert(
      fc.property(fc.array(word, { maxLength: 24 }), (words) => {
        const line = words.join(' ');
        const parts = line.split(/[,.]/).map((part) => part.trim());
        for (const span of spansOf(line)) {
          expect(parts.some((part) => part.includes(span))).toBe(true);
          if (!parts.includes(span)) expect(span.split(/\s(?=(?:in|with|while)\s)/).length).toBeLessThanOrEqual(3);
        }
      }),
      { seed: 7, numRuns: 200 },
    );
  });
});
