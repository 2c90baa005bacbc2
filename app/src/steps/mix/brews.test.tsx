import { openGarden, type TestGarden } from '@/testing/garden';
import { field, holds, isDisabled, maybeButton, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { BenchPage } from './BenchPage';

beforeEach(() => globalThis.sessionStorage.clear());

function open({ demo = false } = {}): TestGarden {
  const garden = openGarden({ demo });
  place.params = { part: 'brews' };
  draw(<BenchPage />);
  return garden;
}
const batches = (garden: TestGarden) => garden.read('bench').batches;
const boxes = () => [...document.body.querySelectorAll<HTMLElement>('[role="checkbox"]')];
/** Every caution before the button is read. */
const readAll = () => boxes().forEach((box) => box.click());

describe('a brew is begun', () => {
  test('with how much, how warm, and a loose lid; what it wants is read first', async () => {
    const garden = open();
    await reads('Start a brew');
    type(/^Water/, '10');
    type(/^Warmth where it stands/, '20');
    await reads('Begin today');
    readAll();
    await holds(() => expect(isDisabled('Begin today')).toBe(false));
    press('Begin today');
    await reads(/has begun/);
    expect(batches(garden)).toMatchObject([{ kind: 'weed', leftMl: 10_000, stage: 'working' }]);
  });

  test('under a tight lid it is stopped, and there is no way past it', async () => {
    const garden = open();
    await reads('Start a brew');
    press('Lid tight');
    await holds(() => expect(maybeButton('Begin today')).toBeUndefined());
    expect(page()).toMatch(/Stop\. .*(burst|gas)/i);
    press('Lid loose');
    await holds(() => expect(maybeButton('Begin today')).toBeDefined());
    expect(batches(garden)).toEqual([]);
  });

  test('shells are asked for in eggs or grams, with the acid of the vinegar', async () => {
    const garden = open();
    await reads('Start a brew');
    press(/Shell/);
    await reads('Acid in the vinegar');
    type(/^Dry shell/, '9 eggs');
    type(/^Vinegar/, '1');
    type(/^Acid in the vinegar/, '6');
    await reads('Begin today');
    readAll();
    press('Begin today');
    await reads(/has begun/);
    expect(batches(garden)).toMatchObject([{ kind: 'shell-extract', leftMl: 1000 }]);
  });

  test('powder is done in a day or two, where crushed shell takes most of a week', async () => {
    const garden = open();
    await reads('Start a brew');
    press(/Shell/);
    await reads('Acid in the vinegar');
    press('Powder');
    await reads('Begin today');
    readAll();
    press('Begin today');
    await reads(/has begun/);
    expect(batches(garden)[0]?.readyOn).toBe('2026-06-11');
  });

  test('what is no amount keeps the button away, and what was typed', async () => {
    open();
    await reads('Start a brew');
    type(/^Water/, 'plenty');
    await holds(() => expect(maybeButton('Begin today')).toBeUndefined());
    expect(field(/^Water/).value).toBe('plenty');
  });
});

describe('a brew that stands', () => {
  test('of a ready one some is used, and what is left is told', async () => {
    const garden = open({ demo: true });
    const ready = batches(garden).find(({ stage }) => stage === 'ready');
    if (!ready) throw new Error('the demo garden has a ready brew');
    await reads(ready.name);
    press('Use some');
    await reads('On something eaten raw');
    expect(maybeButton('Note it as used')).toBeUndefined();
    type(/^Of the brew itself/, '200 mL');
    // Thinned as far as it is strong: 200 mL times its parts of water.
    await reads('Fill up with');
    readAll();
    press('Note it as used');
    await holds(() =>
      expect(batches(garden).find(({ id }) => id === ready.id)?.leftMl).toBeCloseTo(ready.leftMl - 200, 0),
    );
    await reads(/200 mL of .* used/);
  });

  test('thrown out by mistake it comes back', async () => {
    const garden = open({ demo: true });
    const [first] = batches(garden).filter(({ stage }) => stage !== 'gone');
    await reads(first?.name ?? 'x');
    press('Throw out');
    await reads('thrown out');
    expect(batches(garden).find(({ id }) => id === first?.id)?.stage).toBe('gone');
    press('Undo');
    await holds(() => expect(batches(garden).find(({ id }) => id === first?.id)?.stage).toBe(first?.stage));
  });
});
