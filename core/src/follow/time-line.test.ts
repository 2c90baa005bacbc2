import { timeLineOf, type Timed } from './time-line';

const step = (
  date: string | null,
  phase: Timed['jobs'][0]['steps'][0]['phase'],
  state: 'done' | 'planned' | 'skipped',
) => ({
  date,
  phase,
  state,
  does: `${phase} on ${date}`,
});
const timed: Timed = {
  openedOn: '2026-06-01',
  today: '2026-06-10',
  jobs: [
    {
      remedyName: 'Soap spray',
      steps: [
        step('2026-06-02', 'prepare', 'done'),
        step('2026-06-03', 'apply', 'done'),
        step('2026-06-05', 'look', 'done'),
        step('2026-06-09', 'after', 'skipped'),
        step('2026-06-12', 'apply', 'planned'),
        step('2026-06-14', 'look', 'planned'),
        step(null, 'look', 'planned'),
      ],
      applied: [{ on: '2026-06-03' }],
      counts: [{ on: '2026-06-05' }, { on: '2026-06-05' }],
    },
    { remedyName: 'Jet of water', steps: [], applied: [{ on: '2026-06-03' }], counts: [] },
  ],
};

describe('the line of time of a case', () => {
  test('holds each day’s doings once: what was put on and counted is no step besides', () => {
    expect(timeLineOf(timed).marks.map(({ on, kind }) => `${on.slice(8)} ${kind}`)).toEqual([
      '01 opened',
      '02 done',
      '03 put-on',
      '05 counted',
      '12 to-do',
      '14 to-look',
    ]);
  });
  test('two on one day are one mark with both names', () =>
    expect(timeLineOf(timed).marks.find(({ kind }) => kind === 'put-on')?.says).toEqual([
      'Soap spray',
      'Jet of water',
    ]));
  test('reaches from the first day to the last, today among them', () => {
    expect(timeLineOf(timed)).toMatchObject({ from: '2026-06-01', to: '2026-06-14' });
    expect(timeLineOf({ ...timed, today: '2026-07-01' })).toMatchObject({ to: '2026-07-01', next: [] });
  });
  test('what comes next is what is not done yet', () =>
    expect(timeLineOf(timed).next.map(({ says }) => says[0])).toEqual(['apply on 2026-06-12', 'look on 2026-06-14']));
});
