import type { HeardAmount } from './amounts';

const byLabel =
  /\b(?:label|packet|pack|package|maker'?s?|manufacturer'?s?|bottle'?s?|instructions?)\b[^.;?!]{0,25}\b(?:rate|dose|strength|says?|dilution|instructions?|directions?)\b|\b(?:rate|dose|strength|dilution|as)\b[^.;?!]{0,20}\b(?:on|of|by|per|from)\s+(?:the|its|it'?s)?\s*(?:label|packet|pack|package|box|bottle|bag|tub|maker)\b|\b(?:as|per)\s+(?:the\s+)?(?:label|packet|directed|directions)\b|\b(?:by|to|following|follow|according to) (?:(?:its|their)(?: own)? |the )?label\b/iu;
const multiple = new RegExp(
  String.raw`\b(double|twice|triple|treble|three times|four times|half|a half|a third of|a quarter of|quarter)(?:[\s-]+(?:of\s+)?(?:the|its|what))?[\s-]+(?:usual\s+|normal\s+|recommended\s+|(?:bag|box|bottle|tub|tin|pack)(?:'s|’s)?\s+)?(?:label|packet|pack|strength|rate|dose|amount|maker|the (?:label|packet))`,
  'iu',
);
/** "Half that", "twice as much", once the label has spoken. */
const ofThat =
  /\b(double|twice|triple|treble|three times|four times|half|a third of|a quarter of|quarter)\s+(?:of\s+)?(?:that|it|this|as much|as strong|what it says)\b/iu;
const multiples: Readonly<Record<string, number>> = {
  ...{ double: 2, twice: 2, triple: 3, treble: 3, 'three times': 3, 'four times': 4, half: 0.5, 'a half': 0.5 },
  ...{ 'a third of': 1 / 3, 'a quarter of': 0.25, quarter: 0.25 },
};
const multipleNamed = (found: RegExpExecArray | null): number | undefined =>
  found ? (multiples[(found[1] ?? '').toLowerCase()] ?? 1) : undefined;

/** "The label says an ounce to the gallon". */
const tells =
  /\b(?:label|packet|package|bag|box|bottle|instructions?|directions?|maker)\b[^.;?!\d]{0,16}\b(?:says?|said|reads?|wants?|asks? for|calls? for|gives?|recommends?)\b/iu;

/**
 * So many times what the label says: named ("double the label rate", "half that") or worked out ("the label says an
 * ounce a gallon, I take four"); 1 by the label itself, undefined where no label is spoken of.
 * @param bases what things go into, of `amounts`
 */
export function labelRateIn(
  line: string,
  amounts: readonly HeardAmount[],
  bases: readonly HeardAmount[],
): number | undefined {
  const told = tells.exec(line);
  const compared = told ? comparedWith(told.index + told[0].length, line, amounts, bases) : undefined;
  return compared ?? multipleNamed(multiple.exec(line)) ?? (byLabel.test(line) ? 1 : undefined);
}

function comparedWith(
  from: number,
  line: string,
  amounts: readonly HeardAmount[],
  bases: readonly HeardAmount[],
): number | undefined {
  const rates = amounts.filter(
    (one) => one.at >= from && ['volume', 'mass', 'percent'].includes(one.kind) && !bases.includes(one),
  );
  const [label, ...rest] = rates;
  if (!label) return undefined;
  const meant = rest.find(({ kind }) => kind === label.kind);
  if (!meant) return multipleNamed(ofThat.exec(line.slice(label.at)));
  const baseOf = ({ at }: HeardAmount, until: number) => bases.find((base) => base.at > at && base.at < until)?.amount;
  const [labelBase, meantBase] = [baseOf(label, meant.at), baseOf(meant, Infinity)];
  const thinner = labelBase !== undefined && meantBase !== undefined ? labelBase / meantBase : 1;
  return label.amount > 0 ? (meant.amount / label.amount) * thinner : undefined;
}
