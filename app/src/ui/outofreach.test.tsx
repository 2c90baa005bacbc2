import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { flush, outbox, perform } from '@/api/outbox';
import { reach } from '@/api/reach';
import { answering, draw } from '@/testing/providers';
import { OutOfReach } from './OutOfReach';

const tick = (step: string) =>
  perform('recordStep', { body: { jobId: 'j1', step, outcome: 'done' }, says: `Done: ${step}` }, 'Step');
const strip = () => screen.queryByRole('status')?.textContent ?? '';

beforeEach(() => {
  localStorage.clear();
  outbox.list().forEach(({ id }) => outbox.drop(id));
  reach.answered();
});

describe('the strip above the pages', () => {
  test('is not there while all is well', () => {
    draw(<OutOfReach />);
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('says that the server is out of reach, and as of when the page is', async () => {
    draw(<OutOfReach />);
    const moment = new Date();
    moment.setHours(14, 5, 0, 0);
    act(() => reach.lost(moment.getTime()));
    expect(strip()).toBe('The garden’s server is not answering. This is as of 14:05.');
    act(() => reach.answered());
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('lists what waits, each with its time, and lets it be taken out', async () => {
    answering('silence');
    draw(<OutOfReach />);
    await act(async () => {
      await tick('jet');
      await tick('soap');
      await flush();
    });
    expect(strip()).toContain('2 things wait here, and will be sent.');
    fireEvent.click(screen.getByRole('button', { name: 'What waits' }));
    expect(strip()).toMatch(/Done: jet\d\d:\d\d/);
    fireEvent.click(screen.getByRole('button', { name: 'Take out: Done: jet' }));
    await waitFor(() => expect(strip()).toContain('1 thing waits here'));
    expect(strip()).not.toContain('Done: jet');
  });

  test('keeps what was not taken, with the reason, until it is sent again or taken out', async () => {
    answering('silence');
    draw(<OutOfReach />);
    await act(async () => {
      await tick('jet');
      await flush();
    });
    answering([409, { detail: 'That step is ticked already.' }]);
    await act(async () => flush());
    expect(strip()).toContain('Not taken: That step is ticked already.');
    answering([200, {}]);
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Send again: Done: jet' })));
    await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
  });

  test('says at once when an answer takes longer than a second', () => {
    jest.useFakeTimers();
    draw(<OutOfReach />);
    let answered = () => undefined as void;
    act(() => void (answered = reach.waiting()));
    act(() => void jest.advanceTimersByTime(900));
    expect(strip()).toBe('');
    act(() => void jest.advanceTimersByTime(200));
    expect(strip()).toBe('No answer yet. What you did is kept.');
    act(() => answered());
    expect(strip()).toBe('');
    jest.useRealTimers();
  });
});
