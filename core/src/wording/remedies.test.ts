import type { RemedyRow } from '../tables';
import { glanceOf } from './remedies';

const step = (phase: string, minutes: number, applies?: true) => ({ phase, minutes, ...(applies ? { applies } : {}) });
const row = (more: object): RemedyRow =>
  ({
    grade: 'trial',
    steps: [step('before', 5), step('apply', 20, true), step('apply', 20, true), step('look', 10)],
    facts: {
      cost: 'pennies',
      prepare: [{ does: 'Wash the sprayer', minutes: 3 }],
      spares: { helpers: 'some', soil: 'safe', water: 'harm' },
    },
    ...more,
  }) as unknown as RemedyRow;

describe('a remedy at a glance', () => {
  test('the work is that of the first round: getting ready, what comes before, and putting it on once', () =>
    expect(glanceOf(row({})).takes).toBe('28 min'));
  test('longer work is told in half hours', () => {
    const long = (minutes: number) => glanceOf(row({ steps: [step('apply', minutes, true)] })).takes;
    expect(long(86)).toBe('89 min');
    expect(long(87)).toBe('1½ h');
    expect(long(117)).toBe('2 h');
  });
  test('what nothing is put on for takes all that is not a look', () =>
    expect(glanceOf(row({ steps: [step('before', 10), step('look', 10)] })).takes).toBe('13 min'));
  test('who is hurt is named; where nobody is, it says so', () => {
    expect(glanceOf(row({})).harms).toBe('helpers, water life');
    const safe = { helpers: 'safe', soil: 'safe', water: 'safe' };
    expect(glanceOf(row({ facts: { cost: 'nothing', prepare: [], spares: safe } })).harms).toBe('nothing');
  });
  test('how well it is known, and what it costs', () =>
    expect(glanceOf(row({ grade: 'doubtful' }))).toMatchObject({ evidence: 'doubtful', costs: 'pennies' }));
});
