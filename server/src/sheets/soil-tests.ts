import { InputError, problemsIn, soilFound } from '@trowel/core/contract';
import { addSoilTest, everySoilTest } from '../store/clinic';
import { bedNames } from '../store/garden';
import { bedIn, filled, type Sheet } from './sheet';

/** Columns of numbers, and what they are called in a soil test. */
const measured = {
  ph: 'ph',
  ec: 'ec',
  nitrogen: 'nitrogen',
  phosphorus: 'phosphorus',
  potassium: 'potassium',
  magnesium: 'magnesium',
  calcium: 'calcium',
  organic_matter: 'organicMatter',
} as const;
const layers = ['sand', 'silt', 'clay'] as const;
const sources = ['jar', 'lab', 'strip', 'import'] as const;

/** pH, ec (mS/cm), nitrogen … calcium (mg/kg), organic matter (%), sand, silt and clay (%). */
export const soilTests: Sheet = {
  id: 'soil-tests',
  columns: ['id', 'place', 'date', ...Object.keys(measured), ...layers, 'source'],
  needed: ['place', 'date'],
  rows: ({ db }) => {
    const names = bedNames(db);
    return everySoilTest(db).map(({ id, bed_id, tested_on, found, source }) => ({
      id,
      ...filled({
        place: names.get(bed_id),
        date: tested_on,
        ...Object.fromEntries(Object.entries(measured).map(([column, name]) => [column, found[name]])),
        ...found.texture,
        source,
      }),
    }));
  },
  read: ({ db }, line) => {
    const bed = bedIn(db, line);
    const on = line.neededDay('date');
    const source = line.oneOf('source', sources, 'import');
    const given = Object.fromEntries(
      Object.entries(measured).flatMap(([column, name]) => {
        const value = line.number(column);
        return value === undefined ? [] : [[name, value]];
      }),
    );
    const parts = layers.map((layer) => [layer, line.number(layer)] as const);
    const known = parts.filter(([, value]) => value !== undefined);
    if (known.length > 0 && known.length < layers.length) line.refuse('sand', 'csv-texture');
    const values = { ...given, ...(known.length > 0 ? { texture: Object.fromEntries(parts) } : {}) };
    const [wrong] = problemsIn(soilFound, values);
    if (wrong) {
      const column = Object.entries(measured).find(([, name]) => name === wrong.field)?.[0] ?? 'sand';
      throw new InputError([{ ...wrong, field: line.where(column) }]);
    }
    if (Object.keys(values).length === 0) line.refuse('ph', 'csv-nothing');
    const found = soilFound.parse(values);
    return [
      {
        id: line.text('id', 80),
        cells: filled({
          place: bed.name,
          date: on,
          ...Object.fromEntries(Object.entries(measured).map(([column, name]) => [column, found[name]])),
          ...found.texture,
          source,
        }),
        put: (id) => {
          addSoilTest(db, { id, bedId: bed.id, on, found, source });
          return [['soil_test', { id }]];
        },
      },
    ];
  },
};
