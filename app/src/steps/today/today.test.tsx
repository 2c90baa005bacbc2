import { NotebookPage } from '@/steps/notebook/NotebookPage';
import { PracticePage } from '@/steps/practice/PracticePage';
import { knowledge } from '@trowel/knowledge';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, holds, maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { TodayPage } from './TodayPage';

/** Of what is coming, only the next few stand there at first. */
async function showAll() {
  await reads('Coming');
  if (maybeButton(/^Show \d+ more/)) press(/^Show \d+ more/);
}

describe('today', () => {
  test('says the day, what is due, and what is coming, in the garden’s own days', async () => {
    const garden = openGarden({ demo: true });
    const view = garden.read('today');
    draw(<TodayPage />);
    await reads('Wednesday 10 June');
    for (const { does, caseName } of view.due)
      expect([does, maybeButton(`${does}, ${caseName}`) !== undefined]).toEqual([does, true]);
    expect(page()).toContain('Coming');
    expect(page()).not.toMatch(/\d{4}-\d{2}-\d{2}|undefined|NaN/);
  });

  test('an empty garden is told how to begin', async () => {
    openGarden();
    draw(<TodayPage />);
    await reads('All quiet');
    expect(button('New case').getAttribute('href')).toBe('/cases/new');
  });

  const steps = (garden: TestGarden) => {
    const { due, coming } = garden.read('today');
    return [...due, ...coming];
  };

  test('a step is ticked with one tap, told, and taken back by undo', async () => {
    const garden = openGarden({ demo: true });
    const step = steps(garden).find(
      ({ asks, caseId, cautions }) =>
        caseId !== null && asks === null && cautions.every(({ level }) => level === 'note'),
    );
    if (!step) throw new Error('no step without cautions');
    draw(<TodayPage />);
    await showAll();
    await reads(step.does);
    press(`${step.does}, ${step.caseName}`);
    await reads(`Done: ${step.does}`);
    const stateOf = () =>
      garden
        .read('oneCase', step.caseId ?? '')
        .jobs.flatMap((row) => row.steps.filter(({ jobId }) => jobId === row.id))
        .find(({ step: id, jobId }) => id === step.step && jobId === step.jobId)?.state;
    expect(stateOf()).toBe('done');
    press('Undo');
    await holds(() => expect(stateOf()).not.toBe('done'));
  });

  test('what must be read first stands between the tap and the tick', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    const { id } = garden.act('openCase', { bedId: bed.id }) as { id: string };
    const grave = knowledge.remedies.find(
      ({ cautions, steps: chain }) =>
        cautions.some(({ at, level }) => at === 'apply' && level === 'caution') && chain[0]?.applies,
    );
    garden.act('chooseRemedy', { remedy: grave?.id ?? '' }, id);
    const step = steps(garden).find(({ cautions }) => cautions.some(({ level }) => level === 'caution'));
    if (!step) throw new Error('no step with a caution');
    const before = garden.done.length;
    draw(<TodayPage />);
    await reads(step.does);
    if (!maybeButton(`${step.does}, ${step.caseName}`)) press(/^Show \d+ more/);
    press(`${step.does}, ${step.caseName}`);
    await holds(() => expect(maybeButton(/^Read: /)).toBeDefined());
    expect(garden.done).toHaveLength(before);
    for (const caution of step.cautions.filter(({ level }) => level === 'caution')) press(`Read: ${caution.says}`);
    press('Read, and done');
    await holds(() => expect(garden.done.slice(before)).toEqual(['recordStep']));
  });

  test('what was marked in a case that is closed by now is told, and can be taken up or dropped', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    const { id } = garden.act('openCase', { bedId: bed.id, name: 'Carrots' }) as { id: string };
    garden.act('chooseRemedy', { remedy: 'net-cover', from: '2026-06-13' }, id);
    garden.act('chooseRemedy', { remedy: 'collars', from: '2026-06-14' }, id);
    garden.act('closeCase', { outcome: 'solved' }, id);
    draw(<TodayPage />);
    await reads('Net with sealed edges: Carrots');
    expect(page()).toContain('The case is closed; opened again, its steps stand here.');
    press(/^Drop it: .* for Carrots$/);
    await holds(() => expect(garden.read('today').marked).toHaveLength(1));
    press(/^Open it again: Carrots/);
    await holds(() => expect(garden.read('oneCase', id).summary.status).toBe('open'));
    expect(garden.read('today').marked).toEqual([]);
  });

  test('without a line the tick waits, and says so', async () => {
    const garden = openGarden({ demo: true });
    const step = steps(garden).find(
      ({ asks, caseId, cautions }) =>
        caseId !== null && asks === null && cautions.every(({ level }) => level === 'note'),
    );
    draw(<TodayPage />);
    await showAll();
    await reads(step?.does ?? 'x');
    garden.cutLine();
    press(`${step?.does}, ${step?.caseName}`);
    await reads('Noted here, and waits to be sent');
    expect(garden.done).toEqual([]);
  });
});

describe('the notebook', () => {
  test('says what worked, where what was, and every act in words', async () => {
    const garden = openGarden({ demo: true });
    const { worked, places } = garden.read('notebook');
    const { entries: log } = garden.read('log');
    draw(<NotebookPage />);
    await reads('Everything that was done');
    for (const { remedyName } of worked) expect(page()).toContain(remedyName);
    for (const { bedName } of places) expect(page()).toContain(`${bedName}: `);
    await reads(log[0]?.says ?? 'x');
    expect(page()).toMatch(/last in \w+ 20\d\d/);
    expect(page()).not.toMatch(/\d{4}-\d{2}-\d{2}/);
  });

  test('an empty one says what will stand there', async () => {
    openGarden();
    draw(<NotebookPage />);
    await reads('Nothing judged yet');
    expect(page()).not.toContain('Which place had what');
  });
});

describe('practice', () => {
  test('a check is bought with minutes; the answer shows what was missed, and counts only with the next plant', async () => {
    const garden = openGarden();
    draw(<PracticePage />);
    await reads('What is it?');
    expect(page()).toContain('0 dealt, 0 right');
    const check = maybeButton(/ · \d+ min$/);
    if (check) {
      press(check.textContent ?? '');
      expect(page()).toMatch(/Checks you can buy · [1-9]\d* min spent/);
    }
    const options = [...document.querySelectorAll('button')].filter(
      (element) => !/ · \d+ min$/.test(element.textContent ?? ''),
    );
    press(options[0]?.textContent ?? '');
    await reads(/Right: |It was /);
    expect(garden.done).toEqual([]);
    press('Next plant');
    await reads('1 dealt');
    expect(garden.done).toEqual(['answerPractice']);
  });
});
