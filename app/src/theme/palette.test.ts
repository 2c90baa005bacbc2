import { dark, light, sun, type Roles } from './palette';

/** Relative luminance and contrast as WCAG 2 defines them. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.03928 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string) => {
  const [high = 0, low = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (high + 0.05) / (low + 0.05);
};

const pairs: readonly [keyof Roles, keyof Roles, number][] = [
  ['text', 'ground', 7],
  ['text', 'raised', 7],
  ['text', 'deep', 7],
  ['softText', 'ground', 4.5],
  ['softText', 'raised', 4.5],
  ['softText', 'deep', 4.5],
  ['onAct', 'act', 4.5],
  ['good', 'goodGround', 4.5],
  ['warn', 'warnGround', 4.5],
  ['stop', 'stopGround', 4.5],
  ['cool', 'coolGround', 4.5],
  ['stop', 'ground', 4.5],
  ['text', 'goodGround', 7],
  ['text', 'warnGround', 7],
  ['text', 'stopGround', 7],
];

describe.each([
  ['light', light],
  ['dark', dark],
])('%s colours', (_, roles) => {
  test.each(pairs)('%s on %s reads at %s to 1', (text, ground, least) => {
    expect(contrast(roles[text], roles[ground])).toBeGreaterThanOrEqual(least);
  });
});

describe('colours in bright sun', () => {
  test.each(pairs)('%s on %s reads at 10 to 1', (text, ground) => {
    expect(contrast(sun[text], sun[ground])).toBeGreaterThanOrEqual(10);
  });
  test('lines are as plain as the text', () => {
    expect(contrast(sun.line, sun.ground)).toBeGreaterThanOrEqual(10);
  });
});
