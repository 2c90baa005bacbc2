import { expect, test } from './garden';
import { expectAccessible, openCase, watchErrors } from './help';

/** What lies around the cases: finding, plants as themselves, a garden to look round in, the whole of one's own. */

test('found in one line: what is needed opens filled in; the keys lead everywhere', async ({ page }, { project }) => {
  const errors = watchErrors(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  if (project.name === 'wide') await page.keyboard.press('/');
  else await page.getByRole('button', { name: 'Find' }).click();
  const need = page.getByRole('textbox', { name: 'What do you need?' });
  await expect(need).toBeFocused();
  await need.fill('how much mulch for the long bed');
  await expect(page.getByRole('link', { name: /^Mulch/ })).toContainText('Area: 7.2 m²');
  await expectAccessible(page);
  await need.press('Enter');
  await expect(page.getByRole('heading', { name: 'Mulch', exact: true })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Area' })).toHaveValue('7.2');
  await page.getByRole('textbox', { name: 'What do you need?' }).fill('soap for aphids in my green sprayer');
  await page.getByRole('link', { name: /^Soap spray/ }).click();
  await expect(page.getByRole('button', { name: 'Green sprayer', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  if (project.name === 'wide') {
    await page.locator('body').press('?');
    await expect(page.getByText('Find anything, or say what you need')).toBeVisible();
    await page.getByRole('button', { name: 'Keys are in use' }).click();
    await page.keyboard.press('Escape');
    await page.keyboard.press('2');
    await expect(page.getByRole('heading', { level: 1, name: 'Bench' })).toBeVisible();
    await page.getByRole('button', { name: /^Keys/ }).click();
    await page.getByRole('button', { name: 'Keys are in use' }).click();
    await page.keyboard.press('Escape');
    await page.keyboard.press('2');
    await expect(page.getByRole('heading', { level: 1, name: 'Cases' })).toBeVisible();
  }
  expect(errors).toEqual([]);
});

test('the names around a drawn plant lie beside one another, never over one another', async ({ page }) => {
  for (const plant of ['Roses', 'Gooseberries', 'Strawberries']) {
    await openCase(page, plant);
    const names = page.getByRole('button', {
      name: /^(Tips, new leaves|Leaves|Undersides|Oldest leaves|Stem|Fruit|Soil, roots|Weeds, care)/,
    });
    await expect(names.nth(5)).toBeVisible();
    const boxes = (await Promise.all((await names.all()).map((one) => one.boundingBox()))).flatMap((box) => box ?? []);
    const over = boxes.flatMap((a, at) =>
      boxes
        .slice(at + 1)
        .filter((b) => a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height),
    );
    expect(over).toEqual([]);
  }
});

test('a made-up garden to look round in: what is tried there touches no other, and it is as new each time', async ({
  page,
}) => {
  const errors = watchErrors(page);
  await page.goto('/');
  await page.getByRole('button', { name: /^Find/ }).first().click();
  await page.getByRole('button', { name: 'Look round a made-up garden' }).click();
  const strip = page.getByText('A made-up garden to try things in; yours stays as it is.');
  // The first time it is filled, which takes seconds, and many where the machine has other work.
  await expect(strip).toBeVisible({ timeout: 60_000 });
  await page.getByRole('link', { name: 'Garden' }).click();
  await page.getByRole('textbox', { name: 'Name of the new place' }).fill('Only to try');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('button', { name: 'Only to try' }).first()).toBeVisible();
  // A reload stays there.
  await page.reload();
  await expect(strip).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Back to my garden' }).click();
  await expect(strip).toBeHidden();
  await page.getByRole('link', { name: 'Garden' }).click();
  await expect(page.getByRole('button', { name: 'Gate Bed' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Only to try' })).toHaveCount(0);
  expect(errors).toEqual([]);
});

test.describe('in an empty garden', () => {
  test.use({ opens: 'start' });
  test('a whole garden is looked into, taken in, and fetched again', async ({ page }) => {
    const errors = watchErrors(page);
    // Out of the made-up garden, which is a whole one.
    await page.request.post('/api/tour/begin');
    const whole = await (await page.request.get('/api/tour/bundle')).body();
    await page.goto('/garden/keep');
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take one in' }).click();
    await (await chooser).setFiles({ name: 'garden.json', mimeType: 'application/json', buffer: whole });
    await expect(page.getByText(/^Of 10 June .*: 9 places, .* cases, .* counts, /)).toBeVisible();
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText('It is all here.')).toBeVisible();
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Fetch the whole garden' }).click();
    expect((await download).suggestedFilename()).toMatch(/^garden-.*\.json$/);
    // The same once more: there is nothing new in it.
    const second = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take one in' }).click();
    await (await second).setFiles({ name: 'garden.json', mimeType: 'application/json', buffer: whole });
    await expect(page.getByText('There is nothing in it that is not here.')).toBeVisible();
    await page.goto('/garden');
    await expect(page.getByRole('heading', { level: 1, name: 'The walled plot at Skerrow Bay' })).toBeVisible();
    expect(errors).toEqual([]);
  });
});

test('a table is looked into, taken in, and undone', async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto('/garden/keep');
  const give = async (csv: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take in: Soil tests' }).click();
    await (await chooser).setFiles({ name: 'soil.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  };
  await give('place,date,ph\nLong Bed,2026-03-01,6.4\n\nLong Bed,2026-02-31,6');
  await expect(page.getByText('soil.csv: 1 new, 0 the same, 1 not understood.')).toBeVisible();
  await expect(page.getByText(/^line 4, column 2 \(date\): /)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take in 1 row/ })).toHaveCount(0);
  await give('place,date,ph\nLong Bed,2026-03-01,6.4');
  await page.getByRole('button', { name: 'Take in 1 row' }).click();
  await expect(page.getByText('1 row came in.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Undo: Soil tests: 1 row' }).click();
  await expect(page.getByText('It is out again.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Undo: / })).toHaveCount(0);
  expect(errors).toEqual([]);
});
