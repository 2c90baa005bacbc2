import { openGarden, type TestGarden } from '@/testing/garden';
import { maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { NotebookPage } from './NotebookPage';

const hrefs = () => [...document.body.querySelectorAll('[href]')].map((one) => one.getAttribute('href'));

/** A case opened, treated and closed. */
function closeOne(garden: TestGarden, outcome: 'solved' | 'no-change' | 'given-up', isPutOn = true) {
  const remedy = 'water-jet';
  const [bed] = garden.read('garden').beds;
  const [planting] = bed?.plantings ?? [];
  const command = () => ({ commandId: globalThis.crypto.randomUUID() });
  const { id } = garden.act('openCase', {
    ...command(),
    bedId: bed?.id ?? '',
    ...(planting ? { plantingId: planting.id } : {}),
  } as never) as { id: string };
  const { id: jobId } = garden.act('chooseRemedy', { ...command(), remedy } as never, id) as { id: string };
  if (isPutOn) {
    const all = garden.read('oneCase', id).jobs.flatMap(({ steps }) => steps);
    const step = all.find((one) => one.jobId === jobId && one.step === 'jet');
    const acknowledged = (step?.cautions ?? []).map(({ rule = '' }) => rule);
    garden.act('recordStep', { ...command(), jobId, step: 'jet', outcome: 'done', acknowledged } as never);
  }
  garden.act('closeCase', { ...command(), outcome } as never, id);
  return id;
}

describe('the notebook', () => {
  test('of a garden that has closed nothing says so, and leads to plates and practice', async () => {
    openGarden();
    draw(<NotebookPage />);
    await reads('Nothing judged yet');
    expect(hrefs()).toEqual(expect.arrayContaining(['/practice', '/plates']));
    expect(page()).not.toContain('Which place had what');
  });

  test('what helped is remembered with how often, and never counted on more than it has shown', async () => {
    const garden = openGarden({ demo: true });
    const id = closeOne(garden, 'solved');
    draw(<NotebookPage />);
    await reads('What worked here');
    const worked = garden.read('notebook').worked.find(({ remedy }) => remedy === 'water-jet');
    expect(worked?.worked).toBeGreaterThanOrEqual(1);
    expect(worked?.share?.high).toBeLessThan(1);
    expect(page()).toContain(worked?.says ?? 'x');
    expect(hrefs()).toContain(`/cases/${id}?part=look`);
  });

  test('what did not help counts as a try, not as a help', async () => {
    const garden = openGarden({ demo: true });
    /** Against whatever it was put on. */
    const jets = () => {
      const rows = garden.read('notebook').worked.filter(({ remedy }) => remedy === 'water-jet');
      const sum = (part: 'worked' | 'failed') => rows.reduce((total, row) => total + row[part], 0);
      return { worked: sum('worked'), failed: sum('failed') };
    };
    const before = jets();
    closeOne(garden, 'no-change');
    const after = jets();
    expect(after).toEqual({ worked: before.worked, failed: before.failed + 1 });
    // Chosen and never done, or given up, tells nothing of it.
    closeOne(garden, 'solved', false);
    closeOne(garden, 'given-up');
    expect(jets()).toEqual(after);
    draw(<NotebookPage />);
    await reads('Everything that was done');
  });

  test('everything that was done stands in the log, the last first', async () => {
    const garden = openGarden({ demo: true });
    closeOne(garden, 'solved');
    draw(<NotebookPage />);
    await reads('Everything that was done');
    const { entries: log } = garden.read('log');
    expect(log.length).toBeGreaterThan(5);
    expect([...log].map(({ on }) => on).sort((a, b) => b.localeCompare(a))).toEqual(log.map(({ on }) => on));
    for (const { says } of log.slice(0, 5)) await reads(says);
  });

  test('without a line it says so, and another try brings it', async () => {
    const garden = openGarden({ demo: true });
    garden.cutLine();
    draw(<NotebookPage />);
    await reads(/not answering|no line/i);
    garden.mendLine();
    press(maybeButton('Try again') ? 'Try again' : /again/i);
    await reads('Everything that was done');
  });
});
