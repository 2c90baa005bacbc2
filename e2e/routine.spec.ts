import { expect, test } from './garden';
import { expectAccessible, watchErrors } from './help';

/** Work through a season that is no case: planned as a whole, worked through by its parts. */

test('clippings to bring worms: planned, laid on another day, looked after, at rest and back', async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto('/jobs/new');
  await page.getByRole('button', { name: 'Clippings to bring worms', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Say where first' })).toBeDisabled();
  await page.getByRole('button', { name: 'Long Bed', exact: true }).click();
  await page.getByRole('button', { name: 'Many', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it on the plan' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Clippings to bring worms' })).toBeVisible();
  await expect(page.getByText(/L of fresh clippings, 1 cm thick/).first()).toBeVisible();
  await expectAccessible(page);

  // A step that asks for something is not ticked without it.
  await page.getByRole('checkbox', { name: /^Dig out a spade’s cube/ }).click();
  await expect(page.getByRole('button', { name: 'Could not' })).toBeVisible();
  await page.getByRole('button', { name: 'Could not' }).click();

  await page.getByRole('link', { name: 'Its steps: The layer' }).click();
  await page.getByRole('checkbox', { name: /^Loosen the top/ }).click();
  await page.getByRole('checkbox', { name: /^Spread the clippings/ }).click();
  await expect(page.getByRole('checkbox', { name: /^Spread the clippings/ }).first()).toBeChecked();
  await page.getByRole('link', { name: 'Part of: Clippings to bring worms' }).click();
  await expect(page.getByText(/^Next tomorrow: Squeeze a handful/)).toBeVisible();

  await page.getByRole('button', { name: 'Let it rest' }).click();
  await expect(page.getByText(/^It rests since today/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on with it' }).click();
  await expect(page.getByText(/^It rests since today/)).toHaveCount(0);
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByText(/^Clippings to bring worms has ended\./)).toBeVisible();
  expect(errors).toEqual([]);
});

test('too little compost is shared out bed by bed, in one proposal that is changed by a tap', async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto('/jobs/new?routine=share-compost');
  await page.getByRole('button', { name: 'Kiln Bed', exact: true }).click();
  await expect(page.getByText('Proposed: what grows here takes much.')).toBeVisible();
  await page.getByRole('button', { name: 'Gate Bed', exact: true }).click();
  await page.getByRole('group', { name: 'Gate Bed' }).getByRole('button', { name: 'Gets compost' }).click();
  await page.getByRole('textbox', { name: /^Compost there is/ }).fill('60');
  await page.getByRole('button', { name: 'Put it on the plan' }).click();
  await expect(page.getByText(/^60 L of ripe compost/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Its steps: The compost' }).click();
  await expect(page.getByText(/Gate Bed: \d+ L · Kiln Bed: \d+ L|Gate Bed · Kiln Bed/).first()).toBeVisible();
  await expectAccessible(page);
  expect(errors).toEqual([]);
});
