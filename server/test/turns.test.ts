import fc from 'fast-check';
import { Turns } from '../src/turns';

/** Ends when it is told to. */
function held(): { readonly done: Promise<void>; end(): void; fail(): void } {
  let end = () => undefined as void;
  let fail = () => undefined as void;
  const done = new Promise<void>((resolve, reject) => {
    end = resolve;
    fail = () => reject(new Error('the disk is full'));
  });
  return { done, end, fail };
}
/** Lets everything that waits for nothing more go on. */
const settle = () => new Promise((resolve) => setImmediate(resolve));

describe('who may write', () => {
  test('nobody waits where nothing is written for long', async () => {
    const turns = new Turns();
    expect(await turns.briefly(() => turns.isTaken)).toBe(false);
  });

  test('whoever wants to write is called when what is written for long is over, and also when it failed', async () => {
    const turns = new Turns();
    const order: string[] = [];
    const [first, second] = [held(), held()];
    const broken = turns.alone(() => first.done.finally(() => order.push('first')));
    const whole = turns.alone(() => second.done.finally(() => order.push('second')));
    const act = turns.briefly(() => order.push('act'));
    await settle();
    expect([turns.isTaken, order]).toEqual([true, []]);
    first.fail();
    await expect(broken).rejects.toThrow('full');
    await settle();
    expect(order).toEqual(['first']);
    second.end();
    await Promise.all([whole, act]);
    expect([turns.isTaken, order]).toEqual([false, ['first', 'second', 'act']]);
  });

  test('never two at once, in whatever order they come and end', () =>
    fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.constantFrom('long', 'act'), fc.boolean()), { maxLength: 12 }),
        async (asked) => {
          const turns = new Turns();
          let writing = 0;
          let done = 0;
          const works = asked.map(async ([kind, fails]) => {
            if (kind === 'act') expect(await turns.briefly(() => writing)).toBe(0);
            else
              await turns
                .alone(async () => {
                  writing += 1;
                  expect(writing).toBe(1);
                  await settle();
                  writing -= 1;
                  if (fails) throw new Error('failed');
                })
                .catch(() => undefined);
            done += 1;
          });
          await Promise.all(works);
          expect([done, turns.isTaken]).toEqual([asked.length, false]);
        },
      ),
      { numRuns: 40 },
    ));
});
