import { chooseRemedies } from '@trowel/core/choose';
import type { CaseView } from '@trowel/core/contract';
import { rowById } from '@trowel/core/tables';
import { weigh, worthShowing } from '@trowel/core/weigh';
import { lowerFirst } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, field, holds, isDisabled, maybeButton, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { WeighPart } from '@/steps/weigh/WeighPart';
import { caseParts } from '@/wording/cases';
import { CasePage } from './CasePage';

const command = () => ({ commandId: globalThis.crypto.randomUUID() });

/** A case in the demo garden with those words noted. */
function openCase(said?: string): { garden: TestGarden; id: string; view: () => CaseView } {
  const garden = openGarden({ demo: true });
  const bed = garden.read('garden').beds.find(({ plantings }) => plantings.length > 0);
  const { id } = garden.act('openCase', {
    ...command(),
    bedId: bed?.id ?? '',
    plantingId: bed?.plantings[0]?.id,
  } as never) as { id: string };
  if (said !== undefined) garden.act('addEvidence', { ...command(), said } as never, id);
  return { garden, id, view: () => garden.read('oneCase', id) as CaseView };
}
const aphids = 'sticky curled leaves, greenfly on the tips, white cast skins, ants on the stems';

describe('a case', () => {
  const open = (id: string, part?: string) => {
    place.params = { id, ...(part === undefined ? {} : { part }) };
    return draw(<CasePage />);
  };

  test('opens at reading; its five parts are tabs, and the one that is open says so', async () => {
    const { id, view } = openCase();
    open(id);
    await reads(view().summary.name);
    expect(page()).toContain('Nothing weighed yet');
    for (const { label } of caseParts) expect(maybeButton(label)).toBeDefined();
    expect(button('Read').getAttribute('aria-selected')).toBe('true');
    expect(button('Weigh').getAttribute('aria-selected')).toBe('false');
  });

  test('a part that is no part opens reading instead of nothing', async () => {
    const { id, view } = openCase();
    open(id, 'dance');
    await reads(view().summary.name);
    expect(button('Read').getAttribute('aria-selected')).toBe('true');
  });

  test('a tab goes into the address, so that a reload comes back to it', async () => {
    const { id, view } = openCase(aphids);
    open(id);
    await reads(view().summary.name);
    press('Choose');
    expect(place.params.part).toBe('choose');
  });

  test('its head tells the leading reading and how far it is dug, whatever part is open', async () => {
    const { id, view } = openCase(aphids);
    const leading = worthShowing(weigh(knowledge, view().situation)).head.map(({ row }) => row.name);
    for (const { id: part } of caseParts) {
      const { unmount } = open(id, part);
      await reads(leading.join(' + '));
      expect(document.body.querySelector('[aria-live="polite"]')?.getAttribute('aria-label')).toMatch(/^How far dug: /);
      expect(page()).not.toMatch(/undefined|NaN/);
      unmount();
    }
  });

  test('what was done stands under Look, in words', async () => {
    const { id, view } = openCase(aphids);
    open(id, 'look');
    await reads('What was done');
    for (const { says } of view().log) expect(page()).toContain(says);
  });

  test('one that is not there is said, not blank', async () => {
    openGarden();
    open('no-such-case');
    await reads(/not here|not found|no case|gone/i);
  });
});

describe('weighing', () => {
  function show(said?: string) {
    const made = openCase(said);
    const weighing = weigh(knowledge, made.view().situation);
    draw(<WeighPart view={made.view()} weighing={weighing} choice={chooseRemedies(knowledge, weighing, {})} />);
    return { ...made, weighing };
  }

  test('of nothing says that nothing has been weighed', () => {
    show();
    expect(page()).toContain('Nothing has been weighed yet');
  });

  test('every cause worth showing has its name, its chance in words, and its reasons behind a tap', () => {
    const { weighing } = show(aphids);
    const { shown } = worthShowing(weighing);
    expect(shown.length).toBeGreaterThan(0);
    for (const { row } of shown) expect(page()).toContain(row.name);
    const [first] = shown;
    expect(page()).not.toContain('Speaks for it');
    press(new RegExp(`^${first?.row.name} .*: open the reasons$`));
    expect(page()).toContain('Speaks for it');
    expect(page()).toContain(first?.row.plain ?? 'x');
    press(new RegExp(`^${first?.row.name} .*: close the reasons$`));
    expect(page()).not.toContain('Speaks for it');
  });

  test('the one question worth asking has its answers, and how it is done', async () => {
    const { weighing, garden, view } = show('yellow leaves');
    const [next] = weighing.nextChecks;
    const check = rowById(knowledge.checks, next?.id ?? '', 'checks');
    expect(page()).toContain(check.ask);
    press('How to');
    for (const step of check.steps) expect(page()).toContain(step);
    const before = view().log.length;
    press(check.answers[0]?.says ?? 'x');
    await holds(() => expect(garden.done).toEqual(['answerCheck']));
    expect(view().log.length).toBe(before + 1);
  });

  test('a level of one’s own to act on is kept, and given back', async () => {
    const { weighing, garden } = show(aphids);
    const cause = worthShowing(weighing).shown.find(({ row }) => row.threshold);
    if (!cause) throw new Error('aphids have a level to act on');
    press(new RegExp(`^${cause.row.name} .*: open the reasons$`));
    const label = `Act on ${lowerFirst(cause.row.name)} above`;
    type(label, 'many');
    expect(isDisabled('Use mine')).toBe(true);
    type(label, '12');
    press('Use mine');
    await holds(() => expect(garden.read('garden').beds.length).toBeGreaterThan(0));
    await holds(() => expect(garden.done).toEqual(['setThreshold']));
    expect(field(label).value).toBe('12');
  });
});
