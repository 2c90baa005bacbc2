import type { Page } from '@playwright/test';
import { expect, test } from './garden';
import { watchErrors } from './help';

/** Farther than any page is long. */
const mostTabs = 160;

/** What the focus stands on, as it is called. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const one = document.activeElement;
    return one === null || one === document.body
      ? ''
      : (one.getAttribute('aria-label') ?? one.textContent ?? '').trim();
  });

/** Goes on from thing to thing until the focus stands on one of that name, and sees that it shows. */
async function reach(page: Page, name: RegExp): Promise<void> {
  for (let tabs = 0; tabs < mostTabs; tabs += 1) {
    if (name.test(await focused(page))) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`no ${String(name)} was reached; the focus stands on "${await focused(page)}"`);
}
async function press(page: Page, name: RegExp): Promise<void> {
  await reach(page, name);
  await page.keyboard.press('Enter');
}
/** From the tab that is open to another, by the arrows. */
async function part(page: Page, name: string): Promise<void> {
  await reach(page, /^(Read|Weigh|Choose|Do|Look)$/);
  for (let arrows = 0; arrows < 6 && (await focused(page)) !== name; arrows += 1)
    await page.keyboard.press('ArrowRight');
  expect(await focused(page)).toBe(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name })).toHaveAttribute('aria-selected', 'true');
}
async function count(page: Page, counts: readonly number[]): Promise<void> {
  for (const [at, value] of counts.entries()) {
    for (let ones = 0; ones < value; ones += 1) await press(page, /^One more$/);
    await press(page, new RegExp(`^Next \\(${at + 1}\\)$`));
  }
  await press(page, new RegExp(`^Save ${counts.length} counts$`));
}

test('from a new case to a verdict by the keyboard alone', async ({ page }) => {
  test.setTimeout(120_000);
  const errors = watchErrors(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await press(page, /New case$/);
  await expect(page.getByRole('button', { name: 'Redcurrants', exact: true })).toBeVisible();
  await press(page, /^Redcurrants$/);
  await expect(page.getByRole('tab', { name: 'Read' })).toBeVisible();
  await reach(page, /^Say what you see$/);
  await page.keyboard.type('soft green clusters under curled tips, ants on the stems');
  await press(page, /^Note$/);
  await expect(page.getByText('Aphids + Ants guarding sap-suckers')).toBeVisible();
  // The ring that shows where the focus stands is there to be seen.
  await reach(page, /^(Read|Weigh|Choose|Do|Look)$/);
  const ring = await page.evaluate(() => getComputedStyle(document.activeElement ?? document.body).outlineWidth);
  expect(Number.parseFloat(ring)).toBeGreaterThanOrEqual(2);
  await part(page, 'Choose');
  await press(page, /^How much of what/);
  await press(page, /^Choose Soap spray$/);
  await expect(page.getByText('Under way; see Do.')).toBeVisible();
  await part(page, 'Look');
  await count(page, [4, 5, 3]);
  await expect(page.getByText('Count again, the same way')).toBeVisible();
  await part(page, 'Do');
  await reach(page, /^Spray undersides and tips to run-off/);
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Read, and done' })).toBeVisible();
  await reach(page, /^Read: Soap kills fish/);
  await page.keyboard.press('Space');
  await press(page, /^Read, and done$/);
  await expect(page.getByRole('checkbox', { name: /^Spray undersides and tips to run-off/ })).toBeChecked();
  await part(page, 'Look');
  await count(page, [1, 0, 2]);
  await expect(page.getByRole('heading', { name: 'On the way' })).toBeVisible();
  expect(errors).toEqual([]);
});
