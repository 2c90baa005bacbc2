import { saysYoung, whereSaid } from '../../hear';
import type { IngredientRow, PlantRow, SceneFact, Tables, Use } from '../../tables';
import type { Mention } from '../../hear/mentions';

/** Where it goes: from the line's words, the facts they stand for, or what such a thing is for. */
export function whereItGoes(
  tables: Pick<Tables, 'classes'>,
  line: string,
  facts: readonly SceneFact[],
  plants: readonly Mention<PlantRow>[],
  things: readonly Mention<IngredientRow>[],
): Use | undefined {
  const said = whereSaid(line);
  const isBait = things.some(({ row }) => row.classes.includes('bait'));
  // Bait strewn on soil or leaves is no bait any more.
  if (isBait && (facts.includes('closed-station') || (said !== 'soil' && said !== 'leaf' && said !== 'root')))
    return 'bait';
  const isBorate = things.some(({ row }) => row.classes.includes('borate'));
  if (isBorate && said !== 'bait' && !/\b(?:ants?|roach\w*|cockroach\w*)\b/.test(line)) return 'soil';
  if (said !== undefined && said !== 'soil') return said;
  if (facts.includes('on-leaves')) return 'leaf';
  const usual = tables.classes.find(
    ({ id, usualUse }) => usualUse !== undefined && things.some(({ row }) => row.classes.includes(id)),
  )?.usualUse;
  if (plants.length > 0 && usual !== undefined) return usual;
  if (said !== undefined) return said;
  if (facts.includes('on-soil')) return 'soil';
  // Where a plant is named and nothing says where it goes, the leaves are what it may hurt first.
  return usual ?? (plants.length === 0 ? undefined : isYoung(line, plants) ? 'root' : 'leaf');
}

/** Seedlings, cuttings and what has just been planted out, by the line or by the plant. */
export const isYoung = (line: string, plants: readonly Mention<PlantRow>[]): boolean =>
  saysYoung(line) || plants.some(({ row }) => row.groups.includes('seedling'));
