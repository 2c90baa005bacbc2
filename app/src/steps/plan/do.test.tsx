import type { CaseView, StepView } from '@trowel/core/contract';
import { flush } from '@/api/outbox';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, holds, maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { DoPart } from './DoPart';
import { StepCard } from './StepCard';

const command = () => ({ commandId: globalThis.crypto.randomUUID() });

/** A case in the demo garden with one remedy chosen. */
function withRemedy(remedy: string): { garden: TestGarden; view: () => CaseView; caseId: string } {
  const garden = openGarden({ demo: true });
  const bed = garden.read('garden').beds.find(({ plantings }) => plantings.length > 0);
  const { id } = garden.act('openCase', {
    ...command(),
    bedId: bed?.id ?? '',
    plantingId: bed?.plantings[0]?.id,
  } as never) as { id: string };
  garden.act('chooseRemedy', { ...command(), remedy } as never, id);
  return { garden, caseId: id, view: () => garden.read('oneCase', id) as CaseView };
}
const stepsOf = (view: CaseView): readonly StepView[] => view.jobs.flatMap(({ steps }) => steps);

/** The spray of a case, once its test leaf has been wetted or left out. */
function sprayAfter(outcome: 'done' | 'skipped', garden: TestGarden, view: () => CaseView): StepView {
  const leaf = stepsOf(view()).find(({ kind }) => kind === 'test-leaf');
  garden.act('recordStep', {
    ...command(),
    jobId: leaf?.jobId,
    step: leaf?.step,
    outcome,
    acknowledged: [],
  } as never);
  const spray = stepsOf(view()).find(({ step }) => step === 'spray');
  if (!spray) throw new Error('soap is sprayed');
  return spray;
}

describe('doing', () => {
  test('with nothing chosen says where the steps will stand', () => {
    const garden = openGarden({ demo: true });
    const [bed] = garden.read('garden').beds;
    const { id } = garden.act('openCase', { ...command(), bedId: bed?.id ?? '' } as never) as { id: string };
    draw(<DoPart view={garden.read('oneCase', id) as CaseView} garden={garden.read('garden')} />);
    expect(page()).toContain('No remedy chosen yet');
  });

  test('every step stands with its day, its minutes and why', () => {
    const { garden, view } = withRemedy('soap-spray');
    draw(<DoPart view={view()} garden={garden.read('garden')} />);
    for (const { does, minutes } of stepsOf(view())) {
      expect(page()).toContain(does);
      expect(page()).toContain(`${minutes} min`);
    }
    expect(page()).not.toMatch(/undefined|NaN/);
  });

  test('a step without cautions is ticked by one tap, and unticked by undo', async () => {
    const { garden, view, caseId } = withRemedy('soap-spray');
    const first = stepsOf(view()).find(({ kind }) => kind === 'test-leaf');
    if (!first) throw new Error('soap is tried on a leaf');
    draw(<StepCard step={first} today="2026-06-10" />);
    const state = () =>
      stepsOf(garden.read('oneCase', caseId) as CaseView).find(({ kind }) => kind === 'test-leaf')?.state;
    press(`${first.does}, ${first.caseName}`);
    await holds(() => expect(state()).toBe('done'));
    await reads(`Done: ${first.does}`);
    press('Undo');
    await holds(() => expect(state()).toBe('planned'));
  });

  test('what can hurt is read before it is ticked', async () => {
    const { garden, view, caseId } = withRemedy('soap-spray');
    const spray = sprayAfter('skipped', garden, view);
    expect(spray.cautions.some(({ level }) => level === 'caution')).toBe(true);
    draw(<StepCard step={spray} today="2026-06-10" />);
    press(`${spray.does}, ${spray.caseName}`);
    await reads('Read, and done');
    expect(garden.done).not.toContain('recordStep');
    const unread = spray.cautions.filter(({ level }) => level === 'caution');
    for (const { says } of unread) press(`Read: ${says}`);
    press('Read, and done');
    await holds(() =>
      expect(stepsOf(garden.read('oneCase', caseId) as CaseView).find(({ step }) => step === 'spray')?.state).toBe(
        'done',
      ),
    );
  });

  test('a step that asks for a count is answered by the count itself, and taken back with it', async () => {
    const { garden, view, caseId } = withRemedy('water-jet');
    const count = stepsOf(view()).find(({ kind }) => kind === 'count');
    if (!count) throw new Error('the jet is counted before');
    const now = () => garden.read('oneCase', caseId) as CaseView;
    const state = () => stepsOf(now()).find(({ step }) => step === count.step)?.state;
    globalThis.sessionStorage.clear();
    draw(<StepCard step={count} today="2026-06-10" />);
    press(`${count.does}, ${count.caseName}`);
    await reads('Count before you begin');
    expect(state()).toBe('planned');
    for (const at of [1, 2, 3]) press(`Next (${at})`);
    press('Save 3 counts');
    await holds(() => expect(state()).toBe('done'));
    expect(now().jobs[0]?.counts).toMatchObject([{ when: 'before', counts: [0, 0, 0] }]);
    press('Undo');
    await holds(() => expect(state()).toBe('planned'));
    expect(now().counts).toEqual([]);
  });

  test('that it could not be counted is an answer, told on the step', async () => {
    const { garden, view, caseId } = withRemedy('water-jet');
    const count = stepsOf(view()).find(({ kind }) => kind === 'count');
    if (!count) throw new Error('the jet is counted before');
    draw(<StepCard step={count} today="2026-06-10" />);
    press(`${count.does}, ${count.caseName}`);
    await reads('Could not');
    press('Could not');
    await holds(() =>
      expect(stepsOf(garden.read('oneCase', caseId) as CaseView).find(({ step }) => step === count.step)).toMatchObject(
        {
          state: 'done',
          found: 'could not be done',
        },
      ),
    );
  });

  test('a spray whose test leaf is an hour old cannot be ticked at all', () => {
    const { garden, view } = withRemedy('soap-spray');
    const spray = sprayAfter('done', garden, view);
    draw(<StepCard step={spray} today="2026-06-10" />);
    press(`${spray.does}, ${spray.caseName}`);
    expect(page()).toMatch(/Stop\. The test leaf needs 2 days/);
    expect(maybeButton('Read, and done')).toBeUndefined();
  });

  test('a remedy is stopped, and says so', async () => {
    const { garden, view, caseId } = withRemedy('water-jet');
    draw(<DoPart view={view()} garden={garden.read('garden')} />);
    press(/^Stop /);
    await reads('has been stopped');
    expect((garden.read('oneCase', caseId) as CaseView).jobs[0]?.endedOn).toBe('2026-06-10');
  });

  test('without a line a tick stands as noted here and waits; taken back, both are sent in order', async () => {
    const { garden, view } = withRemedy('water-jet');
    const first = stepsOf(view()).find(({ asks, cautions }) => asks === null && cautions.length === 0);
    if (!first) throw new Error('the jet has steps');
    draw(<StepCard step={first} today="2026-06-10" />);
    garden.cutLine();
    press(`${first.does}, ${first.caseName}`);
    await reads('Noted here, and waits to be sent');
    const box = () => button(`${first.does}, ${first.caseName}`).getAttribute('aria-checked');
    expect(box()).toBe('true');
    press(`${first.does}, ${first.caseName}`);
    await holds(() => expect(box()).toBe('false'));
    expect(garden.done).toEqual([]);
    garden.mendLine();
    await flush();
    expect(garden.done).toEqual(['recordStep', 'recordStep']);
    expect(stepsOf(view()).find(({ step }) => step === first.step)?.state).not.toBe('done');
  });
});
