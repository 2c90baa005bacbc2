import { expect, test } from './garden';
import { expectAccessible, watchErrors } from './help';

/** The sky over the garden: what was read, a forecast that was brought, a sensor in the soil, and what they move. */

test('the weather is read, taken back, and brought as a forecast; a sensor says how moist the soil is', async ({
  page,
}) => {
  const errors = watchErrors(page);
  await page.goto('/garden');
  await page.getByRole('link', { name: 'Open the weather' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weather' })).toBeVisible();
  await expect(page.getByText(/^All of this is made up/)).toBeVisible();
  await page.getByRole('textbox', { name: /^Lowest/ }).fill('12');
  await page.getByRole('textbox', { name: /^Highest/ }).fill('8');
  await expect(page.getByText('It is below the lowest.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Note it' })).toBeDisabled();
  await page.getByRole('textbox', { name: /^Highest/ }).fill('21');
  await page.getByRole('textbox', { name: /^Rain/ }).fill('4,5');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Read: 12 to 21°C, 4.5 mm.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take it back', exact: true }).click();
  await expect(page.getByText('Read: 12 to 21°C, 4.5 mm.')).toHaveCount(0);

  const give = async (text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take in: A forecast' }).click();
    await (await chooser).setFiles({ name: 'week.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await give('[{"date":"2026-06-12","low_c":9,"high_c":"warm"}]');
  await expect(page.getByText(/^entry 1, high_c: /)).toBeVisible();
  await give('[{"date":"2026-06-12","low_c":9,"high_c":19,"rain_mm":0}]');
  await page.getByRole('button', { name: 'Take in 24 rows' }).click();
  await expect(page.getByText(/^What you read counts first/)).toBeVisible();

  await expect(page.getByRole('heading', { name: 'Sensor: Long Bed' })).toBeVisible();
  await page.getByRole('button', { name: 'Put one in' }).click();
  await page.getByRole('button', { name: 'Lean-to', exact: true }).click();
  await page.getByRole('button', { name: 'A made-up one' }).click();
  await expect(page.getByRole('heading', { name: 'Sensor: Lean-to' })).toBeVisible();
  await page.getByRole('button', { name: 'Take it out: Lean-to' }).click();
  await expect(page.getByRole('heading', { name: 'Sensor: Lean-to' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Long Bed', exact: true }).click();
  await expect(page.getByText(/% *\), soil \d+ °C/)).toBeVisible();
  expect(errors).toEqual([]);
});

test('Today says what to take along in all, and why a step stands at its hour', async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto('/');
  await expect(page.getByText(/^Take along: 375 mL of weed brew/)).toBeVisible();
  await page.getByRole('button', { name: 'Place by place' }).click();
  await expect(page.getByText(/^Gate Bed: [\d.]+ L of weed brew as a feed/)).toBeVisible();
  await expect(page.getByText(/^Step Pots: 4\.5 L of seaweed feed/)).toBeVisible();
  await page.getByRole('button', { name: 'Why at that hour?' }).click();
  await page.getByRole('button', { name: 'Pour on moist soil, off the leaves', exact: true }).click();
  await expect(page.getByText(/^Today: \d\d:00 to \d\d:00 suits\./)).toBeVisible();
  await expectAccessible(page);
  expect(errors).toEqual([]);
});

test('a step is left out with its reason, and taken back', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^Leave it out: Spray or pour in the evening/ }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'The weather', exact: true }).click();
  await expect(page.getByText('Left out: Spray or pour in the evening')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Leave it out: Spray or pour in the evening/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Leave it out: Spray or pour in the evening/ })).toBeVisible();
});

test('that a plant is in flower is said once: under Choose, on its bed, and in the plan', async ({ page }) => {
  await page.goto('/cases');
  await page.getByRole('link', { name: /Sweet peas, white dust/ }).click();
  await page.getByRole('tab', { name: 'Choose' }).click();
  await page.getByRole('button', { name: 'In flower? Pond? Heat?' }).click();
  await page.getByRole('button', { name: 'In flower now', exact: true }).click();
  await expect(page.getByRole('button', { name: 'So here: 1' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'So here: 1' })).toBeVisible();
  await page.goto('/garden');
  await page.goto('/garden/gate-bed');
  await expect(page.getByText('In flower until', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Day until which .*weet peas is in flower: no day$/ }).click();
  await expect(
    page.getByRole('button', { name: /^Day until which .*weet peas is in flower: no day yet/ }),
  ).toBeVisible();
});

test('a better plan is looked for, and it is said how good the one is that stands', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('checkbox', { name: /^Lift the pot/ }).waitFor();
  await page.getByRole('button', { name: /^Leave it out: Spray or pour in the evening/ }).click();
  await page.getByRole('button', { name: 'No time', exact: true }).click();
  await page.getByRole('link', { name: 'The weeks to come' }).click();
  await expect(
    page.getByText(/^(No better plan can be found\.|At most [\d.]+ % short of the best there can be\.)$/),
  ).toBeVisible({
    timeout: 40_000,
  });
  await expectAccessible(page);
});
