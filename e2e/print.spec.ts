import type { Page } from '@playwright/test';
import { expect, test } from './garden';

/** Sheets that a page takes on paper. */
async function sheets(page: Page, format: 'A4' | 'Letter'): Promise<number> {
  const pdf = (await page.pdf({ format })).toString('latin1');
  return (pdf.match(/\/Type\s*\/Page\b(?!s)/g) ?? []).length;
}

async function gooseberries(page: Page): Promise<string> {
  const { open } = (await (await page.request.get('/api/cases')).json()) as { open: { id: string; name: string }[] };
  return open.find(({ name }) => name.startsWith('Gooseberries'))?.id ?? '';
}

/** One sheet on either format. */
async function expectOneSheet(page: Page): Promise<void> {
  for (const format of ['A4', 'Letter'] as const) expect([format, await sheets(page, format)]).toEqual([format, 1]);
}

test('a mixing card is printed alone, on one sheet', async ({ page }) => {
  await page.goto(`/cases/${await gooseberries(page)}?part=choose`);
  await page
    .getByRole('button', { name: /^How much of what/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Print the card' })).toBeVisible();
  await expect(page.getByText('1 % by volume. 10 June.')).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('1 % by volume. 10 June.')).toBeVisible();
  await expect(page.getByText('Never over 2 %.')).toBeVisible();
  for (const name of ['Print the card', 'Choose Jet of water', 'Today'])
    await expect(page.getByRole('button', { name }).or(page.getByRole('link', { name }))).toHaveCount(0);
  await expectOneSheet(page);
});

test('the weeks to come are printed as a list to tick', async ({ page }) => {
  await page.goto('/calendar');
  await expect(page.getByRole('heading', { name: 'The weeks to come' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'To do' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Wednesday 10 June' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The weeks to come' })).toBeHidden();
  await expectOneSheet(page);
});

test('the sheet for an expert and the year looked back on stand on one sheet each', async ({ page }) => {
  for (const [path, heading] of [
    [`/cases/sheet?id=${await gooseberries(page)}`, 'What it may be'],
    ['/notebook/review?year=2025', 'What worked'],
  ] as const) {
    await page.emulateMedia({ media: 'screen' });
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading })).toBeVisible();
    await expectOneSheet(page);
  }
});
