import { fireEvent } from '@testing-library/react';
import { cannotMeasure } from '@trowel/core/wording';
import { openGarden } from '@/testing/garden';
import { button, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import type { AskedMeasure, ToldMeasure } from '@/workers/measure.worker';
import { useState } from 'react';
import { MeasurePhoto } from './MeasurePhoto';

/** Stands in for the thread: it answers a moment later, and each place of the line once. */
let mockAnswer: (asked: AskedMeasure) => ToldMeasure;
const mockAsked: AskedMeasure[] = [];
class MockThread {
  onmessage: ((told: { readonly data: ToldMeasure }) => void) | undefined;
  postMessage(asked: AskedMeasure): void {
    mockAsked.push(asked);
    void Promise.resolve().then(() => this.onmessage?.({ data: mockAnswer(asked) }));
  }
  terminate(): void {
    this.onmessage = undefined;
  }
}
jest.mock('@/workers', () => ({ measureWorker: () => new MockThread() }));

const photo = { id: 'photo-1', on: '2026-06-10', width: 1600, height: 1200, spotted: null, specks: null };
const found = (level: number): ToldMeasure => ({
  kind: 'measured',
  share: level / 2,
  low: Math.max(0, level / 2 - 0.03),
  high: level / 2 + 0.03,
  looks: { spots: level / 2, pale: 0, powder: 0 },
  level,
  shown: new Blob(),
});

function Measured() {
  const [isOpen, setOpen] = useState(false);
  return <MeasurePhoto photo={photo} isOpen={isOpen} setOpen={setOpen} />;
}

describe('measuring a photograph', () => {
  beforeEach(() => {
    mockAsked.length = 0;
    openGarden({ demo: true });
    globalThis.fetch = () => Promise.resolve({ ok: true, blob: () => Promise.resolve(new Blob()) } as Response);
    URL.createObjectURL = () => 'blob:painted';
    URL.revokeObjectURL = () => undefined;
  });

  test('tells the share with its error, and measures anew where the line is put', async () => {
    mockAnswer = (asked) => found(asked.kind === 'line' ? asked.level : 0.4);
    draw(<Measured />);
    expect(page()).not.toContain('spotted');
    press('Measure the photograph of 10 June');
    await reads('About 20 % of this leaf is spotted; between 17 % and 23 %, nine times in ten.');
    fireEvent.keyDown(button(/^The line between sound and sick, at 40/), { key: 'ArrowRight' });
    await reads('About 23 % of this leaf is spotted');
    expect(mockAsked.map((asked) => (asked.kind === 'line' ? Math.round(asked.level * 100) : asked.kind))).toEqual([
      'picture',
      45,
    ]);
  });

  test('of a card the specks are counted, and the line is between card and speck', async () => {
    mockAnswer = (asked) =>
      asked.kind === 'picture' && asked.of === 'card'
        ? { kind: 'counted', count: 37, low: 34, high: 41, level: 0.6, shown: new Blob() }
        : found(0.4);
    draw(<Measured />);
    press('Measure the photograph of 10 June');
    await reads('of this leaf is spotted');
    press('Specks on a card');
    await reads('About 37 specks on this card; between 34 and 41, nine times in ten.');
    button(/^The line between card and speck, at 60/);
    expect(mockAsked.map((asked) => asked.kind === 'picture' && asked.of)).toEqual(['leaf', 'card']);
  });

  test('where it cannot be told, why and what to do is said; a thread that breaks down is told', async () => {
    mockAnswer = () => ({ kind: 'cannot', because: 'cut-off' });
    const { unmount } = draw(<Measured />);
    press('Measure the photograph of 10 June');
    await reads(cannotMeasure['cut-off']);
    unmount();
    mockAnswer = () => ({ kind: 'broken', why: 'out of memory' });
    draw(<Measured />);
    press('Measure the photograph of 10 June');
    await reads('It could not be measured: out of memory');
  });
});
