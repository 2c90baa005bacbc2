import { counted } from '@trowel/core/wording/everyday';
import type { Brings, Looked } from '@/api/bundle';

/** What a file holds, in a gardener's words. */
export const heldWords = (rows: Looked['rows']): string =>
  [
    counted(rows.bed ?? 0, 'place', 'places'),
    counted(rows.planting ?? 0, 'planting', 'plantings'),
    counted(rows.cases ?? 0, 'case', 'cases'),
    counted(rows.count ?? 0, 'count', 'counts'),
    counted(rows.photo ?? 0, 'photograph', 'photographs'),
  ].join(', ');

/** What would come in beside what is here. */
export function broughtWords(brings: Brings): string {
  const all = Object.values(brings);
  const sum = (of: keyof Brings[string]) => all.reduce((total, one) => total + one[of], 0);
  const fresh = Object.fromEntries(Object.entries(brings).map(([table, one]) => [table, one.new]));
  return [
    `New here: ${heldWords(fresh)}; ${counted(sum('new'), 'row', 'rows')} in all.`,
    `${counted(sum('same'), 'row is', 'rows are')} here already.`,
    ...(sum('kept') > 0 ? [`${counted(sum('kept'), 'differs and stays', 'differ and stay')} as here.`] : []),
  ].join(' ');
}
