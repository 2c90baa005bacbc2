import { unitNamed, units, type MeasureSystem, type Unit } from '../quantities';
import { figureOf, figurePattern } from './figures';

/** An amount in running words: so much volume, weight, time …, and where it stands. */
export interface HeardAmount {
  readonly kind: 'volume' | 'mass' | 'length' | 'area' | 'temperature' | 'speed' | 'time' | 'percent' | 'ppm' | 'part';
  /** In mL, g, m, m², °C, km/h, days, %, mg/L, parts. */
  readonly amount: number;
  /** What the same words weigh where the thing is a powder: "an ounce" is a volume of soap and a weight of soda. */
  readonly asMass?: number;
  readonly at: number;
  readonly length: number;
  /** A handful, a splash: good to a factor of two. */
  readonly rough?: true;
}

interface SpeechUnit {
  readonly words: string;
  readonly kind: HeardAmount['kind'];
  readonly base: number;
  readonly rough?: true;
}

/** What people say besides the units of fields, near enough for "far too much". Sources: kitchen use, judgement. */
const speech: readonly SpeechUnit[] = [
  ...(
    [
      ['pinch(?:es)?', 0.4],
      ['dash(?:es)?', 1],
      ['squirts?|squeezes?|blobs?|dollops?', 5],
      ['splash(?:es)?|glugs?|slugs?', 15],
      ['capfuls?|capsful|caps?', 10],
      ['egg ?cups?|egg-cups?', 40],
      ['glass(?:es)?|glassfuls?|tumblers?', 200],
      ['handfuls?|fistfuls?', 60],
      ['jars?|jarfuls?', 400],
      ['watering[ -]cans?|can(?:ful)?s?', 9000],
      ['bathtubs?', 150_000],
      ['spoonfuls?|spoons?', 5],
    ] as const
  ).map(([words, base]): SpeechUnit => ({ words, kind: 'volume', base, rough: true })),
  { words: 'dessert ?spoons?|dessertspoonfuls?|dsp', kind: 'volume', base: 10 },
  { words: 'minutes?|mins?', kind: 'time', base: 1 / 1440 },
  { words: 'hours?|hrs?', kind: 'time', base: 1 / 24 },
  { words: 'days?|nights?', kind: 'time', base: 1 },
  { words: 'weeks?|wks?', kind: 'time', base: 7 },
  { words: 'fortnights?', kind: 'time', base: 14 },
  { words: 'months?', kind: 'time', base: 30 },
  { words: 'years?', kind: 'time', base: 365 },
  { words: '%|per ?cents?|pct', kind: 'percent', base: 1 },
  { words: 'ppm', kind: 'ppm', base: 1 },
  { words: 'parts?', kind: 'part', base: 1 },
];

const heardKinds = new Set<string>(['volume', 'mass', 'length', 'area', 'temperature', 'speed']);
const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s?');
/** The words of the unit table, longest first; a lone letter counts only after a figure in digits. */
const unitWords = units
  .filter(({ kind }) => heardKinds.has(kind))
  .flatMap(({ id, words }) => [id, ...words])
  .filter((word) => !/^["'′’″”#]$/.test(word) && !['c', 'f', '°C', '°F', 'in', 'm', 'mug'].includes(word))
  .sort((a, b) => b.length - a.length);
const unitPattern = `${unitWords.map(escaped).join('|')}`;
const speechPattern = speech.map(({ words }) => words).join('|');

const amount = new RegExp(
  String.raw`(?<![\w.,/])(${figurePattern})(?:\s*|-)(?:(?:level|heaped|heaping|scant|good|big|small|large|rounded|full|fluid(?=\s*ounce))\s+)?((?:${unitPattern})s?|${speechPattern}|cupfuls?|mugs?|fluid\s+ounces?)(?![\w])`,
  'giu',
);
/** "Teaspoon of soap": one. */
const bare =
  /(?<=^|[.,;:!?(]\s*|\b(?:add|put|use|with|and|the)\s+)(teaspoon|tablespoon|cup|cupful|capful|squirt|splash|handful|pinch|spoonful|drop|glass|bucket)s?(?:ful)?(?=\s+of\b)/giu;
const degrees =
  /(?<![\w.])(-?\d+(?:[.,]\d+)?)\s*(?:°|degrees?|deg)?\s*(celsius|centigrade|fahrenheit|[cf])?(?![\w%])/giu;

/** "A high of 95", "38 forecast": no unit is needed where nothing else is meant. */
const forecast =
  /\b(?:highs? of|hit(?:ting)?|reach(?:ing|es)?|up to|touching)\s+(\d{2,3})\b(?!\s*(?:%|ml|l\b|g\b|days?|weeks?|plants?))|\b(\d{2,3})\s+(?:forecast|in the shade)\b|\b(?:it'?s|it is|it was|it'?ll be|at)\s+(\d{2,3})(?=\s+(?:today|outside|out there|out and|out\b(?=[,.;!?]|$)|right now|out here|this (?:arvo|afternoon|morning|evening)|inside|indoors|in here|in there|in the (?:sun|shade|garden|greenhouse|polytunnel)|under glass)\b)|\b(\d{2,3})(?=\s+(?:outside|out there)\b)|\b(?:sunny|hot|cloudy|dull|overcast|warm|muggy) and (\d{2,3})(?![\d%:.]|\s*(?:ml|l\b|g\b|plants?))|\b(?:thermometer|soil|probe|temperature|temp)\b[^.;?!\d]{0,20}\b(?:says|reads|shows|is|at|of|about)\s+(?:about\s+|only\s+)?(\d{1,3})\b(?!\s*(?:[%:.]|ml|l\b|g\b|cm|mm|days?|weeks?|months?|plants?|ph\b|parts?|to\b))/giu;

/** Every amount that a line names, first to last, in the speaker's own cups and gallons. */
export function amountsIn(line: string, system: MeasureSystem): HeardAmount[] {
  const withUnit = [...line.matchAll(amount)].flatMap((found) =>
    heard(figureOf(found[1] ?? ''), found[2] ?? '', found, system),
  );
  const alone = [...line.matchAll(bare)].flatMap((found) => heard(1, found[1] ?? '', found, system));
  const all = [...withUnit, ...alone, ...degreesIn(line, system)].sort((a, b) => a.at - b.at);
  return all.filter(({ at }, index) => all.findIndex((other) => other.at === at) === index);
}

function heard(figure: number, word: string, found: RegExpMatchArray, system: MeasureSystem): HeardAmount[] {
  if (!Number.isFinite(figure)) return [];
  const where = { at: found.index ?? 0, length: found[0].length };
  const tidy = word.toLowerCase().replace(/\s+/g, ' ');
  const spoken = speech.find(({ words }) => new RegExp(`^(?:${words})$`, 'iu').test(tidy));
  if (spoken)
    return [
      { kind: spoken.kind, amount: figure * spoken.base, ...where, ...(spoken.rough ? { rough: true as const } : {}) },
    ];
  const unit = namedUnit(tidy);
  if (!unit) return [];
  if (unit.id === '°F') return [{ kind: 'temperature', amount: inCelsius(figure), ...where }];
  const base = (one: Unit) => figure * (typeof one.base === 'function' ? one.base(system) : one.base);
  if (unit.id === 'oz') {
    const fluid = unitNamed('fl oz');
    return [{ kind: 'volume', amount: fluid ? base(fluid) : 0, asMass: base(unit), ...where }];
  }
  return [{ kind: unit.kind as HeardAmount['kind'], amount: base(unit), ...where }];
}

const inCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

const namedUnit = (word: string): Unit | undefined =>
  unitNamed(word) ??
  unitNamed(word.replace(/s$/, '')) ??
  (/^mugs?$|^cupfuls?$/.test(word) ? unitNamed('cup') : undefined);

/** No garden is hotter than that in Celsius; and where Fahrenheit is spoken, above freezing it is meant. */
const hottest = 50;
const freezing = 32;
const isFahrenheitSaid = (value: number, system: MeasureSystem): boolean =>
  value > hottest || (system === 'us' && value > freezing);

/** "31 degrees", "65 F", "9 °C": without a letter it is the scale of the speaker's country. */
function degreesIn(line: string, system: MeasureSystem): HeardAmount[] {
  const plain = [...line.matchAll(forecast)].map((found) => {
    const value = Number(found.slice(1).find((figure) => figure !== undefined));
    return {
      kind: 'temperature' as const,
      amount: isFahrenheitSaid(value, system) ? inCelsius(value) : value,
      at: found.index ?? 0,
      length: found[0].length,
    };
  });
  const scaled = [...line.matchAll(degrees)].flatMap((found) => {
    const [whole, figure = '', scale] = found;
    const isSaid = scale !== undefined || /°|deg/i.test(whole);
    if (!isSaid) return [];
    const value = Number(figure.replace(',', '.'));
    const isFahrenheit = scale ? /^f/i.test(scale) : isFahrenheitSaid(value, system);
    return [
      {
        kind: 'temperature' as const,
        amount: isFahrenheit ? inCelsius(value) : value,
        at: found.index ?? 0,
        length: whole.length,
      },
    ];
  });
  return [...plain, ...scaled];
}
