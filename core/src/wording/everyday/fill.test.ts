import { fill } from './fill';

describe('a sentence from its template', () => {
  test('amounts of the template and of the knowledge are said in the reader’s measures', () => {
    expect(fill('{what}: {5 cm} deep', { what: 'a mulch of {10 cm}' }, 'metric')).toBe('a mulch of 10 cm: 5 cm deep');
    expect(fill('{5 cm} of {what}', { what: 'compost' }, 'us')).toMatch(/^2 (in|inches) of compost$/);
  });

  test('what somebody typed stands as it was typed, with whatever braces', () => {
    for (const given of ['{', '}', '{}', `|"X [Of{'!}h`, '{x}', '{{5 cm}', '{constructor}'])
      expect(fill('there is no "{given}"', { given }, 'metric')).toContain(given.replace('{5 cm}', ''));
  });

  test('a sentence that wants what is not given is a slip of ours', () => {
    expect(() => fill('there is no {given}', {}, 'metric')).toThrow(/wants \{given\}/);
  });
});
