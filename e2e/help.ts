import fs from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';

const axeSource = fs.readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

interface AxeResult {
  violations: { id: string; help: string; nodes: { html: string; failureSummary?: string }[] }[];
}

/** No accessibility rule (WCAG 2 A and AA) is broken on the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  await page.evaluate(axeSource);
  const { violations } = await page.evaluate(() =>
    (window as unknown as { axe: { run: (root: Document, options: object) => Promise<AxeResult> } }).axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'],
    }),
  );
  expect(
    violations.map(
      ({ id, help, nodes }) =>
        `${id}: ${help}\n  ${nodes
          .slice(0, 3)
          .map(({ html, failureSummary }) => `${html.slice(0, 200)}\n  ${failureSummary ?? ''}`)
          .join('\n  ')}`,
    ),
  ).toEqual([]);
}

/** Errors that the page itself raised while a journey was walked. */
export function watchErrors(page: Page): string[] {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' && !/Failed to load resource/.test(message.text())) errors.push(message.text());
  });
  return errors;
}

/** Opens a case on a plant of the demo garden and leaves the page on its reading. */
export async function openCase(page: Page, plant: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: 'New case' }).click();
  await page.getByRole('button', { name: plant, exact: true }).click();
  await expect(page.getByRole('tab', { name: 'Read' })).toBeVisible();
}

export const part = (page: Page, name: 'Read' | 'Weigh' | 'Choose' | 'Do' | 'Look') =>
  page.getByRole('tab', { name }).click();

/** Notes one typed line and waits until it has been taken in. */
export async function say(page: Page, line: string): Promise<void> {
  const box = page.getByRole('textbox', { name: 'Say what you see' });
  await box.fill(line);
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await expect(box).toHaveValue('');
}

/** Counts leaves one by one with the big buttons, and saves. */
export async function count(page: Page, counts: readonly number[]): Promise<void> {
  for (const [index, value] of counts.entries()) {
    for (let fives = 0; fives < Math.floor(value / 5); fives += 1)
      await page.getByRole('button', { name: '5 more' }).first().click();
    for (let ones = 0; ones < value % 5; ones += 1)
      await page.getByRole('button', { name: 'One more' }).first().click();
    await page
      .getByRole('button', { name: `Next (${index + 1})` })
      .first()
      .click();
  }
  await page
    .getByRole('button', { name: `Save ${counts.length} counts` })
    .first()
    .click();
}

/** The Look part of a case that stands in the list. */
export async function openLook(page: Page, name: RegExp): Promise<void> {
  await page.goto('/cases');
  await page.getByRole('link', { name }).click();
  await page.getByRole('tab', { name: 'Look' }).click();
}

/** A picture that is drawn in the page, chosen as a photograph of the case. @param draws gives a PNG in base64 */
export async function takePhotograph<Of extends string | boolean>(
  page: Page,
  of: Of,
  draws: (of: Of) => string,
): Promise<void> {
  const png = await page.evaluate(draws as (of: unknown) => string, of as unknown);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photograph' }).click();
  await (await chooser).setFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
}
