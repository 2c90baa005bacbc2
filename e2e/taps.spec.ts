import type { Page } from '@playwright/test';
import { expect, test } from './garden';

/** A thumb that counts: what takes more taps than people have patience for has failed. */
function thumbOf(page: Page) {
  let taps = 0;
  return {
    tap: async (name: string | RegExp) => {
      taps += 1;
      await page
        .getByRole('button', { name, exact: typeof name === 'string' })
        .or(page.getByRole('tab', { name }))
        .or(page.getByRole('link', { name, exact: typeof name === 'string' }))
        .first()
        .click();
    },
    /** A field tapped, a line typed and sent with the key of the keyboard. */
    say: async (field: string, line: string) => {
      taps += 1;
      await page.getByRole('textbox', { name: field }).fill(line);
      await page.getByRole('textbox', { name: field }).press('Enter');
    },
    type: async (field: string, text: string) => {
      taps += 1;
      await page
        .getByRole('combobox', { name: field })
        .or(page.getByRole('textbox', { name: field }))
        .first()
        .fill(text);
    },
    taps: () => taps,
  };
}

test.describe('in an empty garden', () => {
  test.use({ opens: 'start' });
  test('from the first page to a first amount', async ({ page }) => {
    await page.goto('/');
    const { tap, type, say, taps } = thumbOf(page);
    await tap('All this later');
    await type('Which plant?', 'roses');
    await tap(/^(Look at|Begin|Open)/);
    await say('Say what you see', 'greenfly packed on the tips, sticky leaves, curled tips');
    await expect(page.getByRole('button', { name: /^Soft clusters: Seen/ })).toBeVisible();
    const toReading = taps();
    await tap('Choose');
    await tap(/^How much of what/);
    await expect(page.getByText(/TABLESPOON|TEASPOON/i).first()).toBeVisible();
    expect(toReading).toBeLessThanOrEqual(5);
    expect(taps()).toBeLessThanOrEqual(8);
  });
});
