import fc from 'fast-check';
import type { CauseRow, ConceptRole, ConceptRow, PlantRow, SignRow, Tables } from '../tables';
import { plantNamed, readLine, type About } from './read';
import { isElsewhere } from './places';
import { occurrencesIn, lexiconOf, tokensOf } from '../hear/words';

/** A vocabulary of a few words, so that every rule of reading can be seen at work by itself. */
const what = (id: string, ...words: string[]): ConceptRow => ({ id, kind: 'what', words });
const modifier = (id: string, ...words: string[]): ConceptRow => ({ id, kind: 'modifier', words });
const rows: readonly ConceptRow[] = [
  modifier('leaf', 'leaf', 'leaves'),
  modifier('old', 'old', 'older', 'lower'),
  modifier('new', 'new', 'young'),
  modifier('fruit', 'fruit', '!tomatoes'),
  modifier('red', 'red', 'reddish'),
  modifier('edge', 'edge', 'edges'),
  modifier('stem', 'stem', 'stems'),
  what('root', 'root', 'roots'),
  what('yellow', 'yellow'),
  what('pale', 'pale'),
  what('brown', 'brown'),
  what('soft', 'soft', 'mushy'),
  what('hole', 'hole', 'holes'),
  what('spot', 'spot', 'spots'),
  what('trail', 'trail', 'trails'),
  what('sticky', 'sticky'),
  what('ant', 'ant', 'ants'),
  what('web', 'web', 'webs', 'webbing'),
  what('sour', 'stinking', 'sour'),
  what('windy', '!wind', 'gale'),
  what('cut', 'severed'),
  what('curl', 'curled'),
  what('thick', 'thickened'),
];
const leafy = ['leaves', 'leaf-edge', 'veins', 'oldest-leaves', 'newest-leaves'] as const;
const roles: Readonly<Record<string, ConceptRole>> = {
  leaf: { places: leafy },
  edge: { places: [...leafy, 'lawn'] },
  stem: { places: ['stem', 'bark'], subject: 'changes' },
  root: { places: ['roots', 'inside-soil'], subject: 'changes' },
  old: { subject: 'stays' },
  new: { subject: 'stays' },
  fruit: { places: ['fruit'], subject: 'stays' },
  red: { is: 'tint' },
  yellow: { is: 'colour' },
  pale: { is: 'colour' },
  brown: { is: 'colour' },
  sticky: { ofCreatures: true },
};
const concepts = rows.map((row) => (roles[row.id] ? { ...row, role: roles[row.id] } : row)) as readonly ConceptRow[];

const sign = (
  id: string,
  where: SignRow['where'],
  kind: SignRow['what'],
  says: string[],
  more: Partial<SignRow> = {},
): SignRow => ({
  id,
  name: id,
  plain: id,
  where,
  what: kind,
  pattern: 'any',
  amount: 'none',
  background: 0.01,
  says,
  plate: { base: 'leaf', marks: [] },
  source: 'growers',
  grade: 'practice',
  ...more,
});
const signs: readonly SignRow[] = [
  sign('yellow-leaves', 'leaves', 'colour', ['yellow', 'yellow leaf', 'pale leaf'], { background: 0.1 }),
  sign('pale-old', 'oldest-leaves', 'colour', ['yellow old', 'pale old', 'yellow old leaf']),
  sign('pale-new', 'newest-leaves', 'colour', ['yellow new', 'pale new', 'yellow new leaf']),
  sign('soft-roots', 'roots', 'colour', ['soft brown', 'root soft', 'root brown']),
  sign('ragged-holes', 'leaves', 'hole', ['hole', 'hole leaf']),
  sign('brown-spots', 'leaves', 'spot', ['spot', 'brown spot', 'spot leaf']),
  sign('shot-holes', 'leaves', 'hole', ['hole brown edge']),
  sign('trails', 'leaves', 'trail', ['trail', 'trail leaf']),
  sign('honeydew', 'leaves', 'residue', ['sticky', 'sticky leaf'], { amount: 'share-of-leaves' }),
  sign('ants', 'stem', 'insect', ['ant', 'ant stem'], { amount: 'per-minute' }),
  sign('webs', 'leaf-underside', 'web', ['web', 'web leaf']),
  sign('sour', 'inside-soil', 'reading', ['sour']),
  sign('wind', 'weather', 'reading', ['windy']),
  sign('cut-stems', 'stem', 'growth', ['cut', 'cut stem']),
  sign('curled', 'newest-leaves', 'curl', ['curl', 'curl leaf', 'curl new']),
  sign('red-pucker', 'leaves', 'growth', ['curl thick', 'curl thick red', 'curl thick red leaf']),
  sign('apple-spots', 'leaves', 'spot', ['spot red']),
  sign('rose-spots', 'leaves', 'spot', ['red spot']),
];

const plant = (id: string, ...synonyms: string[]): PlantRow => ({
  id,
  name: id,
  synonyms,
  groups: [],
  edible: true,
  portrait: { habit: 'stems', leaf: 'oval' },
  parts: ['leaves'],
  sensitive: {},
  ph: [6, 7],
  source: 'extension',
  grade: 'guideline',
});
const plants = [
  plant('rose', 'roses'),
  plant('apple', 'apples'),
  plant('broad-bean', 'broad beans'),
  plant('bean', 'beans'),
];

const cause = (id: string, host: string, shown: string): CauseRow =>
  ({
    id,
    name: id,
    kind: 'disease',
    plain: id,
    prior: { base: 0.1 },
    hosts: [host],
    elsewhere: 0.01,
    conditions: [],
    causes: [],
    signs: [{ sign: shown, strength: 0.9, why: 'it does' }],
    act: 'watch',
    below: 'leave',
    weight: 1,
    avoid: [],
    source: 'extension',
    grade: 'guideline',
  }) as unknown as CauseRow;
const tables = {
  concepts,
  signs,
  plants,
  causes: [cause('a', 'apple', 'apple-spots'), cause('r', 'rose', 'rose-spots')],
  conditions: [],
  tried: { ways: [], done: [], goesOn: [], thought: [], helped: [], inVain: [] },
  settingsTold: { rows: [], elsewhere: [], open: [] },
} as unknown as Tables;

const read = (line: string, about: About = {}) =>
  readLine(tables, line, about).understood.map(({ sign: id, state }) => (state === 'absent' ? `!${id}` : id));
const unread = (line: string) => readLine(tables, line).notUnderstood;

describe('a line is read clause by clause', () => {
  test.each<[string, string[]]>([
    ['sticky leaves, ants on the stems', ['honeydew', 'ants']],
    ['sticky leaves and ants', ['honeydew', 'ants']],
    ['lower leaves are yellow', ['pale-old']],
    ['yellow leaves, mostly the older ones', ['pale-old']],
    ['young leaves yellow', ['pale-new']],
    ['sticky; webs', ['honeydew', 'webs']],
  ])('“%s”', (line, signsRead) => expect(read(line)).toEqual(signsRead));

  test('what “and” parts may be one thing, where one sign says it all', () => {
    expect(read('holes with brown edges')).toEqual(['shot-holes']);
    expect(read('holes in the leaves and brown spots')).toEqual(['ragged-holes', 'brown-spots']);
  });

  test('after a comma only what says nothing alone, and names no other place, belongs to what stands before', () => {
    expect(read('new leaves curled, thickened and red')).toEqual(['red-pucker']);
    expect(read('curled leaves, brown roots')).toEqual(['curled', 'soft-roots']);
  });

  test('a part that is fine lends its place to nothing', () => {
    expect(read('lower leaves are yellow. New growth is fine.')).toEqual(['pale-old']);
  });
});

describe('what is denied', () => {
  test.each<[string, string[]]>([
    ['no webs', ['!webs']],
    ['sticky leaves but no webbing', ['honeydew', '!webs']],
    ['no ants or webs', ['!ants', '!webs']],
    ['webs: none', ['!webs']],
    ['not only sticky', ['honeydew']],
    ['spots that do not rub off', ['brown-spots']],
    ['without holes after a gale', ['!ragged-holes', 'wind']],
  ])('“%s”', (line, signsRead) => expect(read(line)).toEqual(signsRead));
});

describe('where things stand', () => {
  test('a mark of one place is not read on another', () => {
    expect(read('soft brown roots')).toEqual(['soft-roots']);
    expect(read('soft brown')).toEqual(['soft-roots']);
    expect(read('soft brown fruit')).not.toContain('soft-roots');
    expect(read('holes in the roots')).toEqual([]);
    expect(read('holes in the leaves above the roots')).toEqual(['ragged-holes']);
  });

  test('the same, one sign at a time', () => {
    const placesOf = (line: string) => occurrencesIn(tokensOf(line), lexiconOf(tables));
    const one = (id: string) => signs.find((row) => row.id === id) ?? signs[0];
    const elsewhere = (id: string, line: string) => {
      const row = one(id);
      return row ? isElsewhere(row, [], placesOf(line)) : undefined;
    };
    expect(elsewhere('soft-roots', 'fruit')).toBe(true);
    expect(elsewhere('soft-roots', 'roots')).toBe(false);
    expect(elsewhere('soft-roots', 'nothing named')).toBe(false);
    expect(elsewhere('ants', 'fruit')).toBe(false);
    expect(elsewhere('brown-spots', 'fruit')).toBe(true);
  });

  test('a colour right before another word is the colour of that', () => {
    expect(read('pale trails in the leaves')).toEqual(['trails']);
    expect(read('pale leaves with trails').sort()).toEqual(['trails', 'yellow-leaves']);
  });
});

describe('words', () => {
  test('slips of the pen are forgiven, everyday words are none', () => {
    expect(read('stickky leaves')).toEqual(['honeydew']);
    expect(read('weebbing')).toEqual(['webs']);
    expect(read('sticking leaves together')).toEqual([]);
  });

  test('words that carry no sign count only as they are written', () => {
    expect(read('several leaves')).toEqual([]);
    expect(read('severed')).toEqual(['cut-stems']);
  });

  test('an exact word is not its relatives', () => {
    expect(read('strong wind')).toEqual(['wind']);
    expect(read('winding')).toEqual([]);
  });

  test('what was not understood is handed back, what carries nothing is not', () => {
    expect(unread('sticky leaves and purple flubber')).toEqual(['purple', 'flubber']);
    expect(unread('I have seen some sticky leaves on it today')).toEqual([]);
    expect(unread('brown')).toEqual(['brown']);
  });

  test('numbers that count something are kept', () => {
    expect(readLine(tables, 'about 40 ants a minute').understood).toEqual([
      expect.objectContaining({ sign: 'ants', amount: 40 }),
    ]);
    expect(readLine(tables, 'no ants').understood[0]).not.toHaveProperty('amount');
  });
});

describe('plants', () => {
  test('the longest name counts, and what lives on a plant breaks ties', () => {
    expect(plantNamed(tables, 'broad beans')).toBe('broad-bean');
    expect(plantNamed(tables, 'beans')).toBe('bean');
    expect(plantNamed(tables, 'triffid')).toBeUndefined();
    expect(read('red spots', { plant: 'apple' })).toEqual(['apple-spots']);
    expect(read('red spots', { plant: 'rose' })).toEqual(['rose-spots']);
  });

  test('a plant that was named beforehand is not renamed by the line', () => {
    expect(read('red spots, beside the apples', { plant: 'rose' })).toEqual(['rose-spots']);
    expect(readLine(tables, 'red spots on my roses').plant).toBe('rose');
  });
});

test('any line is read without a throw, each sign once, and denial is the only thing that makes absent (seed 21)', () => {
  const words = [
    'sticky',
    'leaves',
    'no',
    'ants',
    ',',
    'and',
    'webs',
    'roots',
    'soft',
    'brown',
    'not',
    '…',
    '40',
    'holes',
    'xyzzy',
    '.',
  ];
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...words), { maxLength: 14 }), (picked) => {
      const line = picked.join(' ');
      const { understood, notUnderstood } = readLine(tables, line);
      expect(new Set(understood.map((found) => found.sign)).size).toBe(understood.length);
      if (!picked.includes('no') && !picked.includes('not'))
        expect(understood.every(({ state }) => state === 'seen')).toBe(true);
      if (picked.includes('xyzzy')) expect(notUnderstood.join(' ')).toMatch(/xyzzy/);
    }),
    { seed: 21, numRuns: 400 },
  );
});
