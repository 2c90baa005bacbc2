import type { MeasureSystem } from '../quantities';
import { amountsIn } from './amounts';

const after = /^[\s-]*(?:deep|thick|high|layer|of\b|up the|on top|fresh)/iu;
const before = /(?:\b(?:deep|thick|layer of|depth of|up to|about|piled|heaped|heap of)\s*)$/iu;
/** By the body, cm: judgement. */
const byBody =
  /\b(?:an?|one) (hand|finger|ankle|knee|thumb|span)(?:'s|’s)?[\s-]*(?:width|breadth)?[\s-]*(?:deep|thick|high)\b|\b(knee|ankle|finger|hand)[\s-](?:deep|high|thick)\b/iu;
const bodies: Readonly<Record<string, number>> = { hand: 10, finger: 8, ankle: 10, knee: 45, thumb: 2.5, span: 20 };

/** m; more is how far, not how thick. */
const thickest = 1;

/** "Three inches deep", "a layer of 5 cm": how thick something lies, cm. */
export function depthIn(line: string, system: MeasureSystem): number | undefined {
  const found = amountsIn(line, system).find(
    ({ kind, amount, at, length }) =>
      kind === 'length' &&
      amount <= thickest &&
      (after.test(line.slice(at + length)) || before.test(line.slice(0, at))),
  );
  const body = byBody.exec(line);
  return found ? found.amount * 100 : bodies[(body?.[1] ?? body?.[2] ?? '').toLowerCase()];
}
