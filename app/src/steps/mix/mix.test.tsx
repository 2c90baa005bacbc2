import { knowledge } from '@trowel/knowledge';
import { answerMix } from '@trowel/core/headless';
import { benchTool, benchTools } from '@trowel/core/mix';
import { fireEvent, screen } from '@testing-library/react';
import { draw } from '@/testing/providers';
import { AskBox } from './AskBox';
import { entry, isAsked, usualEntries, valuesOf } from './formState';
import { SpoonCheck, nothingTyped, typedOrder } from './SpoonCheck';

describe('may I …?', () => {
  const ask = (line: string) =>
    fireEvent.change(screen.getByLabelText('Ask before you pour'), { target: { value: line } });

  test('what hurts is stopped aloud, with what to do instead and what was read', () => {
    draw(<AskBox />);
    ask('bleach and vinegar');
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toMatch(/^Stop\. Bleach with any acid gives off chlorine/);
    expect(alert.textContent).toMatch(/Read: Bleach, Vinegar\./);
  });

  test('a caution is told without alarm, what is not known is not called safe', () => {
    draw(<AskBox />);
    ask('soap near the pond');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByRole('status').textContent).toMatch(/fish/);
    ask('flubberwax on my roses');
    expect(screen.getByRole('status').textContent).toMatch(/flubberwax.*cannot be called safe/);
    ask('bleach and vinegar with flubberwax');
    expect(screen.getByRole('alert').textContent).toMatch(/Not known here: flubberwax\./);
  });

  test('an example is asked by a tap, and the examples make room', () => {
    draw(<AskBox />);
    expect(screen.getAllByRole('button').length).toBeGreaterThan(2);
    fireEvent.click(screen.getByRole('button', { name: 'Oil one week after sulphur' }));
    expect((screen.getByLabelText('Ask before you pour') as HTMLTextAreaElement).value).toBe(
      'Oil one week after sulphur',
    );
    expect(screen.getByRole('alert').textContent).toMatch(/within two weeks/);
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('may I …? asks back', () => {
  const box = () => screen.getByLabelText('Ask before you pour') as HTMLTextAreaElement;
  const ask = (line: string) => fireEvent.change(box(), { target: { value: line } });
  const answers = () => screen.queryAllByRole('button').map((one) => one.textContent);

  test('how strong, with answers to tap that complete the question', () => {
    draw(<AskBox />);
    ask('soap on my beans');
    expect(screen.getByRole('status').textContent).toMatch(/How much true liquid soap in how much water\?/);
    const [first] = answers();
    expect(first).toMatch(/teaspoon/);
    fireEvent.click(screen.getByRole('button', { name: first ?? 'x' }));
    expect(box().value).toBe(`soap on my beans, ${first}`);
    expect(screen.getByRole('status').textContent).not.toMatch(/How much/);
    expect(answers()).toEqual([]);
  });

  test('which bottle, where its label decides', () => {
    draw(<AskBox />);
    ask('peroxide on my basil leaves, 1 to 9');
    expect(answers()).toContain('3 %');
    fireEvent.click(screen.getByRole('button', { name: '3 %' }));
    expect(screen.getByRole('status').textContent).toMatch(/3 % on the label/);
  });

  test('what it is, where nobody knows; nothing is offered to tap, and nothing is called fine', () => {
    draw(<AskBox />);
    ask('some white powder from the shed on the cabbages');
    expect(screen.getByRole('status').textContent).toMatch(/name on its label/);
    expect(screen.getByRole('status').textContent).not.toMatch(/No rule here/);
    expect(answers()).toEqual([]);
  });

  test('two at once are both asked', () => {
    draw(<AskBox />);
    ask('soap and bicarbonate on the roses');
    const text = screen.getByRole('status').textContent ?? '';
    expect(text).toMatch(/How much true liquid soap/);
    expect(text).toMatch(/How much bicarbonate of soda/);
  });

  test('the words that nothing was read from stand under the answer', () => {
    draw(<AskBox />);
    ask('1 % soap on the roses for Wilhelmina');
    expect(screen.getByRole('status').textContent).toMatch(/Not used: wilhelmina\./);
    ask('1 % soap on the roses');
    expect(screen.getByRole('status').textContent).not.toMatch(/Not used/);
  });

  test('what somebody has swallowed is no matter of mixing', () => {
    draw(<AskBox />);
    ask('my son drank some of the soap mix');
    expect(screen.getByRole('alert').textContent).toMatch(/poison line/);
  });

  test('a page of text is taken as far as it is read, and does not break the box', () => {
    draw(<AskBox />);
    ask('soap on the roses '.repeat(600));
    expect(screen.getAllByText(/soap/i).length).toBeGreaterThan(0);
    ask('  ');
    expect(screen.queryByRole('status')).toBeNull();
  });
});

describe('the spoon that is about to be used', () => {
  const soap = answerMix(knowledge, { remedy: 'soap-spray', volume: { amount: 0.5, unit: 'L' }, measures: 'metric' });
  const first = soap.kind === 'mix' ? soap.parts[0] : undefined;

  test('a count is read with comma or point; nothing, nought and nonsense are no order', () => {
    expect(typedOrder({ count: '1,5', spoon: 'tsp' })).toEqual({ count: 1.5, spoon: 'tsp' });
    expect(typedOrder(nothingTyped)).toBeUndefined();
    expect(typedOrder({ count: '0', spoon: 'tbsp' })).toBeUndefined();
    expect(typedOrder({ count: 'some', spoon: 'tbsp' })).toBeUndefined();
    expect(typedOrder({ count: '1½', spoon: 'tbsp' })).toEqual({ count: 1.5, spoon: 'tbsp' });
  });

  test('a slip is said where it is typed', () => {
    draw(
      <SpoonCheck
        first={first}
        slip={{ says: 'A tablespoon is three teaspoons.' }}
        typed={{ count: '1', spoon: 'tbsp' }}
        setTyped={jest.fn()}
        system="metric"
      />,
    );
    expect(screen.getByText('A tablespoon is three teaspoons.')).toBeTruthy();
    expect(screen.getByText(/true liquid soap/)).toBeTruthy();
  });

  test('what is weighed is not asked about in spoons', () => {
    const powder = answerMix(knowledge, { remedy: 'bt-spray', volume: { amount: 1, unit: 'L' }, measures: 'metric' });
    const part = powder.kind === 'mix' ? powder.parts[0] : undefined;
    expect(part?.grams).toBeGreaterThan(0);
    draw(<SpoonCheck first={part} slip={undefined} typed={nothingTyped} setTyped={jest.fn()} system="metric" />);
    expect(screen.queryByLabelText('How many spoons')).toBeNull();
  });
});

describe('the forms of the bench', () => {
  test.each(benchTools.map(({ id }) => [id]))('%s opens with amounts that it takes, in every measure', (id) => {
    const tool = benchTool(id);
    for (const measures of ['metric', 'us', 'imperial', 'australian'] as const) {
      const values = valuesOf(tool.fields, usualEntries(tool.fields, measures));
      const answer = tool.answer(knowledge, measures, values);
      expect(['worked', 'refused']).toContain(answer.kind);
    }
  });

  test('a layer opens in centimetres or inches, a bed in metres or feet', () => {
    const { fields } = benchTool('mulch');
    expect(usualEntries(fields, 'metric').depth?.unit).toBe('cm');
    expect(usualEntries(fields, 'us').depth?.unit).toBe('in');
    expect(usualEntries(fields, 'metric').length?.unit).toBe('m');
    expect(usualEntries(fields, 'us').length?.unit).toBe('ft');
  });

  test('fields that another field does not ask for are left out, a number that is none is handed on', () => {
    const { fields } = benchTool('mulch');
    const entries = {
      ...usualEntries(fields, 'metric'),
      shape: entry('circle'),
      depth: { text: 'deep', unit: 'cm' },
    };
    const { across, length } = fields;
    expect(across && isAsked(across, entries)).toBe(true);
    expect(length && isAsked(length, entries)).toBe(false);
    const values = valuesOf(fields, entries);
    expect(values).not.toHaveProperty('length');
    expect(values.depth).toEqual({ amount: 'deep', unit: 'cm' });
    expect(() => benchTool('mulch').answer(knowledge, 'metric', values)).toThrow(/depth/);
  });
});
