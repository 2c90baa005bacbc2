import { fireEvent } from '@testing-library/react';
import { openGarden, type TestGarden } from '@/testing/garden';
import { button, field, goes, holds, isDisabled, isPressed, page, press, presses, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { BedPage } from './BedPage';
import { GardenPage } from './GardenPage';

describe('the garden', () => {
  test('an empty plot says how it begins; a place is added with its kind, and the field is empty again', async () => {
    const garden = openGarden();
    draw(<GardenPage />);
    await reads('An empty plot');
    expect(isDisabled('Add it')).toBe(true);
    type('Name of the new place', 'Pots by the door');
    press('Pots');
    press('Add it');
    await reads('Pots by the door has been added.');
    expect(garden.read('garden').beds).toMatchObject([{ name: 'Pots by the door', setting: 'pot' }]);
    expect(field('Name of the new place').value).toBe('');
    expect(page()).not.toContain('An empty plot');
  });

  test('a plant is added by any of its names; a word that is no plant is refused by name and kept', async () => {
    const garden = openGarden();
    garden.act('addBed', { name: 'Long Bed', setting: 'bed' });
    draw(<GardenPage />);
    await reads('Nothing planted here.');
    type('Add a plant to Long Bed', 'courgette');
    press('Plant it in Long Bed');
    await holds(() => expect(garden.read('garden').beds[0]?.plantings).toHaveLength(1));
    await reads('Courgette');
    type('Add a plant to Long Bed', 'glimmerwort');
    press('Plant it in Long Bed');
    await reads('glimmerwort');
    expect(field('Add a plant to Long Bed').value).toBe('glimmerwort');
    expect(garden.read('garden').beds[0]?.plantings).toHaveLength(1);
  });

  test('measures are the gardener’s: the spoons and the water are told in them at once', async () => {
    const garden = openGarden();
    draw(<GardenPage />);
    await reads('Your teaspoon is 5 mL');
    expect(field(/^Hardness of the tap, in mg\/L/).value).toBe('180');
    press(/US/);
    await holds(() => expect(garden.read('garden').measures).toBe('us'));
    // 17.12 mg/L as CaCO3 to the grain in a US gallon.
    await holds(() => expect(field(/^Hardness of the tap, in gpg/).value).toBe('10.5'));
  });

  test('a half-typed place is not saved, and says what is missing', async () => {
    const garden = openGarden();
    draw(<GardenPage />);
    await reads('Where it lies');
    press(/^\d+(\.\d)?° [NS], /);
    type(/^Latitude/, '');
    expect(page()).toContain('Write degrees, like 52.1.');
    expect(isDisabled('Save the place')).toBe(true);
    type(/^Latitude/, '−36,8');
    press('Save the place');
    await holds(() => expect(garden.read('garden').latitude).toBe(-36.8));
  });

  test('a place that is tapped on the picture shows what is on it; a case is opened from there', async () => {
    const garden = openGarden();
    garden.act('addBed', { name: 'Long Bed', setting: 'bed' });
    const { id = '' } = garden.act('addBed', { name: 'Lean-to', setting: 'greenhouse' }) as { id: string };
    garden.act('addPlanting', { plant: 'tomato', label: 'Tomatoes' }, id);
    draw(<GardenPage />);
    await reads('Open Long Bed');
    press('Lean-to');
    await reads('Open Lean-to');
    expect(isPressed('Lean-to')).toBe(true);
    press('Tomatoes looks odd');
    await holds(() => expect(garden.cases()).toMatchObject([{ bedName: 'Lean-to', plant: 'tomato' }]));
    expect(await goes()).toMatch(/^\/cases\//);
  });

  test('places are laid out by the arrow keys too: a step of the grid, kept with all the others, and undone in one tap', async () => {
    const garden = openGarden();
    const { id: first } = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    garden.act('addBed', { name: 'Gate Bed', setting: 'bed' });
    draw(<GardenPage />);
    await reads('Open Long Bed');
    press('Lay out the places');
    await reads('Long Bed: 3 m × 1.2 m');
    const spotOf = (bedId: string) => garden.read('garden').beds.find(({ id }) => id === bedId)?.at;
    fireEvent.keyDown(button('Move Long Bed'), { key: 'ArrowRight' });
    await holds(() => expect(spotOf(first)).toEqual({ x: 0.1, y: 0 }));
    // What was never laid out stands where it was drawn, and flows no more.
    expect(garden.read('garden').beds.every(({ at }) => at !== null)).toBe(true);
    await reads('Long Bed is laid out.');
    press('Undo');
    await holds(() => expect(garden.read('garden').beds.every(({ at }) => at === null)).toBe(true));
    // A corner pulled is a bed measured.
    fireEvent.keyDown(button('Corner 3 of Long Bed'), { key: 'ArrowDown' });
    await holds(() => expect(garden.read('garden').beds[0]?.size).toMatchObject({ length: 3, width: 1.3 }));
    press('Long Bed: circle');
    await holds(() => expect(garden.read('garden').beds[0]?.size).toMatchObject({ shape: 'circle', across: 1.3 }));
    press('Done');
    await reads('Walking order');
  });

  test('the round is tapped in the order one walks, and what was not tapped follows', async () => {
    const garden = openGarden();
    for (const name of ['A', 'B', 'C']) garden.act('addBed', { name, setting: 'bed' });
    draw(<GardenPage />);
    await reads('Open A');
    press('Walking order');
    expect(isDisabled('Keep this round')).toBe(true);
    press('C');
    press('A');
    await reads('C, A …');
    press('Keep this round');
    await holds(() => expect(garden.read('garden').beds.map(({ name }) => name)).toEqual(['C', 'A', 'B']));
    await reads('The round goes that way from now on.');
    press('Undo');
    await holds(() => expect(garden.read('garden').beds.map(({ name }) => name)).toEqual(['A', 'B', 'C']));
  });

  test('times in the garden are tapped by half-days, with so many minutes, and forgotten again', async () => {
    const garden = openGarden();
    draw(<GardenPage />);
    await reads('When are you in the garden?');
    expect(isPressed('Sunday, mornings')).toBe(true);
    press('Sunday, mornings');
    await holds(() => expect(garden.read('garden').visits?.mornings).toEqual([1, 2, 3, 4, 5, 6]));
    type(/^Minutes of work on a day, at most/, '3');
    expect(page()).toContain('Whole minutes, 5 or more.');
    type(/^Minutes of work on a day, at most/, '45');
    await presses('Keep it');
    await holds(() => expect(garden.read('garden').visits?.minutes).toBe(45));
    await presses('At any time');
    await holds(() => expect(garden.read('garden').visits).toBeNull());
  });

  test('how long the seasons are is one of four, or as the latitude has it', async () => {
    const garden = openGarden();
    draw(<GardenPage />);
    await reads('How long are the seasons?');
    expect(isPressed('As the latitude')).toBe(true);
    const [choice] = [...document.querySelectorAll('[aria-pressed="false"]')]
      .map((element) => element.textContent ?? '')
      .filter((says) => /winter|season/i.test(says));
    press(choice ?? 'none');
    await holds(() => expect(garden.read('garden').climate).not.toBeNull());
  });
});

describe('one bed', () => {
  const bedWith = (garden: TestGarden) => {
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    garden.act('addPlanting', { plant: 'lettuce' }, bed.id);
    place.params = { id: bed.id };
    draw(<BedPage />);
    return bed.id;
  };

  test('a plant is taken out and put back; what grew here before is told', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('What grows here');
    press(/^Take out /);
    await holds(() => expect(garden.read('bed', id).plantings).toHaveLength(0));
    await reads(/Before: .* until 10 June 2026\./);
    press('Undo');
    await holds(() => expect(garden.read('bed', id).plantings).toHaveLength(1));
  });

  test('what is close by is kept for the place; a place in use is not taken out, an idle one goes and comes back', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('What is close by?');
    press('A pond or stream');
    await holds(() => expect(garden.read('bed', id).near).toEqual(['near-pond']));
    const open = garden.act('openCase', { bedId: id, name: 'Holes' }) as { id: string };
    press('Name, kind and note');
    type('Name of the place', 'South Bed');
    press('Keep it');
    await holds(() => expect(garden.read('bed', id).name).toBe('South Bed'));
    await presses('Name, kind and note');
    await presses('Take this place out');
    await reads(/has work under way or an open case: Holes/);
    garden.act('closeCase', { outcome: 'left' }, open.id);
    await presses('Take this place out');
    await holds(() => expect(garden.read('garden').gone).toMatchObject([{ name: 'South Bed' }]));
  });

  test('heights of three layers become the name of the soil, and are kept for the bed', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('Jar test');
    type('Height of the sand layer', '4');
    type('Height of the silt layer', '4');
    expect(page()).not.toMatch(/% sand/);
    type('Height of the clay layer', '2');
    // 4 + 4 + 2: the loam of the triangle.
    await reads('Loam: 40 % sand, 40 % silt, 20 % clay');
    press('Keep it for this bed');
    await reads('The jar test is noted.');
    expect(garden.read('bed', id).soilTests).toHaveLength(1);
    expect(field('Height of the sand layer').value).toBe('');
  });

  test('laboratory values are checked field by field before anything is kept', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('Laboratory or strip');
    type('pH of Long Bed', '17');
    await reads('Must be at most 11.');
    expect(isDisabled('Keep these values')).toBe(true);
    type('pH of Long Bed', '7,9');
    await holds(() => expect(isDisabled('Keep these values')).toBe(false));
    press('Keep these values');
    await reads('The soil test is noted.');
    expect(garden.read('bed', id).soilTests[0]?.found).toMatchObject({ ph: 7.9 });
  });

  test('a table that is pasted comes in whole or not at all', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('Laboratory or strip');
    type('Soil tests as CSV', 'bed,date,ph\nLong Bed,2026-03-01,6.4\nNo Such Bed,2026-03-02,6.1');
    press('Import');
    await reads('No Such Bed');
    expect(garden.read('bed', id).soilTests).toHaveLength(0);
    type('Soil tests as CSV', 'bed,date,ph\nLong Bed,2026-03-01,6.4');
    press('Import');
    await reads('1 soil test came in.');
    expect(garden.read('bed', id).soilTests).toHaveLength(1);
  });

  test('a walk of the bed opens a case of its ground', async () => {
    const garden = openGarden();
    const id = bedWith(garden);
    await reads('Nothing read yet');
    press('Walk this bed: what grows by itself?');
    const to = await goes();
    const opened = garden.cases().find((row) => to.startsWith(`/cases/${row.id}`));
    expect(opened).toMatchObject({ bedId: id, plant: null });
  });

  test('what feeds and mends the ground is told by how soon it acts', async () => {
    bedWith(openGarden());
    await reads('What the ground says');
    expect(page()).not.toContain('Not this season');
    press('What acts when');
    await reads('Not this season');
    expect(page()).toMatch(/In days.*Dilute feed: 5 to 10 days.*In months.*Compost on top: 2 to 12 months/s);
    press('What acts when');
    expect(page()).not.toContain('Not this season');
  });

  test('the demo’s beds say what their ground is, how sure, and from what', async () => {
    const garden = openGarden({ demo: true });
    const bed = garden
      .read('garden')
      .beds.find(({ id }) => garden.read('bed', id).situation.evidence.some(({ state }) => state === 'seen'));
    place.params = { id: bed?.id ?? '' };
    draw(<BedPage />);
    await reads('What the ground says');
    expect(page()).toMatch(/: (possible|could well be|likely|very likely|all but certain) · \d+ in 100/);
    expect(page()).toContain('From: ');
    expect(button(/Walk this bed|Go on with the walk/)).toBeDefined();
  });
});
