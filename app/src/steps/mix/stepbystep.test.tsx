import { act, fireEvent, screen } from '@testing-library/react';
import { draw } from '@/testing/providers';
import { StepByStep } from './StepByStep';

const steps = [
  { id: 'water', says: 'Fill in 1 L of water' },
  { id: 'soap', says: 'Add 2 teaspoons of soap' },
  { id: 'stir', says: 'Stir, do not shake' },
];
const open = () => fireEvent.click(screen.getByRole('button', { name: 'Large, step by step' }));
const box = (name: RegExp) => screen.getByRole('checkbox', { name });

describe('the order of work', () => {
  test('is told small and numbered, and large only when asked', () => {
    draw(<StepByStep steps={steps} />);
    expect(screen.getByText('1. Fill in 1 L of water.')).toBeTruthy();
    expect(screen.queryAllByRole('checkbox')).toHaveLength(0);
    open();
    expect(screen.getAllByRole('checkbox')).toHaveLength(3);
    fireEvent.click(screen.getByRole('button', { name: 'Small again' }));
    expect(screen.queryAllByRole('checkbox')).toHaveLength(0);
  });

  test('each step is ticked with a wet thumb, and unticked the same way', () => {
    draw(<StepByStep steps={steps} />);
    open();
    fireEvent.click(box(/^Step 2:/));
    expect(box(/^Step 2:/).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByText(/^1 of 3 done/)).toBeTruthy();
    fireEvent.click(box(/^Step 2:/));
    expect(box(/^Step 2:/).getAttribute('aria-checked')).toBe('false');
    expect(screen.getByText(/^0 of 3 done/)).toBeTruthy();
  });

  test('ticks stay when the card is made small and large again', () => {
    draw(<StepByStep steps={steps} />);
    open();
    fireEvent.click(box(/^Step 1:/));
    fireEvent.click(screen.getByRole('button', { name: 'Small again' }));
    open();
    expect(box(/^Step 1:/).getAttribute('aria-checked')).toBe('true');
  });

  describe('while it is large', () => {
    const release = jest.fn(async () => undefined);
    const request = jest.fn(async () => ({ release }));
    beforeEach(() => {
      release.mockClear();
      request.mockClear();
      Object.defineProperty(globalThis.navigator, 'wakeLock', { value: { request }, configurable: true });
    });
    afterEach(() => {
      Reflect.deleteProperty(globalThis.navigator, 'wakeLock');
    });

    test('the screen is kept awake, and let go again', async () => {
      draw(<StepByStep steps={steps} />);
      expect(request).not.toHaveBeenCalled();
      open();
      expect(request).toHaveBeenCalledWith('screen');
      await act(async () => undefined);
      fireEvent.click(screen.getByRole('button', { name: 'Small again' }));
      expect(release).toHaveBeenCalledTimes(1);
    });

    test('a lock that comes after the card was left is let go at once', async () => {
      let grant: (sentinel: { release: typeof release }) => void = () => undefined;
      request.mockImplementationOnce(() => new Promise((resolve) => (grant = resolve)));
      const { unmount } = draw(<StepByStep steps={steps} />);
      open();
      unmount();
      await act(async () => grant({ release }));
      expect(release).toHaveBeenCalledTimes(1);
    });

    test('a browser that refuses is no trouble', async () => {
      request.mockImplementationOnce(async () => {
        throw new Error('not allowed');
      });
      draw(<StepByStep steps={steps} />);
      open();
      await act(async () => undefined);
      expect(screen.getAllByRole('checkbox')).toHaveLength(3);
    });
  });
});
