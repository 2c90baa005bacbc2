import { fireEvent, waitFor } from '@testing-library/react';
import { place } from './router';

/**
 * Hands and eyes for tests of whole pages. What is pressed or typed into is found by its name, as a screen reader
 * tells it; by attributes, since telling every role of a page of two hundred buttons is slow. Roles and contrast
 * are checked in the journeys.
 */
const pressable =
  'button, [role="button"], [role="link"], [role="tab"], [role="checkbox"], [role="radio"], [role="switch"]';

type Name = string | RegExp;
const nameOf = (element: Element) => element.getAttribute('aria-label') ?? element.textContent ?? '';
const isNamed = (element: Element, name: Name) =>
  typeof name === 'string' ? nameOf(element) === name : name.test(nameOf(element));

/** Everything that is written on the page. */
export const page = (): string => document.body.textContent ?? '';

/** What can be pressed under that name; undefined where nothing can. */
export const maybeButton = (name: Name): HTMLElement | undefined =>
  [...document.body.querySelectorAll<HTMLElement>(pressable)].find((element) => isNamed(element, name));

export function button(name: Name): HTMLElement {
  const found = maybeButton(name);
  if (!found)
    throw new Error(
      `nothing to press is called ${String(name)}; there are ${[...document.body.querySelectorAll(pressable)].map(nameOf).join(' | ')}`,
    );
  return found;
}

export const press = (name: Name): void => void fireEvent.click(button(name));

export function field(name: Name): HTMLInputElement {
  const all = [...document.body.querySelectorAll<HTMLInputElement>('input, textarea')];
  const found = all.find((element) => isNamed(element, name));
  if (!found) throw new Error(`no field is called ${String(name)}; there are ${all.map(nameOf).join(' | ')}`);
  return found;
}

export const type = (name: Name, text: string): void => void fireEvent.change(field(name), { target: { value: text } });

/** On a busy machine a whole page takes seconds in a test's world. */
const patience = { timeout: 20000 };

/** Waits until something is written on the page. */
export const reads = (what: Name): Promise<void> =>
  waitFor(() => {
    const text = page();
    if (typeof what === 'string' ? !text.includes(what) : !what.test(text)) throw new Error(`not yet: ${String(what)}`);
  }, patience);

export const isPressed = (name: Name): boolean => button(name).getAttribute('aria-pressed') === 'true';
export const isDisabled = (name: Name): boolean =>
  button(name).getAttribute('aria-disabled') === 'true' || (button(name) as HTMLButtonElement).disabled;

/** Presses as soon as it can be pressed: a button rests while what was pressed before is still under way. */
export async function presses(name: Name): Promise<void> {
  await waitFor(() => {
    if (isDisabled(name)) throw new Error(`${String(name)} cannot be pressed yet`);
  }, patience);
  press(name);
}

/** Waits until the page goes elsewhere. @returns where to */
export const goes = (): Promise<string> =>
  waitFor(() => {
    const [to] = place.went;
    if (to === undefined) throw new Error('still here');
    return to;
  }, patience);

/** Waits until something holds, such as an act that has been done. */
export const holds = (check: () => void): Promise<void> => waitFor(check, patience);
