import os from 'node:os';
import { expect, test } from './garden';
import { expectAccessible, watchErrors } from './help';

/** Where other devices of the house reach this machine; none on one without a network. */
const address = Object.values(os.networkInterfaces())
  .flatMap((list) => list ?? [])
  .find(({ internal, family }) => !internal && family === 'IPv4')?.address;

test.describe('a garden shared in the house', () => {
  test.use({ passphrase: 'seven pale radishes' });
  test.skip(address === undefined, 'this machine has no address in a house');

  test('another device is let in by a code, is told by its name, and taken off', async ({ page, port, browser }) => {
    const errors = watchErrors(page);
    // At the machine itself.
    await page.goto('/garden/keep');
    await page.getByRole('button', { name: 'Let a device in' }).click();
    const code = await page.getByRole('heading', { name: /^\d{4} \d{4}$/ }).textContent();
    await expect(page.getByRole('img', { name: /^The address and the code/ })).toBeVisible();
    await expectAccessible(page);

    const context = await browser.newContext({ baseURL: `http://${address}:${port}`, serviceWorkers: 'block' });
    const phone = await context.newPage();
    await phone.goto('/');
    await expect(phone.getByRole('heading', { level: 1, name: 'This device is new here' })).toBeVisible();
    await expectAccessible(phone);
    await phone.getByRole('textbox', { name: 'What is this device called?' }).fill('Garden phone');
    await phone.getByRole('textbox', { name: 'Code' }).fill('0000 0000');
    await phone.getByRole('button', { name: 'Come in' }).click();
    await expect(phone.getByText(/^Neither the passphrase nor a code/)).toBeVisible();
    await phone.getByRole('textbox', { name: 'Code' }).fill(code ?? '');
    await phone.getByRole('button', { name: 'Come in' }).click();
    await expect(phone.getByRole('link', { name: 'New case' })).toBeVisible();
    await phone.goto('/cases/new');
    await phone.getByRole('button', { name: 'Parsley' }).click();
    await expect(phone.getByRole('tab', { name: 'Read' })).toBeVisible();

    await page.goto('/notebook');
    await expect(page.getByText(/^Case opened.* · on Garden phone$/)).toBeVisible();
    await page.goto('/garden/keep');
    await page.getByRole('button', { name: 'Take off: Garden phone' }).click();
    await expect(page.getByText('Garden phone comes in no more.')).toBeVisible();
    await phone.goto('/garden');
    await expect(phone.getByRole('heading', { level: 1, name: 'This device is new here' })).toBeVisible();
    await context.close();
    expect(errors).toEqual([]);
  });
});

test('a garden that is not shared says so, and how that is changed', async ({ page }) => {
  await page.goto('/garden/keep');
  await expect(page.getByText(/^Only this computer can open the garden/)).toBeVisible();
  await page.getByRole('textbox', { name: 'A passphrase, a few words' }).fill('seven pale radishes');
  await page.getByRole('button', { name: /^Set it/ }).click();
  await expect(page.getByText('The passphrase is set.')).toBeVisible();
});

test('a tap makes a backup, another goes back to it', async ({ page }) => {
  await page.goto('/garden/keep');
  await page.getByRole('button', { name: 'Make one now' }).click();
  await expect(page.getByText('A backup is made.')).toBeVisible();
  await page.request.post('/api/beds', { data: { name: 'A bed too many', setting: 'bed' } });
  await page
    .getByRole('button', { name: /^Go back: Backup/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByText('The garden is as it was then.')).toBeVisible();
  await expect(page.getByText(/^Moved aside/).first()).toBeVisible();
  await page.goto('/garden');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('A bed too many')).toHaveCount(0);
});
