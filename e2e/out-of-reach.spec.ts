import type { Page } from '@playwright/test';
import { expect, test } from './garden';
import { count, expectAccessible, openLook, part, watchErrors } from './help';

/** In the garden without signal: the server is really stopped, and started again with the same garden. */
test.use({ serviceWorkers: 'allow' });

/** Until the browser has kept the app and what is open. */
async function kept(page: Page): Promise<void> {
  await page.goto('/');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const answers = await (await caches.open('garden')).keys();
        return answers.filter(({ url }) => /\/api\/cases\/.|\/api\/jobs\/./.test(url)).length;
      }),
    )
    .toBeGreaterThan(12);
}
const strip = (page: Page) => page.getByText(/^The garden’s server is not answering/);

test('the app opens with no server, and what is seen, counted and done is sent once when it is back', async ({
  page,
  garden,
}) => {
  const errors = watchErrors(page);
  const counted = page.getByText(/^Counted/);
  await page.goto('/notebook');
  await expect(counted.first()).toBeVisible();
  const before = await counted.count();
  await kept(page);
  await garden.stop();

  await page.goto('/cases');
  await expect(strip(page)).toContainText('This is as of');
  await page
    .getByRole('link', { name: /^Sweet peas/ })
    .first()
    .click();
  await part(page, 'Read');
  await page.getByRole('textbox', { name: 'Say what you see' }).fill('ragged holes');
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await expect(strip(page)).toContainText('1 thing waits here');
  await page.getByRole('button', { name: /^Soft clusters\..*Not looked\.$/ }).click();
  await expect(page.getByRole('button', { name: /^Soft clusters: Seen/ })).toBeVisible();

  // A reload loses nothing.
  await page.reload();
  await expect(strip(page)).toContainText('2 things wait here');
  await expect(page.getByRole('button', { name: /^Soft clusters: Seen/ })).toBeVisible();
  await page.getByRole('button', { name: 'What waits' }).click();
  await expect(page.getByText('“ragged holes”')).toBeVisible();
  await expectAccessible(page);

  await openLook(page, /Gooseberries, curled tips/);
  await count(page, [3, 0, 1]);
  await expect(strip(page)).toContainText('3 things wait here');

  await garden.start();
  await expect(strip(page)).toBeHidden();
  await page.goto('/notebook');
  await expect(counted).toHaveCount(before + 1);
  expect(errors).toEqual([]);
});

test('a case can be opened out of reach, and is there under the same address', async ({ page, garden }) => {
  await kept(page);
  await garden.stop();
  await page.goto('/cases/new');
  await page.getByRole('button', { name: 'Strawberries', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'A new case' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Say what you see' }).fill('ragged holes in the leaves and slime');
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await expect(strip(page)).toContainText('2 things wait here');
  const address = page.url();
  await garden.start();
  await expect(page.getByRole('button', { name: /^Ragged holes: Seen/ })).toBeVisible();
  expect(page.url()).toContain(address);
});
