import { fireEvent } from '@testing-library/react';
import { CasePage } from '@/steps/cases/CasePage';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, field, holds, isDisabled, page, press, presses, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';

beforeEach(() => globalThis.sessionStorage.clear());

function openCase(garden: TestGarden, part: 'read' | 'weigh', plant: string, ...said: string[]) {
  const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
  const planting = garden.act('addPlanting', { plant }, bed.id) as { id: string };
  const { id } = garden.act('openCase', { bedId: bed.id, plantingId: planting.id }) as { id: string };
  for (const line of said) garden.act('addEvidence', { said: line }, id);
  place.params = { id, part };
  draw(<CasePage />);
  const view = () => garden.read('oneCase', id);
  return { view, evidence: () => view().situation.evidence, id };
}

describe('reading', () => {
  test('a plate goes round by taps: seen, not there, not looked at', async () => {
    const { evidence } = openCase(openGarden(), 'read', 'roses');
    await reads('Nothing noted yet.');
    const same = /^Soft clusters(\.| Seen\.| Not there\.) /;
    for (const state of ['seen', 'absent', undefined]) {
      press(same);
      await holds(() => expect(evidence()[0]?.state).toBe(state === undefined ? undefined : state));
      await holds(() => expect(button(same).getAttribute('aria-pressed')).toBe(String(state !== undefined)));
    }
    expect(page()).toContain('Nothing noted yet.');
  });

  test('a line is read into plates; what was not understood is said and not guessed at', async () => {
    const { evidence } = openCase(openGarden(), 'read', 'roses');
    await reads('Nothing noted yet.');
    type('Say what you see', 'sticky leaves, no webbing, and a flurgle');
    press('Note');
    await reads('Not understood, and not guessed at: “flurgle”.');
    expect(evidence()).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ sign: 'honeydew', state: 'seen' }),
        expect.objectContaining({ sign: 'fine-web', state: 'absent' }),
      ]),
    );
    expect(field('Say what you see').value).toBe('');
    await reads('no fine web');
  });

  test('what was tried is told back; a tap takes it back, and that can be undone', async () => {
    const { view } = openCase(openGarden(), 'read', 'roses');
    await reads('Nothing noted yet.');
    type('Say what you see', 'sticky leaves. Sprayed soapy water yesterday, no use');
    press('Note');
    await reads('Tried: soap spray, no help');
    expect(page()).not.toContain('Not understood');
    expect(view().tried).toMatchObject([{ remedy: 'soap-spray', helped: false }]);
    press('Tried: soap spray, no help. Tap to take it back.');
    await holds(() => expect(view().tried).toEqual([]));
    await reads('Taken back.');
    press('Undo');
    await holds(() => expect(view().tried).toMatchObject([{ remedy: 'soap-spray', helped: false }]));
  });

  test('words that may mean several things are offered as plates: one is tapped, or none', async () => {
    const { evidence } = openCase(openGarden(), 'read', 'roses');
    await reads('Nothing noted yet.');
    const say = async () => {
      type('Say what you see', 'the flux capacitor glows');
      press('Note');
      await reads('“the flux capacitor glows”: is this what you mean?');
    };
    await say();
    press('None of these');
    expect(page()).not.toContain('is this what you mean?');
    expect(evidence()).toEqual([]);
    await say();
    const offered = document.querySelector<HTMLElement>('[role="group"][aria-label*="may mean"] [aria-pressed]');
    expect(document.querySelectorAll('[role="group"][aria-label*="may mean"] [aria-pressed]')).toHaveLength(6);
    fireEvent.click(offered!);
    await holds(() => expect(evidence()).toHaveLength(1));
    expect(evidence()[0]?.sure).toBeUndefined();
    expect(page()).not.toContain('is this what you mean?');
  });

  test('lines that could not be sent wait, and are noted in their order once the line is back', async () => {
    const garden = openGarden();
    const { evidence } = openCase(garden, 'read', 'roses');
    await reads('Nothing noted yet.');
    garden.cutLine();
    type('Say what you see', 'sticky leaves');
    press('Note');
    await holds(() => expect(field('Say what you see').value).toBe(''));
    expect(evidence()).toHaveLength(0);
    garden.mendLine();
    type('Say what you see', 'no honeydew after all');
    await presses('Note');
    await holds(() => expect(evidence()).toMatchObject([{ sign: 'honeydew', state: 'absent' }]));
    expect(garden.done).toEqual(['addEvidence', 'addEvidence']);
  });

  test('counts say where they stand against the level to act on, and are noted as their mean', async () => {
    const { evidence } = openCase(openGarden(), 'read', 'roses', 'clusters of greenfly on the shoots');
    await reads('How many?');
    type(/^Counts, one for each/, '30, 25, x');
    expect(page()).toContain('“x” is not a count.');
    type(/^Counts, one for each/, '30, 25, 41, 38, 29, 33, 27, 36, 30, 31');
    // Their mean is 32.
    expect(page()).toMatch(/Mean 32, likely .* Above the level to act on/);
    press('Note a mean of 32');
    await reads('The count is noted.');
    expect(evidence().find(({ sign }) => sign === 'clusters')?.amount).toBe(32);
  });
});

describe('weighing', () => {
  test('every cause opens to what speaks for it, and says how well it is known in words', async () => {
    openCase(openGarden(), 'weigh', 'roses', 'clusters of greenfly on the new shoots, sticky leaves, no webbing');
    await reads('What is likely');
    press(/^Aphids .*: open the reasons$/);
    expect(page()).toContain('Speaks for it');
    expect(page()).toMatch(/How well this is known: (published trials agree|extension practice|many growers)/);
    press(/^Aphids .*: close the reasons$/);
    expect(page()).not.toContain('Speaks for it');
  });

  test('the one question is answered by a tap, and is not asked again', async () => {
    const garden = openGarden();
    const { id } = openCase(garden, 'weigh', 'tomatoes', 'yellow leaves');
    await reads('settles');
    const asked = [...document.querySelectorAll('h3')][0]?.textContent ?? '';
    press('How to');
    expect(page()).toMatch(/1\. /);
    const [answer] = [...document.querySelectorAll('button')].filter(
      (element) => !/reasons|How to|Close/.test(element.textContent ?? ''),
    );
    const says = answer?.textContent ?? '';
    press(says);
    await holds(() => expect(garden.read('oneCase', id).situation.checksDone).toHaveLength(1));
    await holds(() => expect(page()).not.toContain(asked));
  });

  test('a level of one’s own takes the place of the usual one, and goes back to it', async () => {
    const garden = openGarden();
    const { id } = openCase(garden, 'weigh', 'roses', 'clusters of greenfly on the new shoots, sticky leaves');
    await reads('What is likely');
    press(/^Aphids .*: open the reasons$/);
    expect(isDisabled('Use mine')).toBe(true);
    type('Act on aphids above', '3,5');
    press('Use mine');
    await reads('Yours: above 3.5.');
    expect(garden.read('oneCase', id).situation.thresholds).toMatchObject({ aphids: 3.5 });
    press('Back to usual');
    await holds(() => expect(garden.read('oneCase', id).situation.thresholds).toEqual({}));
  });

  test('two that are easily taken for each other stand side by side, each with why its sign is so telling', async () => {
    openCase(openGarden(), 'weigh', 'cabbage', 'wilts at noon, slow growth');
    await reads('What is likely');
    if (!page().includes('Easily taken for each other')) throw new Error(`no look-alikes: ${page().slice(0, 800)}`);
    expect(document.querySelectorAll('svg').length).toBeGreaterThan(2);
  });

  test('where nothing was noted, nothing is claimed', async () => {
    openCase(openGarden(), 'weigh', 'roses');
    await reads('Nothing has been weighed yet.');
    expect(page()).not.toContain('What is likely');
  });
});
