import { countValues, parseAt } from '@trowel/core/contract';
import { strangeCode, strangeCount } from '@trowel/core/jobs';
import { countUnits } from '@trowel/core/tables';
import { z } from 'zod';
import { caseNames } from '../store/cases';
import { addCount, everyCount } from '../store/counts';
import { caseIn, filled, type Sheet } from './sheet';

const answers = { yes: true, no: false } as const;
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'must be a time like 07:30' });

/** Counts of each case, one number for each leaf (plant, card, minute), with a semicolon between. */
export const counts: Sheet = {
  id: 'counts',
  columns: ['id', 'case_id', 'case', 'date', 'time', 'sign', 'unit', 'treated', 'counts', 'harm'],
  needed: ['date', 'counts'],
  rows: ({ db }) => {
    const names = caseNames(db);
    return everyCount(db).map(({ id, caseId, on, at, sign, unit, isTreated, counts: values, harmSeen }) => ({
      id,
      ...filled({
        case_id: caseId,
        case: names.get(caseId ?? ''),
        date: on,
        time: at.slice(11, 16),
        sign,
        unit,
        treated: isTreated ? 'yes' : 'no',
        counts: values.join(';'),
        harm: harmSeen ? 'yes' : 'no',
      }),
    }));
  },
  read: ({ db, tables }, line) => {
    const of = caseIn(db, line);
    const on = line.neededDay('date');
    const time = parseAt(clock, line.text('time') || '12:00', line.where('time'));
    const named = line.text('sign', 120);
    if (named !== '' && !tables.signs.some(({ id }) => id === named))
      line.refuse('sign', 'unknown-sign', { given: named });
    const unit = line.oneOf('unit', countUnits, 'number');
    const given = line.needed('counts');
    if (!/^\d+(\s*;\s*\d+)*$/.test(given)) line.refuse('counts', 'csv-not-counts', { given });
    const values = parseAt(countValues, given.split(';').map(Number), line.where('counts'));
    const strange = strangeCount(values, unit);
    if (strange !== undefined) line.refuse('counts', strangeCode(unit), { given: strange });
    const isTreated = answers[line.oneOf('treated', ['yes', 'no'], 'yes')];
    const harmSeen = answers[line.oneOf('harm', ['yes', 'no'], 'no')];
    return [
      {
        id: line.text('id', 80),
        caseId: of.id,
        cells: filled({
          case_id: of.id,
          case: of.name,
          date: on,
          time,
          sign: named,
          unit,
          treated: isTreated ? 'yes' : 'no',
          counts: values.join(';'),
          harm: harmSeen ? 'yes' : 'no',
        }),
        put: (id) => {
          addCount(db, {
            id,
            caseId: of.id,
            jobId: null,
            sign: named === '' ? null : named,
            unit,
            isTreated,
            on,
            at: `${on}T${time}:00.000Z`,
            counts: values,
            harmSeen,
          });
          return [['count', { id }]];
        },
      },
    ];
  },
};
