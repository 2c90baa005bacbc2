import fc from 'fast-check';
import { bestParting, partsOf, piecesOf, spansOf, textOf } from './parting';

describe('parting a line', () => {
  test('it is parted where people draw breath; a figure keeps its point', () => {
    expect(
      piecesOf('Sticky leaves, and ants. The soil is at pH 5.5').map(({ text, sentence }) => [text, sentence]),
    ).toEqual([
      ['Sticky leaves', 0],
      ['and ants', 0],
      ['The soil is at pH 5.5', 1],
    ]);
    expect(piecesOf('lumps here and there and ants').map(({ text }) => text)).toEqual([
      'lumps here and there',
      'and ants',
    ]);
    expect(piecesOf(' , . ')).toEqual([]);
  });

  test('spans stay within a sentence, and are never too long', () => {
    const pieces = piecesOf('a, b, c, d, e, f, g, h. i, j');
    for (const span of spansOf(pieces)) {
      expect(span.to - span.from).toBeLessThanOrEqual(6);
      expect(pieces[span.from]?.sentence).toBe(pieces[span.to - 1]?.sentence);
    }
    expect(spansOf(pieces)).toContainEqual({ from: 8, to: 10 });
    expect(textOf(pieces, { from: 0, to: 2 })).toBe('a, b');
    expect(partsOf('yellow leaves, and ants')).toEqual(['yellow leaves', 'and ants']);
  });

  test('of a letter no more is looked at than of a long line: its runs are shorter, and every piece is still read', () => {
    const looked = (text: string) => {
      const pieces = piecesOf(text);
      const spans = spansOf(pieces);
      const words = spans.reduce(
        (sum, { from, to }) => sum + pieces.slice(from, to).reduce((own, { tokens }) => own + tokens.length, 0),
        0,
      );
      expect(new Set(spans.flatMap(({ from, to }) => (to === from + 1 ? [from] : []))).size).toBe(pieces.length);
      return { words, longest: Math.max(...spans.map(({ from, to }) => to - from)) };
    };
    const said = 'the lower leaves are yellow, and they curl, with sticky drops on the path, ';
    expect(looked(said.repeat(3)).longest).toBe(6);
    for (const times of [20, 40, 80, 130]) expect(looked(said.repeat(times)).words).toBeLessThan(4000);
    expect(looked(said.repeat(130)).longest).toBe(1);
  });

  test('the best parting is the best of all partings (every one tried, seed 5)', () => {
    const line = fc.integer({ min: 1, max: 6 }).chain((size) => {
      const spans = Array.from({ length: size }, (_, from) =>
        Array.from({ length: size - from }, (__, more) => ({ from, to: from + more + 1 })),
      ).flat();
      return fc.record({
        size: fc.constant(size),
        spans: fc.constant(spans),
        worth: fc.array(fc.double({ min: -3, max: 3, noNaN: true }), {
          minLength: spans.length,
          maxLength: spans.length,
        }),
      });
    });
    fc.assert(
      fc.property(line, ({ size, spans, worth }) => {
        const best = (at: number): number =>
          at >= size
            ? 0
            : Math.max(
                best(at + 1),
                ...spans.map((span, index) => (span.from === at ? worth[index]! + best(span.to) : -Infinity)),
              );
        const chosen = bestParting(size, spans, worth);
        expect(chosen.reduce((sum, index) => sum + worth[index]!, 0)).toBeCloseTo(best(0), 9);
        for (let at = 1; at < chosen.length; at += 1)
          expect(spans[chosen[at]!]!.from).toBeGreaterThanOrEqual(spans[chosen[at - 1]!]!.to);
      }),
      { seed: 5, numRuns: 150 },
    );
  });
});
