import type { Page } from '@playwright/test';
import { expect, test } from './garden';

/** Units that a gardener with these measures never meets unless she asks for them. */
const figure = String.raw`(?<![\w.,])\d[\d.,]*[¼½¾⅓⅔⅛⅜⅝⅞]?\s?`;
const strangers = {
  us: new RegExp(
    `${figure}(?:mL|L|litres?|g|kg|mg|cm|mm|m|m²|cm²|m³|metres?|grams?|°C|km/h|mg/L)(?![\\w²³])|\\b(?:litres?|grams?|metres?|millilitres?|celsius)\\b|, in (?:mL|L|g|kg|cm|mm|m|m²|°C|mg/L)\\b`,
    'gi',
  ),
  metric: new RegExp(
    `${figure}(?:gallons?|gal|quarts?|pints?|fl oz|oz|ounces?|lb|pounds?|inch(?:es)?|ft|feet|yd|yards?|sq ft|cu ft|cu yd|°F|mph)(?![\\w])|\\b(?:gallons?|quarts?|pints?|ounces?|fahrenheit)\\b|, in (?:gal|qt|fl oz|oz|lb|ft|sq ft|°F)\\b`,
    'gi',
  ),
} as const;
/** The choice of measures names them all, and stays out of the walk. */
const asked = /^(?:Metric|US|Imperial|Australian)\b.*/gm;

/** Everything that is read or read out: text, labels and what stands in fields. */
async function strangersOn(page: Page, measures: keyof typeof strangers): Promise<string[]> {
  const text = await page.evaluate(() =>
    [
      document.body.innerText,
      ...[...document.querySelectorAll('[aria-label],[placeholder]')].map(
        (element) => element.getAttribute('aria-label') ?? element.getAttribute('placeholder') ?? '',
      ),
    ].join('\n'),
  );
  return [...text.replace(asked, '').matchAll(strangers[measures])].map(
    ({ 0: found, index }) => `${found} in “${text.slice(Math.max(0, index - 40), index + 40).replace(/\n/g, ' ')}”`,
  );
}

test('every screen, looking for strangers among the units', async ({ page, request }, { project }) => {
  // The words are those of either size, and the walk is long: US measures on the phone, metric on the wide screen.
  const measures = project.name === 'phone' ? 'us' : 'metric';
  test.setTimeout(400_000);
  const changed = await request.post('/api/garden', { data: { commandId: crypto.randomUUID(), measures } });
  expect(changed.ok()).toBe(true);
  const { open: cases } = (await (await request.get('/api/cases')).json()) as { open: { id: string }[] };
  const addresses = [
    '/',
    '/cases',
    '/cases/new',
    '/bench',
    '/bench?part=brews',
    '/bench?part=cupboard',
    '/bench?part=recipes',
    '/bench?part=ask',
    '/garden',
    '/garden/long-bed',
    '/notebook',
    '/notebook/review?year=2025',
    '/plates',
    '/practice',
    '/labels',
    ...['soap-spray', 'milk-spray', 'sulphur-soil', 'ant-bait'].map((remedy) => `/bench?remedy=${remedy}`),
    ...['mulch', 'shell-extract', 'spray', 'per-area', 'bait', 'feed', 'soap-shake'].map(
      (tool) => `/bench?part=work&tool=${tool}`,
    ),
    ...cases
      .slice(0, 6)
      .flatMap(({ id }) => ['read', 'weigh', 'choose', 'do', 'look'].map((part) => `/cases/${id}?part=${part}`)),
  ];
  const met: string[] = [];
  for (const address of addresses) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    for (const stranger of await strangersOn(page, measures)) met.push(`${address}: ${stranger}`);
  }
  expect(met).toEqual([]);
});
