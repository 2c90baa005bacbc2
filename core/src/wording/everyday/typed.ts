import {
  fromSi,
  inWords,
  isUnitOf,
  mixedFraction,
  plainNumber,
  unitsOf,
  unitToRead,
  unitWords,
  type MeasureSystem,
  type NotRead,
  type QuantityKind,
  type ReadAmount,
} from '../../quantities';
import { orWords } from './language';

/** What a field understood of what was typed; nothing where a bare figure says it itself. */
export function readBackWords(
  { quantity, figure, unit }: Extract<ReadAmount, { kind: 'read' }>,
  text: string,
  system: MeasureSystem,
): string | undefined {
  if (/^\s*\d+(?:\.\d+)?\s*$/.test(text)) return undefined;
  const { kind, amount } = quantity;
  const inOwn = inWords({ kind, amount }, system, { within: 0.02 });
  if (unitToRead({ kind, amount }, system) === unit) return `Read as ${inOwn}.`;
  const whole = isUnitOf(kind, unit) ? fromSi(kind, amount, unit, system) : figure;
  const isEighths = Number.isInteger(Number((whole * 8).toFixed(6)));
  return `Read as ${isEighths ? mixedFraction(whole) : plainNumber(whole)} ${unitWords(unit, whole)}: ${inOwn}.`;
}

/** Why it is no amount, and how to write one. */
export function notReadWords(because: NotRead, kind: QuantityKind, system: MeasureSystem): string {
  const units = unitsOf(kind, system);
  const like = `Write a figure, like “1½${units[0] ? ` ${units[0]}` : ''}”.`;
  switch (because.kind) {
    case 'empty':
      return `How much? ${like}`;
    case 'no-figure':
      return `“${because.text}” is no figure. ${like}`;
    case 'unknown-unit':
      return `“${because.unit}” is not a unit that is known here; try ${orWords(units)}.`;
    case 'other-kind':
      return `“${because.unit}” measures something else; here it is ${orWords(units)}.`;
    case 'negative':
      return 'It must be more than nothing.';
    default:
      return because satisfies never;
  }
}
