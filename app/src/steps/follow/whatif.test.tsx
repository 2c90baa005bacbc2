import { whatIf } from '@trowel/core/simulate';
import { openGarden } from '@/testing/garden';
import { page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import type { AskedWhatIf, ToldWhatIf } from '@/workers/what-if.worker';
import { WhatIf } from './WhatIf';

/** Stands in for the thread: fewer runs, and the answer a moment later. */
let mockAnswer: (asked: AskedWhatIf) => ToldWhatIf;
class MockThread {
  onmessage: ((told: { readonly data: ToldWhatIf }) => void) | undefined;
  postMessage(asked: AskedWhatIf): void {
    void Promise.resolve().then(() => this.onmessage?.({ data: mockAnswer(asked) }));
  }
  terminate(): void {
    this.onmessage = undefined;
  }
}
jest.mock('@/workers', () => ({ whatIfWorker: () => new MockThread() }));

const gooseberries = () => {
  const garden = openGarden({ demo: true });
  const found = garden.cases().find(({ name }) => /Gooseberries/.test(name));
  const [job] = garden.read('oneCase', found?.id ?? '').jobs;
  if (!job) throw new Error('the demo garden has no such job');
  return { garden, job };
};

describe('what if', () => {
  beforeEach(() => {
    mockAnswer = ({ known, scenarios }) => ({ kind: 'result', result: whatIf(known, scenarios, { runs: 60 }) });
  });

  test('each plan with its picture, its visits and the chance to be below the level, on days', async () => {
    const { garden, job } = gooseberries();
    const asked = garden.read('whatIf', job.id);
    draw(<WhatIf job={job} />);
    expect(page()).not.toContain('Nothing is done');
    press('What if …');
    await reads('Undersides are missed');
    for (const name of ['Nothing is done', 'Once, today', 'Again when it tells most', 'The second is left out'])
      expect(page()).toContain(name);
    expect(page()).toMatch(/Below the level to act on: by 24 June .* in 100; by 8 July .* in 100\./);
    expect(document.querySelectorAll('[role="img"]')).toHaveLength(
      asked.kind === 'can' ? asked.scenarios.length : Number.NaN,
    );
  });

  test('a thread that breaks down is told, and the rest of the page stays', async () => {
    mockAnswer = () => ({ kind: 'broken', why: 'out of memory' });
    draw(<WhatIf job={gooseberries().job} />);
    press('What if …');
    await reads('It could not be reckoned: out of memory');
  });

  test('where nothing was counted, that is said', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    const made = garden.act('planJob', { remedy: 'soap-spray', places: [{ bedId: bed.id }] }) as { id: string };
    draw(<WhatIf job={garden.read('job', made.id)} />);
    press('What if …');
    await reads(/How this grows with the weather is not known here/);
  });
});
