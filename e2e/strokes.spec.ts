import type { Page } from '@playwright/test';
import { expect, test } from './garden';

/** One finger, from here to there. */
async function stroke(page: Page, from: readonly [number, number], to: readonly [number, number]): Promise<void> {
  const touch = await page.context().newCDPSession(page);
  const at = ([x, y]: readonly [number, number]) => [{ x, y }];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from) });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(to) });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

async function openCase(page: Page, part: string): Promise<void> {
  const { open } = (await (await page.request.get('/api/cases')).json()) as { open: { id: string; name: string }[] };
  await page.goto(`/cases/${open.find(({ name }) => name.startsWith('Gooseberries'))?.id}?part=${part}`);
}

test('a stroke to the left turns to the next part of a case, to the right back; up and down it scrolls', async ({
  page,
}, { project }) => {
  test.skip(project.name === 'wide', 'fingers');
  await openCase(page, 'weigh');
  const chosen = page.getByRole('tab', { selected: true });
  await expect(page.getByRole('heading', { name: 'What is likely' })).toBeVisible();
  await stroke(page, [330, 500], [90, 510]);
  await expect(chosen).toHaveText('Choose');
  await stroke(page, [90, 500], [330, 505]);
  await expect(chosen).toHaveText('Weigh');
  await stroke(page, [200, 600], [120, 300]);
  await expect(chosen).toHaveText('Weigh');
});

test('counted over the whole screen: a thumb on either side, a stroke for the next', async ({ page }, { project }) => {
  await openCase(page, 'look');
  await page.getByRole('button', { name: 'Whole screen' }).click();
  const sheet = page.getByRole('dialog', { name: 'Count' });
  for (let more = 0; more < 3; more += 1) await sheet.getByRole('button', { name: 'One more' }).click();
  await sheet.getByRole('button', { name: 'One fewer' }).click();
  await sheet.getByRole('button', { name: 'Next (1)' }).click();
  await expect(sheet.getByText('So far: 2.')).toBeVisible();
  await sheet.getByRole('button', { name: 'One more' }).click();
  if (project.name === 'phone') await stroke(page, [330, 90], [80, 95]);
  else await sheet.getByRole('button', { name: 'Next (2)' }).click();
  await expect(sheet.getByText('So far: 2 · 1.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Take back' }).click();
  await expect(sheet.getByText('So far: 2.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('1 so far.')).toBeVisible();
});
