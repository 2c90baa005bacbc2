import { remembered } from './remembered';

describe('answers that are kept', () => {
  test('the same question is worked out once; another one anew', () => {
    const work = jest.fn((counts: readonly number[], factor: number) => counts.map((count) => count * factor));
    const kept = remembered(work, 10);
    expect(kept([1, 2], 3)).toEqual([3, 6]);
    expect(kept([1, 2], 3)).toEqual([3, 6]);
    expect(work).toHaveBeenCalledTimes(1);
    expect(kept([1, 2], 4)).toEqual([4, 8]);
    expect(work).toHaveBeenCalledTimes(2);
  });

  test('no answer is remembered as "not asked yet"', () => {
    const work = jest.fn((_of: number): undefined => undefined);
    const kept = remembered(work, 10);
    kept(1);
    kept(1);
    expect(work).toHaveBeenCalledTimes(1);
  });

  test('the one not asked for longest goes first', () => {
    const work = jest.fn((of: number) => of);
    const kept = remembered(work, 2);
    [1, 2, 1, 3].forEach((of) => kept(of));
    work.mockClear();
    kept(1);
    expect(work).not.toHaveBeenCalled();
    kept(2);
    expect(work).toHaveBeenCalledTimes(1);
  });
});
