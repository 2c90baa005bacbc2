import type { Page } from '@playwright/test';

/**
 * Counts what a thumb does on a page: each press, and each field that is typed into without having been pressed. A
 * press that the browser of the tests takes back, since what was aimed at had just moved, never comes to the document
 * and is not counted: else a slow machine would seem to need more taps.
 * @returns how many so far
 */
export async function countTaps(page: Page): Promise<() => number> {
  let taps = 0;
  await page.exposeBinding('tapped', () => {
    taps += 1;
  });
  await page.addInitScript(() => {
    const { tapped } = globalThis as unknown as { tapped: () => Promise<void> };
    let field: EventTarget | null = null;
    document.addEventListener(
      'pointerdown',
      (event) => {
        if (!event.isTrusted) return;
        field = event.target;
        void tapped();
      },
      true,
    );
    document.addEventListener(
      'input',
      (event) => {
        if (event.target === field) return;
        field = event.target;
        void tapped();
      },
      true,
    );
  });
  return () => taps;
}
