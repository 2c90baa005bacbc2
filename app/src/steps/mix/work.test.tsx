import { fireEvent, screen } from '@testing-library/react';
import type { GardenView } from '@trowel/core/contract';
import { benchTools } from '@trowel/core/mix';
import { measureSystems, unitsOf, type MeasureSystem } from '@trowel/core/quantities';
import { toolWords } from '@trowel/core/wording';
import { draw } from '@/testing/providers';
import { WorkPart } from './WorkPart';

const garden = (measures: MeasureSystem) => ({ measures, tapHardness: 180, buttHardness: 12 }) as unknown as GardenView;
const open = (tool: string, measures: MeasureSystem = 'metric') =>
  draw(<WorkPart garden={garden(measures)} toolId={tool} fill={{}} choose={() => undefined} />);
const type = (label: RegExp, text: string) =>
  fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value: text } });

describe('a sum of the bench', () => {
  test.each(benchTools.map(({ id }) => id))('%s opens with an answer, or says which field it waits for', (id) => {
    // Looked up by attribute: roles of a page of buttons are slow to tell here, and the journeys ask for them.
    for (const measures of measureSystems) {
      const { unmount, container } = open(id, measures);
      expect(container.textContent).toContain(toolWords(id).plain.replace(/\{.*$/, ''));
      const alert = container.querySelector('[role="alert"]');
      if (alert) expect(alert.textContent).toMatch(/: (is missing|must|.*no amount)|^Not like this/);
      else expect(container.textContent).toContain('How it was worked out');
      unmount();
    }
  });

  test('every field that asks for an amount offers units of the gardener’s own measures', () => {
    for (const measures of measureSystems)
      for (const { id, fields } of benchTools)
        for (const [name, spec] of Object.entries(fields))
          if (spec.kind === 'quantity')
            expect([id, name, unitsOf(spec.quantity, measures).length > 0]).toEqual([id, name, true]);
  });

  test('what cannot be read is named, and the answer waits', () => {
    open('shell-extract');
    type(/^Acid in the vinegar/, 'strong');
    expect(screen.getByRole('alert').textContent).toContain('Acid in the vinegar: must be a number');
    expect(screen.queryByText('How it was worked out')).toBeNull();
  });

  test('egg shells may be counted, and a typed unit stands', () => {
    open('shell-extract', 'us');
    type(/^Dry shell/, '9 eggs');
    expect(screen.queryByRole('alert')).toBeNull();
    type(/^Vinegar/, '1 qt');
    screen.getByRole('textbox', { name: 'Vinegar, in qt' });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test('the hardness is that of the garden’s tap, told as the garden tells it', () => {
    open('shell-extract', 'us');
    const field = screen.getByRole('textbox', { name: /^Hardness of the water, in gpg/ }) as HTMLInputElement;
    // 180 mg/L ÷ 17.12 = 10.5 grains to the gallon.
    expect(Number(field.value)).toBeCloseTo(180 / 17.12, 1);
  });
});
