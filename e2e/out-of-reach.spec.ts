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

test('the browser may put it on the phone as an app of its own', async ({ page }) => {
  await kept(page);
  const devtools = await page.context().newCDPSession(page);
  const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors');
  // A browser of a test keeps nothing after it, and that is all it has against it.
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
  expect((await devtools.send('Page.getAppManifest')).errors).toEqual([]);
});

/** From a new case to its end, one step after the other. */
function stepsOfACase(page: Page): { name: string; waits: boolean; does: () => Promise<void> }[] {
  const press = (name: string | RegExp) => page.getByRole('button', { name }).first().click();
  return [
    {
      name: 'opened',
      waits: true,
      does: async () => {
        await page.goto('/cases/new');
        await page.getByRole('button', { name: 'Redcurrants', exact: true }).click();
        await expect(page.getByRole('tab', { name: 'Read' })).toBeVisible();
      },
    },
    {
      name: 'a line noted',
      waits: true,
      does: async () => {
        await page
          .getByRole('textbox', { name: 'Say what you see' })
          .fill('soft green clusters under curled tips, ants on the stems');
        await press(/^Note$/);
      },
    },
    {
      name: 'a plate tapped',
      waits: true,
      does: () => press(/Not looked\.$/),
    },
    {
      name: 'a remedy chosen',
      waits: false,
      does: async () => {
        await part(page, 'Choose');
        await page.getByRole('button', { name: 'Choose Soap spray' }).click();
        await expect(page.getByText('Under way; see Do.')).toBeVisible();
      },
    },
    {
      name: 'counted before',
      waits: true,
      does: async () => {
        await part(page, 'Look');
        await count(page, [4, 5, 3]);
      },
    },
    {
      name: 'put on',
      waits: true,
      does: async () => {
        await part(page, 'Do');
        // Where the parts stand side by side a count that just arrived may lay the steps anew under the thumb.
        await expect(async () => {
          if (!(await page.getByRole('button', { name: /^Read, and done$/ }).isVisible()))
            await page.getByRole('checkbox', { name: /^Spray undersides and tips to run-off/ }).click();
          await expect(page.getByRole('button', { name: /^Read, and done$/ })).toBeVisible({ timeout: 2000 });
        }).toPass();
        for (const one of await page.getByRole('checkbox', { name: /^Read: / }).all()) await one.click();
        await press(/^Read, and done$/);
      },
    },
    {
      name: 'counted after',
      waits: true,
      does: async () => {
        await part(page, 'Look');
        await count(page, [1, 0, 2]);
      },
    },
  ];
}

interface Bundle {
  readonly tables: Record<
    'cases' | 'observation' | 'job' | 'step_event' | 'count' | 'application',
    { case_id?: string }[]
  >;
}
/** Rows that came into the garden since, by table. */
async function cameIn(page: Page, before: Bundle): Promise<Record<string, number>> {
  const { tables } = (await (await page.request.get('/api/bundle')).json()) as Bundle;
  return Object.fromEntries(
    (['cases', 'job', 'step_event', 'count', 'application'] as const).map((table) => [
      table,
      tables[table].length - before.tables[table].length,
    ]),
  );
}
const onceEach = { cases: 1, job: 1, step_event: 2, count: 2, application: 1 };

test.describe('from a new case to its second count', () => {
  test.use({ serviceWorkers: 'block' });

  test('with every answer lost once: each step is there once, however often it was sent', async ({ page }) => {
    test.setTimeout(120_000);
    const before = (await (await page.request.get('/api/bundle')).json()) as Bundle;
    const seen = new Set<string>();
    await page.route('**/api/**', async (route) => {
      const { commandId } = (route.request().postDataJSON() ?? {}) as { commandId?: string };
      if (commandId === undefined || seen.has(commandId)) return route.fallback();
      // It was done; that it was is lost on the way back.
      seen.add(commandId);
      await route.fetch();
      return route.abort('connectionreset');
    });
    for (const { does } of stepsOfACase(page)) {
      await does();
      await expect(strip(page)).toBeHidden();
    }
    await expect(page.getByRole('heading', { name: 'On the way' })).toBeVisible();
    expect(seen.size).toBeGreaterThan(6);
    expect(await cameIn(page, before)).toEqual(onceEach);
  });

  test('with the server gone at every step that can wait: each is kept, and sent when it is back', async ({
    page,
    garden,
  }) => {
    test.setTimeout(180_000);
    const before = (await (await page.request.get('/api/bundle')).json()) as Bundle;
    await page.goto('/cases/new');
    for (const { name, waits, does } of stepsOfACase(page)) {
      // The page itself was fetched while the server stood; in the garden it comes from the browser's own store.
      if (!waits || name === 'opened') {
        await does();
        continue;
      }
      await garden.stop();
      await does();
      await expect(strip(page)).toContainText(/things? waits? here/);
      await garden.start();
      await expect(strip(page)).toBeHidden();
    }
    await expect(page.getByRole('heading', { name: 'On the way' })).toBeVisible();
    expect(await cameIn(page, before)).toEqual(onceEach);
  });

  test('on two devices: what both did is there twice where both can be true, and told where it cannot', async ({
    page,
    browser,
    baseURL,
  }) => {
    test.setTimeout(120_000);
    for (const { does } of stepsOfACase(page).slice(0, 5)) await does();
    await expect(page.getByText('Count again, the same way')).toBeVisible();
    const address = page.url().replace(/\?.*$/, '');
    const other = await browser.newContext({ baseURL, serviceWorkers: 'block' });
    const phone = await other.newPage();
    await phone.goto(`${address}?part=do`);
    await expect(phone.getByRole('checkbox', { name: /^Spray undersides/ })).toBeVisible();

    // The phone goes down the garden, out of reach.
    await other.setOffline(true);
    const [, , , , , putOn, countAfter] = stepsOfACase(phone);
    await putOn?.does();
    await countAfter?.does();
    await expect(strip(phone)).toContainText('2 things wait here');
    // At the kitchen table the same step is ticked, and counted too.
    await stepsOfACase(page)[5]?.does();
    await stepsOfACase(page)[6]?.does();
    await expect(page.getByRole('heading', { name: 'On the way' })).toBeVisible();
    await other.setOffline(false);
    await expect(phone.getByText(/Not taken: That step is ticked already\./)).toBeVisible();
    await expect(strip(phone)).toBeHidden();
    await phone.getByRole('button', { name: /^Take out: / }).click();
    await expect(phone.getByText(/Not taken/)).toBeHidden();
    const { tables } = (await (await page.request.get('/api/bundle')).json()) as Bundle;
    const caseId = address.split('/').pop();
    expect(tables.count.filter(({ case_id }) => case_id === caseId)).toHaveLength(3);
    await other.close();
  });
});
