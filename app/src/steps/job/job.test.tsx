import { openGarden, type TestGarden } from '@/testing/garden';
import { button, holds, isDisabled, isPressed, maybeButton, page, press, presses, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { BedPage } from '@/steps/garden/BedPage';
import { TodayPage } from '@/steps/today/TodayPage';
import { CasePage } from '@/steps/cases/CasePage';
import { BenchPage } from '@/steps/mix/BenchPage';
import { JobPage } from './JobPage';
import { NewJobPage } from './NewJobPage';

beforeEach(() => {
  globalThis.sessionStorage.clear();
  place.reset();
});

/** The id of the page that was gone to. */
const wentTo = () => place.went[place.went.length - 1]?.split('/').pop() ?? '';

describe('planning what is no case', () => {
  test('a reminder in one’s own words, every week', async () => {
    const garden = openGarden({ demo: true });
    draw(<NewJobPage />);
    await reads('Remind me');
    expect(isDisabled('Put it on the plan')).toBe(true);
    type('What is to be done', 'Wash the green sprayer');
    press('Every week');
    press('Put it on the plan');
    await reads('Wash the green sprayer: on the plan.');
    expect(garden.read('job', wentTo())).toMatchObject({
      remedyName: 'Wash the green sprayer',
      setting: { everyDays: 7, until: null },
      places: [],
    });
  });

  test('a remedy in two beds, found by a word: what they take is told, and the brew that stands ready is drawn from', async () => {
    const garden = openGarden({ demo: true });
    place.params = { remedy: 'weed-brew-feed' };
    draw(<NewJobPage />);
    await reads('Plan: Weed brew as a feed');
    expect(isDisabled('Say where first')).toBe(true);
    press('Long Bed');
    press('Leeks');
    await reads('24 plants, 1 L each: 24 L in all');
    press('Put it on the plan');
    await holds(() => expect(place.went).toHaveLength(1));
    const job = garden.read('job', wentTo());
    expect(job.amounts).toMatchObject({ volumeMl: 24_000, brew: { name: 'Nettle brew' } });
    expect(job.places).toMatchObject([{ bedName: 'Long Bed', plantLabel: 'Leeks' }]);
  });

  test('a word that nothing is called is handed back', async () => {
    openGarden({ demo: true });
    draw(<NewJobPage />);
    await reads('Or a remedy');
    type('Find a remedy', 'moonshine');
    await reads('Nothing here is called “moonshine”.');
    type('Find a remedy', 'jet');
    press('Jet of water');
    expect(place.params.remedy).toBe('water-jet');
  });
});

describe('a recipe of one’s own', () => {
  test('is put on the plan from where it is kept, and chosen in a case', async () => {
    const garden = openGarden({ demo: true });
    const [own] = garden.read('bench').recipes;
    const name = own?.document.name ?? '';
    place.params = { part: 'recipes' };
    const { unmount } = draw(<BenchPage />);
    await reads(name);
    press(`Plan it: ${name}`);
    press('Kiln Bed');
    press('Put it on the plan');
    await holds(() => expect(place.went).toHaveLength(1));
    expect(garden.read('job', wentTo())).toMatchObject({ remedy: null, remedyName: name, amounts: { volumeMl: 1500 } });
    unmount();
    const open = garden.cases().find(({ name: of }) => of.startsWith('Gooseberries'));
    place.params = { id: open?.id ?? '', part: 'choose' };
    draw(<CasePage />);
    await reads('Your own recipes');
    press(`Choose ${name}`);
    await reads(/its steps are on the plan|days|keep apart/i);
  });
});

/** A job of soap in the long bed. */
function soapJob(garden: TestGarden): string {
  const { id } = garden.act('planJob', { remedy: 'soap-spray', places: [{ bedId: 'long-bed' }] }) as { id: string };
  place.params = { id };
  return id;
}

describe('the work order', () => {
  test('what is changed on it holds for what is to come, and the card shows what it shows', async () => {
    const garden = openGarden({ demo: true });
    const id = soapJob(garden);
    draw(<JobPage />);
    await reads('1 % by volume');
    press('Mix or change');
    press(/^Gentle, 0.5 %/);
    press('Blue sprayer');
    press('Keep it like this');
    await reads('Changed, for all that is still to come.');
    const job = garden.read('job', id);
    expect(job.amounts?.strength).toBe(0.5);
    await reads('0.5 % by volume');
    const carry = job.steps.find(({ step }) => step === 'spray')?.carry ?? '';
    expect(carry).not.toBe('');
    expect(page()).toContain(carry);
  });

  test('stopped by mistake, it goes on by undo', async () => {
    const garden = openGarden({ demo: true });
    const id = soapJob(garden);
    draw(<JobPage />);
    await presses('Stop it: Soap spray');
    await reads(/Soap spray has been stopped\. Soap spray: 7 steps to come taken off the plan/);
    expect(garden.read('job', id).endedBecause).toBe('stopped');
    press('Undo');
    await holds(() => expect(garden.read('job', id).endedOn).toBeNull());
  });
});

describe('what is overdue on Today', () => {
  const late = () => {
    const garden = openGarden({ demo: true });
    const id = soapJob(garden);
    garden.wait(20);
    return { garden, id };
  };

  test('is one line a job; moved on, the job goes on without its late steps', async () => {
    const { garden, id } = late();
    draw(<TodayPage />);
    await reads(/steps? stands? since/);
    expect(garden.read('today').due.filter(({ jobId }) => jobId === id)).toEqual([]);
    expect(maybeButton('Count on ten leaves, chosen as you walk, Soap spray')).toBeUndefined();
    press('Move on: Soap spray');
    await reads(/left out; it goes on with the next/);
    expect(garden.read('today').overdue.filter(({ jobId }) => jobId === id)).toEqual([]);
  });

  test('done now, its steps are there to be ticked; dropped, it is gone, and back by undo', async () => {
    const { garden, id } = late();
    draw(<TodayPage />);
    await presses('Do it now: Soap spray');
    expect(button('Count on ten leaves, chosen as you walk, Soap spray')).toBeDefined();
    press('Drop it: Soap spray');
    await reads('Soap spray is dropped.');
    expect(garden.read('job', id).endedBecause).toBe('stopped');
    press('Undo');
    await holds(() => expect(garden.read('job', id).endedOn).toBeNull());
  });
});

describe('a bed in the garden book', () => {
  test('is measured once, drawn, and forgotten again; plants are counted', async () => {
    const garden = openGarden({ demo: true });
    place.params = { id: 'apple-wall' };
    draw(<BedPage />);
    await reads('Nobody has measured it yet');
    press('Measure it');
    press('circle');
    await holds(() => expect(isPressed('circle')).toBe(true));
    type('Across, in m', '2');
    press('Keep it');
    await reads(/Apple Wall: 3\.14 m²/);
    expect(garden.read('bed', 'apple-wall').size).toMatchObject({ shape: 'circle', across: 2 });
    type('How many plants: Wall apple, in plants', '1');
    press('Keep it: the number of Wall apple');
    await reads('Wall apple: noted.');
    expect(garden.read('bed', 'apple-wall').plantings[0]?.number).toBe(1);
    press('Measure it anew');
    press('Forget it');
    await reads('Apple Wall is not measured.');
    expect(garden.read('bed', 'apple-wall').size).toBeNull();
  });

  test('a corner cut larger than the bed is refused by its field, and nothing is kept', async () => {
    const garden = openGarden({ demo: true });
    place.params = { id: 'apple-wall' };
    draw(<BedPage />);
    await reads('Nobody has measured it yet');
    press('Measure it');
    press('L');
    type('Missing corner, length, in m', '9');
    press('Keep it');
    await reads(/corner/);
    expect(garden.read('bed', 'apple-wall').size).toBeNull();
  });
});

describe('other places', () => {
  test('a job that is under way goes to other beds from now on', async () => {
    const garden = openGarden({ demo: true });
    const { id } = garden.act('planJob', { remedy: 'soap-spray', places: [{ bedId: 'long-bed' }] }) as { id: string };
    place.params = { id };
    draw(<JobPage />);
    await reads('Other places');
    press('Other places');
    expect(isPressed('Long Bed')).toBe(true);
    press('Long Bed');
    expect(isDisabled('Keep these places')).toBe(true);
    press('Kiln Bed');
    press('Keep these places');
    await reads('From now on it is done there.');
    expect(garden.read('job', id).places).toMatchObject([{ bedName: 'Kiln Bed' }]);
  });
});
