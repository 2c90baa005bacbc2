import { saysPutOn } from '../../hear';
import { harmless, meantAct } from '../../meaning';
import { stretchOf } from '../../read/stretch';
import type { IngredientRow, Tables } from '../../tables';
import type { Mention } from '../../hear/mentions';
import type { Named } from './names';

/** What is mulched, covered, watered and caught with is handled, and not dosed. */
const handled: ReadonlySet<string> = new Set(['water', 'soil-building', 'barrier', 'material', 'scraps']);
const isHandled = ({ classes }: IngredientRow) => classes.some((name) => handled.has(name));

/** What a question about work of the hands means. */
export interface ByHand {
  /** Rules that it is about. */
  readonly asked: readonly string[];
  readonly isHarmless: boolean;
}
const nothing: ByHand = { asked: [], isHarmless: false };

/** A question that names nothing which is dosed is taken for what people mean who ask like that; nothing is made of one that could mean several things. */
export function byHandIn(tables: Tables, line: string, named: readonly Mention<Named>[]): ByHand {
  const { meanings, safetyRules } = tables;
  const dosed = named.some(({ row }) => row.kind === 'ingredient' && !isHandled(row.row));
  if (!meanings || dosed) return nothing;
  const isRead = named.some(({ row }) => row.kind === 'work' || row.kind === 'ingredient');
  const meant = meantAct(meanings, stretchOf(tables, line), isRead, (rule) =>
    safetyRules.some(({ id, level }) => id === rule && level === 'stop'),
  );
  if (meant === undefined) return nothing;
  if (meant !== harmless)
    return { asked: safetyRules.flatMap(({ id }) => (id === meant ? [id] : [])), isHarmless: false };
  const isWatered = named.some(({ row }) => row.kind === 'work' && waterings.has(row.row.id));
  return { asked: [], isHarmless: isWatered || !saysPutOn(line) };
}

const waterings: ReadonlySet<string> = new Set(['water-jet', 'watering']);
