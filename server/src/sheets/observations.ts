import { addObservation, everyObservation } from '../store/cases';
import { caseIn, filled, type Sheet } from './sheet';

const states = ['seen', 'absent', 'not-looked'] as const;

/** What was seen, or looked for in vain, in each case; taken back where nobody has looked after all. */
export const observations: Sheet = {
  id: 'observations',
  columns: ['case_id', 'case', 'date', 'sign', 'state', 'amount', 'said'],
  needed: ['date', 'sign', 'state'],
  rows: ({ db }) =>
    everyObservation(db).map(({ case_id, case_name, observed_on, sign, state, amount, said }) =>
      filled({ case_id, case: case_name, date: observed_on, sign, state, amount, said }),
    ),
  read: ({ db, tables }, line) => {
    const of = caseIn(db, line);
    const on = line.neededDay('date');
    const named = line.needed('sign', 120);
    const sign = tables.signs.find(({ id, name }) => id === named || name.toLowerCase() === named.toLowerCase());
    if (!sign) return line.refuse('sign', 'unknown-sign', { given: named });
    const state = line.oneOf('state', states);
    const amount = line.number('amount', { least: 0, most: 100_000 });
    const said = line.text('said');
    return [
      {
        cells: filled({ case_id: of.id, case: of.name, date: on, sign: sign.id, state, amount, said }),
        caseId: of.id,
        put: () => {
          const id = addObservation(db, {
            caseId: of.id,
            sign: sign.id,
            state,
            amount,
            said: said === '' ? undefined : said,
            on,
          });
          return [['observation', { id }]];
        },
      },
    ];
  },
};
