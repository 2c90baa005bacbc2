import { openGarden } from '@/testing/garden';
import { goes, isPressed, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { fireEvent } from '@testing-library/react';
import { Overlay } from './Overlay';
import { FindBox } from './FindBox';

const need = 'What do you need?';
const links = () => [...document.querySelectorAll<HTMLAnchorElement>('[role="list"] a, [role="list"] [role="link"]')];

describe('a need in one line', () => {
  test('shows what meets it with what will stand in its form, and opens the first', async () => {
    openGarden({ demo: true });
    draw(<FindBox />);
    await reads('As you would say it');
    type(need, 'how much mulch for the long bed');
    await reads(/Sum · Area: /);
    expect(page()).toMatch(/Mulch/);
    expect(links().length).toBeLessThanOrEqual(7);
    fireEvent.keyDown(document.querySelector('input') as HTMLInputElement, { key: 'Enter' });
    expect(decodeURIComponent(await goes())).toMatch(/part=work&tool=mulch&fill=.*"area":/);
  });

  test('finds what is in the garden by its name, and says when nothing is called so', async () => {
    const garden = openGarden({ demo: true });
    const [one] = garden.cases();
    draw(<FindBox />);
    await reads('As you would say it');
    type(need, one?.name ?? '');
    await reads('Case');
    type(need, 'zzyzx');
    await reads('Nothing here is called “zzyzx”.');
  });

  test('on top of a page it offers examples to tap, and the keys are told', async () => {
    openGarden({ demo: true });
    draw(<Overlay what="find" close={() => undefined} />);
    await reads('Find');
    press('soap for aphids');
    await reads('Soap spray');
    draw(<Overlay what="keys" close={() => undefined} />);
    await reads('Find anything, or say what you need');
    expect(isPressed('Keys are in use')).toBe(true);
    press('Keys are in use');
    expect(isPressed('Keys are in use')).toBe(false);
    press('Keys are in use');
  });
});
