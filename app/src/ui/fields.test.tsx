import { fireEvent, screen } from '@testing-library/react';
import type { MeasureSystem, QuantityKind } from '@trowel/core/quantities';
import { useState } from 'react';
import { draw } from '@/testing/providers';
import { DateField } from './DateField';
import { Kept } from './Kept';
import { baseOf, guessFor, useQuantity } from './quantity';
import { QuantityField } from './QuantityField';
import { Body } from './text';
import { TimeZone } from './TimeZone';

function Amount({ kind, base, system }: { kind: QuantityKind; base?: number; system: MeasureSystem }) {
  const amount = useQuantity('tried', kind, base, system);
  return (
    <>
      <QuantityField label="Water wanted" {...amount.field} />
      <Body>{`base ${amount.base === undefined ? 'unknown' : amount.base.toFixed(1)}`}</Body>
    </>
  );
}
const type = (text: string) => fireEvent.change(screen.getByRole('textbox'), { target: { value: text } });

describe('a field for an amount', () => {
  test.each<[string, MeasureSystem, string]>([
    ['1 qt', 'us', '946.4'],
    ['½ cup', 'us', '118.3'],
    ['1,5 l', 'metric', '1500.0'],
    ['2 1/2', 'metric', '2500.0'],
    ['1 pint', 'imperial', '568.3'],
  ])('takes %s with %s measures', (text, system, base) => {
    draw(<Amount kind="volume" base={1000} system={system} />);
    type(text);
    screen.getByText(`base ${base}`);
  });

  test('says what it cannot read, and keeps it', () => {
    draw(<Amount kind="volume" base={1000} system="metric" />);
    type('a bath');
    screen.getByText('base unknown');
    expect(screen.getByRole('status').textContent).not.toBe('');
    expect((screen.getByRole('textbox') as HTMLInputElement).value).toBe('a bath');
  });

  test('the usual units are taps, and the one that was tapped stays', () => {
    draw(<Amount kind="volume" base={1000} system="us" />);
    fireEvent.click(screen.getByRole('button', { name: /^Unit of water wanted/ }));
    fireEvent.click(screen.getByRole('button', { name: 'gal' }));
    type('2');
    screen.getByText('base 7570.8');
    screen.getByRole('textbox', { name: 'Water wanted, in gal' });
  });

  test('a guess is a figure one would say, and within an eighth of what was meant', () => {
    for (const system of ['metric', 'us', 'imperial', 'australian'] as const)
      for (const amount of [15, 250, 1000, 5000, 20000]) {
        const typed = guessFor('volume', amount, system);
        const back = baseOf(typed, 'volume', system) ?? NaN;
        expect(Math.abs(back / amount - 1)).toBeLessThan(0.125);
        expect(typed.text.length).toBeLessThanOrEqual(5);
      }
  });
});

describe('a field for a day', () => {
  test('shows the day in words, and takes none', () => {
    const change = jest.fn();
    draw(<DateField label="First picking" day="2026-07-04" change={change} />);
    screen.getByRole('button', { name: 'First picking: 4 July 2026; choose a day' });
    fireEvent.click(screen.getByRole('button', { name: 'First picking: no day' }));
    expect(change).toHaveBeenCalledWith(null);
    expect(screen.queryByRole('textbox')).toBeNull();
  });

  test('with no day there is nothing to take away', () => {
    draw(<DateField label="First picking" day={null} change={jest.fn()} />);
    screen.getByRole('button', { name: 'First picking: no day yet; choose a day' });
    expect(screen.queryByRole('button', { name: 'First picking: no day' })).toBeNull();
  });
});

test('a time zone is chosen from a list by region and place', () => {
  const change = jest.fn();
  draw(<TimeZone zone="Europe/Lisbon" change={change} />);
  fireEvent.click(screen.getByRole('button', { name: 'Time zone: Lisbon; choose another' }));
  // Found by their text: roles of some hundred places are slow to tell here.
  fireEvent.click(screen.getByText('America'));
  fireEvent.click(screen.getByText('Halifax'));
  expect(change).toHaveBeenCalledWith('America/Halifax');
  expect(screen.queryByText('America')).toBeNull();
});

test('what a page throws is told in its place, and a second try may go well', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  let broken = true;
  function Page() {
    const [draft] = useState('kept');
    if (broken) throw new Error('a spade broke');
    return <Body>{`All well, ${draft}`}</Body>;
  }
  draw(
    <Kept>
      <Page />
    </Kept>,
  );
  expect(screen.getByRole('alert').textContent).toContain('What it said: a spade broke');
  broken = false;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  screen.getByText('All well, kept');
  quiet.mockRestore();
});
