import { g, mL, type MeasureSystem, type Quantity } from '../quantities';
import { amountsIn, type HeardAmount } from './amounts';
import { figureOf, figurePattern } from './figures';
import { labelRateIn } from './label-rate';

/** Something that a line names, and where: what an amount may be of. */
export interface Named {
  readonly at: number;
  readonly length: number;
  /** A powder is weighed, and its spoons weigh by its density. */
  readonly form: 'liquid' | 'powder';
  /** g/mL */
  readonly density: number;
  /** Its label says how strong it is: a per cent beside its name is that of the bottle. */
  readonly hasLabel: boolean;
}

/** How much of something there is in what goes on. */
export interface HeardDose {
  /** % of the mix: by volume of a liquid, by weight in volume (g in 100 mL) of a powder. */
  readonly percent?: number;
  /** What the share was worked out from: so much of it, in so much. */
  readonly from?: { readonly taken: Quantity; readonly base: Quantity };
  /** What the bottle's label says, %. */
  readonly label?: number;
  /** As it comes from the bottle. */
  readonly neat?: true;
  /** So many times the rate on the label. */
  readonly labelRate?: number;
  /** g on a square metre. */
  readonly perArea?: number;
  /** An amount without what it goes into: nothing can be worked out. */
  readonly amountOnly?: true;
  readonly rough?: true;
  /** A drop or two, to make water cling: no dose of its own. */
  readonly trace?: true;
}

const dilutes = String.raw`(?:in|into|to|per|with|for|a|an|/|:|each|every|to every|up to|made up to|top(?:ped)? (?:it )?up (?:to|with))`;
const beforeBase = new RegExp(
  String.raw`(?:(?:^|[\s\d])${dilutes}\s*(?:about |roughly |the |each |every |some )?|/\s*)$`,
  'iu',
);
const wateredBase =
  /^\s*(?:of\s+)?(?:(?:rain|tap|warm|cold|soft|lukewarm|distilled|plain|clean|hot)\s*)*(?:water|rainwater|h2o|distilled)\b/iu;
/** "A quart of soap spray with two spoons of soap": so much is made of it. */
const madeBase = /^\s+of\s+(?:[\w-]+\s+){0,2}(?:spray|solution|mix(?:ture)?|wash|drench)\b/iu;
/** "per litre", "/L", "the gallon": one of it. */
const perOne =
  /(?:\bper|\/|\bto the|\bto each|\bto every|\b(?:on|over|across|round|around)\s+(?:the|each|every|a)(?=\s+(?:square|sq))|\bin each|\binto the|\binto a|\bin the|\bfor each|\bfor every|\ba(?=\s))\s*(square\s+(?:metre|meter|yard|foot)|sq\.?\s*(?:m|ft|yd)|m2|m²|millilit(?:re|er)|ml|lit(?:re|er)|l|gallon|gal|quart|qt|pint|pt|cup|bucket|can)\b/giu;
const partsOf = new RegExp(
  String.raw`\b(${figurePattern})\s+parts?\b([^.;?!]{0,60}?)\b(?:to|with|and|in|:|\+|,)\s+(${figurePattern})\s*(?:parts?\b|(?:of\s+)?water|(?=[.,;?!]|$|\s(?:on|at|round|around|for|over|to|in)\b))`,
  'giu',
);
const bareRatio =
  /(?<![\w.,:/]|\b(?:by|until|till|around|before|after|from)\s|\bat\s(?!1\s*:))(\d+)\s*:\s*(\d+)(?![\d:]|\s*(?:am\b|pm\b|a\.m|p\.m|o'clock|sharp|in the|this|tomorrow|tonight))|\b(one|1|two|2)\s+(?:to|in)\s+(\d+|two|three|four|five|six|eight|nine|ten|twenty|fifty|hundred)\b(?!\s*(?:days?|weeks?|hours?|months?|ml|litres?|liters?|gallons?|quarts?|pints?|cups?|°|degrees|metres?|meters?|feet|inches|leaves|plants|times|minutes))/giu;
const neat =
  /\b(?:neat|undiluted|straight(?: (?:up|from|out of|in|on))?|full[- ]strength|as it comes|no water added|with no water(?! (?:on|in|since|for)\b)|without (?:any )?water|unthinned|right out of the bottle|from the bottle)\b/iu;
/** The sentences of a line, each with where it begins. A dose and what it is of stand in one. */
export function sentencesOf(line: string): { readonly text: string; readonly at: number }[] {
  const found = [...line.matchAll(/[^.;?!\n]+(?:\.(?=\d)[^.;?!\n]+)*[.;?!\n]*/gu)];
  return found.map((hit) => ({ text: hit[0], at: hit.index ?? 0 }));
}

/** "With a bit of soap": no amount, and little. */
const isBit = (line: string, { at }: { readonly at: number }): boolean =>
  /\b(?:with|and|plus) (?:a (?:bit|little|touch|hint) (?:of )?)(?:[\w-]+ ){0,2}$/u.test(line.slice(0, at));

/** mL or g. */
const aTrace = 0.6;
/** "A gallon of soap" is not what soap goes into. */
const itself =
  /^\s+of\s+(?!(?:rain|tap|soft|warm|cold|lukewarm|clean|plain|the)?\s*(?:water|rainwater|mix|spray|solution|it|this|that))/iu;
const shareWord = /half|quarter|third/iu;

/** How much of each named thing there is in the mix, in the speaker's own measures. @returns one for each of `things`, in their order */
export function dosesIn(line: string, things: readonly Named[], system: MeasureSystem): HeardDose[] {
  const told = amountsIn(line, system);
  // "Half a pint" names no pint besides.
  const ones = onesIn(line, system).filter(
    (one) =>
      (isRate(told, one, line) || !itself.test(line.slice(one.at + one.length))) &&
      !told.some(({ at, length }) => one.at > at && one.at < at + length && shareWord.test(line.slice(at, one.at))),
  );
  const amounts = [...told, ...ones].sort((a, b) => a.at - b.at);
  const bases = amounts.filter((one) => isBase(line, one, told) || isEach(told, one, line));
  const label = labelRateIn(line, amounts, bases);
  const shares = ratiosIn(line);
  return things.map((thing) => {
    const mine = <One extends { at: number; length: number }>(all: readonly One[]): One | undefined =>
      nearest(thing, things, all, line);
    const percents = amounts.filter(({ kind }) => kind === 'percent');
    const said = ofThis(thing, things, percents, line).map(({ amount }) => amount);
    // "Half a per cent, that is one cup of 3 % to five": the bottle is the stronger of the two.
    const percent = thing.hasLabel ? (said.length > 0 ? Math.max(...said) : undefined) : said[0];
    const ppm = mine(amounts.filter(({ kind }) => kind === 'ppm'))?.amount;
    const taken = mine(amounts.filter((one) => (one.kind === 'volume' || one.kind === 'mass') && !bases.includes(one)));
    const ratio = mine(shares)?.percent;
    const worked = ratio === undefined && taken ? shareOf(taken, thing, bases, line) : undefined;
    const share = ratio ?? worked?.share;
    const area = taken && share === undefined ? perAreaOf(taken, thing, bases, line) : undefined;
    const isNeat = neat.test(line) && share === undefined;
    const strength = thing.hasLabel ? undefined : (percent ?? (ppm === undefined ? undefined : ppm / 10_000));
    const mix = share ?? strength;
    return {
      ...(mix === undefined ? {} : { percent: mix }),
      ...(worked && taken ? { from: { taken: quantityOf(taken, thing), base: quantityOf(worked.base) } } : {}),
      ...(thing.hasLabel && percent !== undefined ? { label: percent } : {}),
      ...(isNeat ? { neat: true as const } : {}),
      ...(label === undefined ? {} : { labelRate: label }),
      ...(area === undefined ? {} : { perArea: area }),
      ...(taken && share === undefined && area === undefined ? { amountOnly: true as const } : {}),
      ...(taken?.rough ? { rough: true as const } : {}),
      ...((taken && share === undefined && taken.amount < aTrace) || (!taken && isBit(line, thing))
        ? { trace: true as const }
        : {}),
    };
  });
}

/** "4 mL per litre of feed", "60 g/L of salt": the litre is what it goes into, whatever follows. */
const isRate = (told: readonly HeardAmount[], one: { readonly at: number }, line: string): boolean =>
  told.some(
    ({ at, length }) =>
      at + length <= one.at && /^\s*(?:per|\/|an?|to the|to every)\s*$/iu.test(line.slice(at + length, one.at)),
  );

/** "5 mL a litre": the litre that follows an amount at once is what it goes into, and no amount of what is named next. */
const isEach = (told: readonly HeardAmount[], { at }: HeardAmount, line: string): boolean =>
  /^an?\s/iu.test(line.slice(at)) &&
  told.some((one) => one.at + one.length <= at && line.slice(one.at + one.length, at).trim() === '');

/** Less than this is nothing that something is thinned in, unless it is said to be water. */
const leastBase = 90;
const onArea = /\b(?:on|onto|over|across|round|around|for|per|to)\s+(?:the|my|our|a|each|every|one|this)?\s*$/iu;
const isBase = (line: string, one: HeardAmount, told: readonly HeardAmount[]): boolean => {
  const after = line.slice(one.at + one.length);
  if (wateredBase.test(after)) return one.kind === 'volume';
  if (madeBase.test(after) && one.kind === 'volume' && one.amount >= leastBase) return true;
  if (one.kind === 'area' && onArea.test(line.slice(0, one.at))) return true;
  const isEnough = one.kind === 'volume' ? one.amount >= leastBase : one.kind === 'area' || one.kind === 'mass';
  const before = line.slice(0, one.at);
  // "A five gallon bucket of ash": with nothing told before, it is an amount and not what something goes into.
  const isFirst = /(?:^|\s)an?\s*$/iu.test(before) && !told.some(({ at }) => at < one.at);
  return isEnough && !isFirst && beforeBase.test(before);
};

function onesIn(line: string, system: MeasureSystem): HeardAmount[] {
  return [...line.matchAll(perOne)].flatMap((hit) => {
    const unit = hit[1] ?? '';
    const at = (hit.index ?? 0) + hit[0].length - unit.length;
    const [one] = amountsIn(`1 ${unit}`, system);
    return one ? [{ ...one, at, length: unit.length }] : [];
  });
}

/** Mix from an amount and what it goes into: the volume that follows it, or the one of its sentence. */
function shareOf(
  taken: HeardAmount,
  thing: Named,
  bases: readonly HeardAmount[],
  line: string,
): { readonly share: number; readonly base: HeardAmount } | undefined {
  const size = ({ amount }: HeardAmount) => amount;
  const isWater = (one: HeardAmount) => wateredBase.test(line.slice(one.at + one.length));
  const volumes = bases.filter(
    (one) => one.kind !== 'area' && one !== taken && (size(one) >= size(taken) || isWater(one)),
  );
  const base =
    volumes.find(({ at }) => at > taken.at && sameSentence(line, taken.at, at)) ??
    volumes.find(({ at }) => sameSentence(line, taken.at, at)) ??
    volumes.find(({ at }) => at > taken.at) ??
    volumes[0];
  if (!base || base.amount <= 0) return undefined;
  // Stirred into a syrup it is a share by weight.
  if (base.kind === 'mass')
    return { base, share: (100 * gramsOf(taken, thing)) / (base.amount + gramsOf(taken, thing)) };
  if (thing.form === 'powder') return { base, share: (100 * gramsOf(taken, thing)) / base.amount };
  const ml = taken.kind === 'mass' ? taken.amount / thing.density : taken.amount;
  const isMadeUp = /(?:\b(?:made up to|up to|per|an?|each|every)|\/)\s*$/iu.test(line.slice(0, base.at));
  return { base, share: (100 * ml) / (isMadeUp ? Math.max(base.amount, ml) : base.amount + ml) };
}

/** A heard amount as the quantity it is; a spoon of powder as its weight. */
const quantityOf = (one: HeardAmount, thing?: Named): Quantity =>
  one.kind === 'mass' ? g(one.amount) : thing?.form === 'powder' ? g(gramsOf(one, thing)) : mL(one.amount);

/** m²: a plant of the kitchen garden set half a metre from the next. */
const ofOnePlant = 0.25;
/** "Half a cup round each plant": the ground of one. */
const plantsAreaIn = (line: string, taken: HeardAmount): number | undefined =>
  /^[^.;?!]{0,60}\b(?:each|every|per) (?:[\w-]+ )?plants?\b/iu.test(line.slice(taken.at + taken.length))
    ? ofOnePlant
    : undefined;

function perAreaOf(taken: HeardAmount, thing: Named, bases: readonly HeardAmount[], line: string): number | undefined {
  const area = bases.find(({ kind, at }) => kind === 'area' && at > taken.at)?.amount ?? plantsAreaIn(line, taken);
  return area ? gramsOf(taken, thing) / area : undefined;
}

const gramsOf = (taken: HeardAmount, { form, density }: Named): number =>
  taken.kind === 'mass'
    ? taken.amount
    : taken.asMass !== undefined && form === 'powder'
      ? taken.asMass
      : taken.amount * density;

const sameSentence = (line: string, a: number, b: number): boolean =>
  !/[;?!\n]|\.(?!\d)/u.test(line.slice(Math.min(a, b), Math.max(a, b)));

const equalParts =
  /\bhalf[ -](?:and|n|'n')[ -]half\b|\bfifty[ -]fifty\b|\b50[:/ -]50\b|\bequal (?:parts|amounts)\b|\bhalf (?:of )?(?:\w+ )?\w+,? (?:and )?half (?:of )?(?:\w+ )?\w+\b/giu;

const toOfWater = new RegExp(
  String.raw`\b(${figurePattern})\s+(?:lit(?:re|er)|gallon|quart|pint|cup|bucket|can|jar|glass|jug|mug)s?(?:\s+of\s+(?:[\w-]+\s+){1,3}|\s+)(?:to|in|into)\s+(${figurePattern})\s+(?:of\s+)(?:rain|tap|soft|plain)?\s*water\b`,
  'giu',
);

/** "1:9", "one part to nine", "one in ten": % of the mix. */
function ratiosIn(line: string): { percent: number; at: number; length: number }[] {
  const of = (small: number, large: number, isIn: boolean) =>
    small > 0 && large >= small ? (100 * small) / (isIn ? large : small + large) : Number.NaN;
  const parts = [...line.matchAll(partsOf)].map((hit) => ({
    percent: of(figureOf(hit[1] ?? ''), figureOf(hit[3] ?? ''), false),
    at: hit.index ?? 0,
    length: hit[0].length,
  }));
  const plain = [...line.matchAll(bareRatio)].map((hit) => ({
    percent: of(figureOf(hit[1] ?? hit[3] ?? ''), figureOf(hit[2] ?? hit[4] ?? ''), / in /i.test(hit[0])),
    at: hit.index ?? 0,
    length: hit[0].length,
  }));
  // "A litre of nettle brew to ten of water": both in one measure.
  const measures = [...line.matchAll(toOfWater)].map((hit) => ({
    percent: of(figureOf(hit[1] ?? ''), figureOf(hit[2] ?? ''), false),
    at: hit.index ?? 0,
    length: hit[0].length,
  }));
  const halves = [...line.matchAll(equalParts)].map((hit) => ({
    percent: 50,
    at: hit.index ?? 0,
    length: hit[0].length,
  }));
  return [...parts, ...plain, ...measures, ...halves].filter(({ percent }) => Number.isFinite(percent));
}

/** The figure that stands nearest to a thing, where it stands nearer to no other; in its own sentence before others. */
function nearest<One extends { readonly at: number; readonly length: number }>(
  thing: Named,
  all: readonly Named[],
  figures: readonly One[],
  line: string,
): One | undefined {
  return ofThis(thing, all, figures, line)[0];
}

/** All figures that are nearest to a thing, the closest first. */
const ofThis = <One extends { readonly at: number; readonly length: number }>(
  thing: Named,
  all: readonly Named[],
  figures: readonly One[],
  line: string,
): One[] =>
  figures
    .filter((figure) => [...all].sort((a, b) => distance(a, figure, line) - distance(b, figure, line))[0] === thing)
    .sort((a, b) => distance(thing, a, line) - distance(thing, b, line));

/** Letters between a figure and a name; what comes before its name ("20 % vinegar") is meant before what follows, and another sentence is far off. */
function distance(thing: Named, figure: { readonly at: number; readonly length: number }, line: string): number {
  const isBefore = figure.at < thing.at;
  const between = line.slice(figure.at + figure.length, thing.at);
  // "Soda and a teaspoon of mild soap": what a spoon is said to be of, however it is called.
  // "Chilli spray, a teaspoon of powder in a litre, soap": the powder is of what was named before.
  const isOfEarlier =
    /^\s+of\s+(?:the |this |that )?(?:it|this|that|powder|flakes|granules|crystals|concentrate|the stuff)\b/u.test(
      line.slice(figure.at + figure.length),
    );
  if (isOfEarlier) return (isBefore ? 200 : 0) + Math.abs(figure.at - thing.at);
  const gap = isBefore
    ? between.length - (/^\s*of\b/u.test(between) ? 5 : 0)
    : figure.at - (thing.at + thing.length) + 4;
  return Math.max(0, gap) + (sameSentence(line, thing.at, figure.at) ? 0 : 400);
}
