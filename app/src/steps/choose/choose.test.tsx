import { CasePage } from '@/steps/cases/CasePage';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, isDisabled, maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';

/** A case of roses with greenfly on them, open at its third part. */
const aphids = 'clusters of greenfly on the new shoots, sticky leaves, cast skins';
function aphidsOnRoses(garden: TestGarden, { said = aphids, isClosed = false } = {}) {
  const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
  const planting = garden.act('addPlanting', { plant: 'roses' }, bed.id) as { id: string };
  const opened = garden.act('openCase', { bedId: bed.id, plantingId: planting.id }) as { id: string };
  if (said !== '') garden.act('addEvidence', { said }, opened.id);
  if (isClosed) garden.act('closeCase', { outcome: 'left' }, opened.id);
  place.params = { id: opened.id, part: 'choose' };
  draw(<CasePage />);
  return opened.id;
}

describe('choosing', () => {
  test('nothing is offered where nothing was noted', async () => {
    aphidsOnRoses(openGarden(), { said: '' });
    await reads('Nothing to choose yet');
    expect(maybeButton(/^Choose /)).toBeUndefined();
  });

  test('what helps comes with its evidence, the likelihood it answers, and what doing nothing would bring', async () => {
    aphidsOnRoses(openGarden());
    await reads('Suggested');
    expect(page()).toMatch(/For aphids \((likely|very likely|all but certain)\)/);
    expect(page()).toContain('Or do nothing');
    expect(page()).toContain('Left out, and why');
    expect(page()).not.toMatch(/100 in 100|NaN|undefined/);
  });

  test('choosing puts the steps on the plan, once, and says so', async () => {
    const garden = openGarden();
    const id = aphidsOnRoses(garden);
    await reads('Suggested');
    const name = button(/^Choose /).getAttribute('aria-label') ?? '';
    press(name);
    await reads('its steps are on the plan');
    await reads('Under way; see Do.');
    expect(maybeButton(name)).toBeUndefined();
    const { jobs } = garden.read('oneCase', id);
    expect(jobs.map(({ remedyName }) => `Choose ${remedyName}`)).toEqual([name]);
    expect(jobs[0]?.steps.length).toBeGreaterThan(0);
  });

  test('what is for another month is marked for it, and begins then', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Lawn', setting: 'lawn' }) as { id: string };
    const planting = garden.act('addPlanting', { plant: 'lawn' }, bed.id) as { id: string };
    const opened = garden.act('openCase', { bedId: bed.id, plantingId: planting.id }) as { id: string };
    garden.act('addEvidence', { said: 'white c-shaped grubs with six legs, the turf lifts like a carpet' }, opened.id);
    place.params = { id: opened.id, part: 'choose' };
    draw(<CasePage />);
    await reads('Next time');
    press(/^Mark it for August: /);
    await reads('marked for August');
    await reads('Marked; see Do.');
    const { jobs } = garden.read('oneCase', opened.id);
    expect(jobs.map(({ chosenOn }) => chosenOn)).toEqual(['2026-08-01']);
    // Nothing of it stands before its month.
    const dates = jobs.flatMap(({ steps }) => steps.flatMap(({ date }) => (date === null ? [] : [date])));
    expect(dates.filter((date) => date < '2026-08-01')).toEqual([]);
  });

  test('what is so here is asked once, and what does not go with it is left out', async () => {
    aphidsOnRoses(openGarden());
    await reads('Suggested');
    press('In flower? Pond? Heat?');
    const flower = [...document.querySelectorAll('[aria-label="What is so here"] [role]')]
      .map((element) => element.textContent ?? '')
      .find((says) => /flower/i.test(says));
    press(flower ?? 'none');
    await reads('So here: 1');
    expect(button(flower ?? 'none').getAttribute('aria-pressed')).toBe('true');
  });

  test('nothing can be chosen in a case that is closed', async () => {
    aphidsOnRoses(openGarden(), { isClosed: true });
    await reads('Suggested');
    expect(isDisabled(/^Choose /)).toBe(true);
  });

  test('a rule of one’s own is kept to: no soap, where soap is ruled out', async () => {
    const garden = openGarden();
    garden.act('setPreferences', { forbids: ['soap'], onlyFromCupboard: false, schools: {} });
    aphidsOnRoses(garden);
    await reads('Suggested');
    expect(page()).toContain('You have set a rule against it.');
  });
});
