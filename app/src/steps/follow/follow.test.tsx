import type { CaseView } from '@trowel/core/contract';
import { CasePage } from '@/steps/cases/CasePage';
import { openGarden, type TestGarden } from '@/testing/garden';
import { holds, isDisabled, maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { Counter } from './Counter';
import { CountsChart } from './CountsChart';

const counter = (kind: 'before' | 'after', unit: 'number' | 'yes-no' = 'number') =>
  draw(<Counter jobId={`t-${kind}-${unit}`} kind={kind} ways={[{ unit, what: 'greenfly on a shoot' }]} />);

describe('counting', () => {
  beforeEach(() => {
    globalThis.sessionStorage.clear();
    openGarden();
  });

  test('up with the thumb, next leaf; three are needed before anything can be saved', () => {
    counter('before');
    expect(isDisabled('Three at least, ten are better')).toBe(true);
    press('One more');
    press('5 more');
    press('One fewer');
    press('Next (1)');
    press('Next (2)');
    expect(page()).toContain('5 · 0');
    expect(isDisabled('Three at least, ten are better')).toBe(true);
    press('Next (3)');
    expect(page()).toContain('3 so far');
    expect(isDisabled('Save 3 counts')).toBe(false);
  });

  test('few on a leaf are one tap each', () => {
    counter('before');
    press('0, and on');
    press('7, and on');
    press('2, and on');
    expect(page()).toContain('0 · 7 · 2');
    expect(isDisabled('Save 3 counts')).toBe(false);
  });

  test('there are no fewer than none, and the last leaf can be taken back', () => {
    counter('before');
    press('One fewer');
    press('Next (1)');
    expect(page()).toContain('1 so far');
    press('Take back');
    expect(page()).toContain('0 so far');
  });

  test('a half-made count is there again after the page was left', () => {
    const { unmount } = counter('before');
    press('5 more');
    press('Next (1)');
    unmount();
    counter('before');
    expect(page()).toContain('1 so far');
    expect(page()).toContain('5');
  });

  test('those that were left as they are are counted beside the treated, and kept apart from them', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    const job = garden.act('planJob', { remedy: 'soap-spray', places: [{ bedId: bed.id }] }) as { id: string };
    draw(<Counter jobId={job.id} kind="before" ways={[{ unit: 'number', what: 'greenfly' }]} canCompare />);
    press('Next (1)');
    press('Left as they are');
    // Its own row: nothing of the treated is in it.
    expect(page()).toContain('0 so far');
    for (const at of [1, 2, 3]) {
      press('5 more');
      press(`Next (${at})`);
    }
    press('Save 3 counts');
    await reads('Counted: those that were left as they are.');
    expect(garden.read('job', job.id).counts).toMatchObject([{ isTreated: false, mean: 5, when: 'before' }]);
    // No step was ticked by it, and the treated leaf is still there.
    expect(garden.read('job', job.id).steps.some(({ state }) => state === 'done')).toBe(false);
    expect(page()).toContain('1 so far');
  });

  test('where it is there or not, it is asked so; harm is asked only after', () => {
    counter('before', 'yes-no');
    press('Yes');
    press('No');
    expect(page()).toContain('yes · no');
    expect(maybeButton(/burnt or wilted/)).toBeUndefined();
  });
});

describe('sick leaf area', () => {
  beforeEach(() => {
    globalThis.sessionStorage.clear();
  });

  test('the drawn leaf that it is most like is one tap; what was begun so is gone on with so', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    const job = garden.act('planJob', { remedy: 'bicarbonate-spray', places: [{ bedId: bed.id }] }) as { id: string };
    const { ways } = garden.read('job', job.id).measuredBy;
    expect(ways.map(({ unit }) => unit)).toEqual(['area', 'yes-no']);
    draw(<Counter jobId={job.id} kind="before" ways={ways} />);
    await reads('over half');
    expect(maybeButton('Only yes or no')).toBeDefined();
    press('up to 5 %, and on');
    press('26–50 %, and on');
    press('none, and on');
    expect(page()).toContain('3 % · 38 % · 0 %');
    expect(maybeButton('Only yes or no')).toBeUndefined();
    press('Save 3 counts');
    await reads('Counted. Now the change can be told.');
    const { counts, measuredBy } = garden.read('job', job.id);
    expect(counts).toMatchObject([{ counts: [3, 38, 0], mean: 13.67 }]);
    expect(measuredBy).toMatchObject({ unit: 'area', ways: [{ unit: 'area' }] });
  });
});

test('a crop that nothing helps is given up: what can still be sown stands there, and one tap brings it back', async () => {
  globalThis.sessionStorage.clear();
  const garden = openGarden();
  const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
  const planting = garden.act('addPlanting', { plant: 'cucumber' }, bed.id) as { id: string };
  const { id } = garden.act('openCase', { bedId: bed.id, plantingId: planting.id }) as { id: string };
  garden.act('addEvidence', { said: 'white powder on the leaves that wipes off' }, id);
  // Left as it is, and looked at twice: more each time.
  const job = garden.act('chooseRemedy', { remedy: 'watch' }, id) as { id: string };
  garden.act('addCount', { jobId: job.id, counts: [4, 0, 2, 1, 5, 0, 0, 3, 2, 1] });
  garden.wait(16);
  garden.act('addCount', { jobId: job.id, counts: [40, 22, 31, 18, 60, 25, 33, 41, 20, 37] });
  place.params = { id, part: 'look' };
  draw(<CasePage />);
  await reads('Give the plant up, and sow something else there');
  press('What could stand there instead?');
  await reads('What can still be sown there');
  await reads('Lettuce');
  press(/^Take .+ out and close the case$/);
  await reads('It is given up and taken out.');
  expect(garden.read('bed', bed.id).plantings).toEqual([]);
  press('Undo');
  await holds(() => expect(garden.read('bed', bed.id).plantings).toHaveLength(1));
  expect(garden.read('oneCase', id).summary.status).toBe('open');
});

describe('the picture of the counts', () => {
  const look = (id: string, on: string, when: 'before' | 'after', counts: number[], isTreated = true) => ({
    id,
    on,
    when,
    counts,
    isTreated,
    mean: counts.reduce((sum, count) => sum + count, 0) / counts.length,
    low: 0,
    high: 40,
  });

  test('every leaf is a dot, every look a mean, and the level to act on a line', () => {
    const { container } = draw(
      <CountsChart
        counts={[
          look('a', '2026-06-01', 'before', [10, 20, 30]),
          look('b', '2026-06-08', 'after', [0, 3, 6]),
          look('u', '2026-06-08', 'after', [40], false),
        ]}
        applied={[{ on: '2026-06-01', says: '' }]}
        clearBelow={5}
      />,
    );
    expect(container.querySelectorAll('circle')).toHaveLength(6 + 2);
    expect(container.querySelector('[role="img"]')?.getAttribute('aria-label')).toBe(
      'Counts: 20 on 1 June, 3 on 8 June',
    );
    expect(page()).toContain('act above');
    // What was left alone is a square, and no part of the summary; the blade under the line is the spray.
    expect(container.querySelectorAll('rect')).toHaveLength(1);
    expect(page()).toMatch(/Blade under the line.*Squares/);
  });

  test('without any look at the treated there is no picture', () => {
    const untreated = [look('u', '2026-06-01', 'before', [4], false)];
    const { container } = draw(<CountsChart counts={untreated} applied={[]} clearBelow={5} />);
    expect(container.querySelector('svg')).toBeNull();
  });
});

describe('looking again, in a case', () => {
  const open = (garden: TestGarden, pick: (view: CaseView) => boolean) => {
    const found = garden.cases().find(({ id }) => pick(garden.read('oneCase', id)));
    if (!found) throw new Error('the demo garden has no such case');
    place.params = { id: found.id, part: 'look' };
    draw(<CasePage />);
    return garden.read('oneCase', found.id);
  };

  test('the verdict says the change with its uncertainty, and what next', async () => {
    const garden = openGarden({ demo: true });
    const told = ({ jobs }: CaseView) => jobs.some(({ follow }) => follow?.change && follow.next.length > 0);
    const closed = garden.cases().find(({ id }) => told(garden.read('oneCase', id)));
    garden.act('reopenCase', {}, closed?.id);
    for (const { id } of garden.read('oneCase', closed?.id ?? '').jobs) garden.act('resumeJob', {}, id);
    const view = open(garden, told);
    const judged = view.jobs.find(({ follow }) => follow?.change);
    await reads(judged?.remedyName ?? 'x');
    expect(page()).toContain(judged?.follow?.says ?? 'x');
    expect(page()).toMatch(/nine times in ten it lies between/);
    for (const { says } of judged?.follow?.next ?? []) expect(page()).toContain(says);
    press('How this was worked out');
    for (const line of judged?.follow?.working ?? ['nothing']) expect(page()).toContain(line);
  });

  test('a case is closed as it was, told, and opened again by undo', async () => {
    const garden = openGarden({ demo: true });
    const view = open(garden, ({ summary }) => summary.status === 'open');
    await reads('Close the case another way');
    press('It was something else');
    await reads('The case is closed.');
    expect(garden.read('oneCase', view.summary.id).summary).toMatchObject({ status: 'closed', outcome: 'mistaken' });
    press('Undo');
    await holds(() => expect(garden.read('oneCase', view.summary.id).summary.status).toBe('open'));
  });

  test('a closed case shows what was counted and is not counted any more', async () => {
    open(openGarden({ demo: true }), ({ summary, counts }) => summary.status === 'closed' && counts.length > 0);
    await reads('This case is closed.');
    expect(page()).not.toContain('Count again, the same way');
    expect(maybeButton('Open it again')).toBeDefined();
    expect(page()).toContain('Case opened');
  });
});
