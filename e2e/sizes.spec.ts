import type { Page } from '@playwright/test';
import { expect, test } from './garden';

/** For thumbs and for weak eyes: what can be pressed is large enough, and nothing is lost where letters are larger. */

async function pages(page: Page): Promise<string[]> {
  const { open } = (await (await page.request.get('/api/cases')).json()) as { open: { id: string; name: string }[] };
  const id = open.find(({ name }) => name.startsWith('Gooseberries'))?.id ?? '';
  const parts = ['read', 'weigh', 'choose', 'do', 'look'].map((part) => `/cases/${id}?part=${part}`);
  return [
    ...[
      '/',
      '/cases',
      '/cases/new',
      ...parts,
      '/bench',
      '/garden',
      '/garden/keep',
      '/garden/weather',
      '/notebook',
      '/notebook/review',
    ],
    ...['/calendar', '/practice', '/plates', '/words', '/labels', '/jobs/new'],
  ];
}

async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
}

/** What can be pressed and is smaller than a thumb, px. */
const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const controls =
      'a,button,input,select,textarea,[role=button],[role=tab],[role=checkbox],[role=radio],[role=switch]';
    return [...document.querySelectorAll<HTMLElement>(controls)].flatMap((one) => {
      const { width, height } = one.getBoundingClientRect();
      const isSeen = width > 0 && height > 0 && one.closest('[aria-hidden=true]') === null;
      return isSeen && (width < least || height < least)
        ? [`${one.getAttribute('aria-label') ?? one.innerText}: ${Math.round(width)} by ${Math.round(height)}`]
        : [];
    });
  }, 44);

/** Words that stand beyond the right edge, where nothing scrolls to them. */
const beyondTheEdge = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const scrolls = (one: Element): boolean => {
      for (let around = one.parentElement; around; around = around.parentElement)
        if (
          /auto|scroll/.test(getComputedStyle(around).overflowX) &&
          around.scrollWidth > around.clientWidth &&
          around.getBoundingClientRect().right <= innerWidth + 1
        )
          return true;
      return false;
    };
    return [...document.querySelectorAll<HTMLElement>('#root *')].flatMap((one) => {
      const hasWords = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      const { right, width } = one.getBoundingClientRect();
      // The names on the picture of the garden are laid out by their letters; they stand once more below it, as text.
      return hasWords &&
        width > 0 &&
        right > innerWidth + 1 &&
        !one.closest('svg, [aria-label^="The garden from above"]') &&
        !scrolls(one)
        ? [`${one.innerText.slice(0, 60)}: to ${Math.round(right)}`]
        : [];
    });
  });

/** Filled buttons, of which a page has one; and texts longer than is read at a glance. */
const tooLoud = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const isSeen = (one: Element) => {
      const { width, height } = one.getBoundingClientRect();
      return width > 1 && height > 1 && !one.closest('[aria-hidden=true], svg');
    };
    const isFilled = (one: Element) => {
      const { width, height } = one.getBoundingClientRect();
      const [red = 255, green = 255, blue = 255, clear = 1] = (
        getComputedStyle(one).backgroundColor.match(/[\d.]+/g) ?? []
      ).map(Number);
      return clear === 1 && 0.3 * red + 0.6 * green + 0.1 * blue < 120 && width > 60 && height > 30;
    };
    const filled = [...document.querySelectorAll<HTMLElement>('a,button,[role=button]')].filter(
      (one) => isSeen(one) && [one, ...one.querySelectorAll('*')].some(isFilled),
    );
    const long = [...document.querySelectorAll<HTMLElement>('#root *')].filter((one) => {
      const hasWords = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      if (!hasWords || !isSeen(one) || getComputedStyle(one).display === 'inline') return false;
      const lines = one.getBoundingClientRect().height / Number.parseFloat(getComputedStyle(one).lineHeight);
      return lines > 3.5 && one.innerText.length > 100;
    });
    return [
      ...(filled.length > 1 ? filled.map((one) => `filled: ${one.innerText}`) : []),
      ...long.map((one) => `long: ${one.innerText}`),
    ];
  });

/** Words of which a part is hidden by their own box, and words that lie over others. */
const illegible = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const texts = [...document.querySelectorAll<HTMLElement>('#root *')].filter((one) => {
      const { width, height } = one.getBoundingClientRect();
      const hasWords = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      return hasWords && width > 1 && height > 1 && !one.closest('[aria-hidden=true], svg');
    });
    // A text of three lines with “The rest” beside it is cut on purpose.
    const isShortened = (one: HTMLElement) => getComputedStyle(one).webkitLineClamp !== 'none';
    const cut = texts.filter((one) => {
      const { overflowX, overflowY } = getComputedStyle(one);
      const isHidden = /hidden|clip/.test(`${overflowX}${overflowY}`);
      const isMore = one.scrollWidth > one.clientWidth + 2 || one.scrollHeight > one.clientHeight + 4;
      return isHidden && isMore && one.clientWidth > 0 && !isShortened(one);
    });
    // The places stand below what scrolls behind them; on the picture of the garden names are laid out by their letters.
    const isLaidOver = (one: Element): boolean =>
      one.closest('[role=navigation], [aria-label^="The garden from above"]') !== null;
    const boxes = texts
      .filter((one) => getComputedStyle(one).display !== 'inline' && one.children.length === 0 && !isLaidOver(one))
      .map((one) => ({ one, box: one.getBoundingClientRect() }));
    const over = boxes.flatMap(({ one, box }, at) =>
      boxes.slice(at + 1).flatMap(({ one: other, box: its }) => {
        const across = Math.min(box.right, its.right) - Math.max(box.left, its.left);
        const along = Math.min(box.bottom, its.bottom) - Math.max(box.top, its.top);
        // The name of a field stands in it twice, so that it can rise.
        return across > 4 && along > 4 && one.innerText !== other.innerText
          ? [`over each other: ${one.innerText.slice(0, 40)} / ${other.innerText.slice(0, 40)}`]
          : [];
      }),
    );
    return [...cut.map((one) => `cut: ${one.innerText.slice(0, 60)}`), ...over];
  });

/** Lines of running text with more letters than the eye follows back. */
const tooWide = (page: Page): Promise<string[]> =>
  page.evaluate((most) => {
    const range = document.createRange();
    return [...document.querySelectorAll<HTMLElement>('#root *')].flatMap((one) => {
      const node = one.firstChild;
      if (one.childNodes.length !== 1 || !(node instanceof Text) || node.data.length <= most) return [];
      const lines = new Map<number, number>();
      for (const word of node.data.matchAll(/\S+\s*/gu)) {
        range.setStart(node, word.index);
        range.setEnd(node, word.index + word[0].trimEnd().length);
        const top = Math.round(range.getBoundingClientRect().top);
        lines.set(top, (lines.get(top) ?? 0) + word[0].length);
      }
      const widest = Math.max(...lines.values());
      return lines.size > 1 && widest > most ? [`${widest} letters: ${one.innerText.slice(0, 60)}`] : [];
    });
  }, 80);

test('everything that can be pressed is as large as a thumb; one thing is the main one; no text is a wall, cut off or under another', async ({
  page,
}) => {
  for (const path of await pages(page)) {
    await open(page, path);
    const faults = async () => [
      ...(await tooSmall(page)),
      ...(await tooLoud(page)),
      ...(await illegible(page)),
      ...(await tooWide(page)),
    ];
    // The name of a field stands narrow for its first frames, until its box is measured: what counts is what lasts.
    await expect.poll(faults, path).toEqual([]);
  }
});

test('a page twice as near, and one as narrow as any phone, shows all its words', async ({ page }) => {
  for (const [width, height] of [
    [640, 400],
    [320, 640],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const path of await pages(page)) {
      await open(page, path);
      expect([width, path, ...(await beyondTheEdge(page))]).toEqual([width, path]);
    }
  }
});

test('letters twice as large break into lines; none leave the page', async ({ page }) => {
  for (const path of await pages(page)) {
    await open(page, path);
    await page.evaluate(() => {
      const sizes = [...document.querySelectorAll<HTMLElement>('#root *')]
        .filter((one) => !one.closest('svg'))
        .map((one) => {
          const { fontSize, lineHeight } = getComputedStyle(one);
          return { one, size: Number.parseFloat(fontSize), line: Number.parseFloat(lineHeight) };
        });
      for (const { one, size, line } of sizes) {
        one.style.setProperty('font-size', `${2 * size}px`, 'important');
        if (!Number.isNaN(line)) one.style.setProperty('line-height', `${2 * line}px`, 'important');
      }
    });
    expect([path, ...(await beyondTheEdge(page))]).toEqual([path]);
  }
});
