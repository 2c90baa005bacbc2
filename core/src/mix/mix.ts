import { ingredientNamed, judge, percentIn, readQuestion, type CautionFound } from '../judge';
import type { AskOrder, DilutionOrder, MixOrder, TogetherOrder, ToolOrder } from '../contract/mix';
import { mL, said } from '../quantities';
import { rowById, type CautionLevel, type Tables } from '../tables';
import { benchTool } from './bench';
import { stockFor } from './bench/dilution';
import type { MixFound } from './found';
import { mixOwn } from './own-recipe';
import { liquid, round } from './parts';
import { mixRemedy } from './remedy-mix';
import { findSlip } from './slips';
import { volumeOf } from './volume';

/**
 * Works out what is ordered, or says why it will not. Each way of asking is a function of its own; this
 * one only looks which is asked.
 * @throws InputError naming the field, for input that does not fit.
 */
export function mix(tables: Tables, order: MixOrder): MixFound {
  switch (order.way) {
    case 'remedy':
      return mixRemedy(tables, order);
    case 'own':
      return mixOwn(tables, order.recipe, volumeOf(order));
    case 'dilution':
      return plainDilution(tables, order);
    case 'together':
      return checkTogether(tables, order);
    case 'tool':
      return workOut(tables, order);
    case 'ask':
      return answerQuestion(tables, order);
    default:
      return order satisfies never;
  }
}

/** One of the sums of the bench. */
export function workOut(tables: Tables, { tool, measures, values, typed }: ToolOrder): MixFound {
  const answer = benchTool(tool).answer(tables, measures, values);
  const first = answer.kind === 'worked' ? answer.parts[0] : undefined;
  const slip = typed && first ? findSlip(first.ml, typed, measures) : undefined;
  return slip && answer.kind === 'worked' ? { ...answer, slip } : answer;
}

/** Things to be poured together, with what else is true of the job. */
export function checkTogether(
  tables: Tables,
  { together, facts = [], daysToHarvest }: Omit<TogetherOrder, 'way' | 'measures'>,
): MixFound {
  const found = together.map((word) => ({ word, row: ingredientNamed(tables, word), percent: percentIn(word) }));
  const things = found.flatMap(({ row, percent }) =>
    row ? [{ classes: row.classes, ...(percent === undefined ? {} : { percent }) }] : [],
  );
  return verdict(judge(tables, { things, facts, ...(daysToHarvest === undefined ? {} : { daysToHarvest }) }), {
    understood: [],
    needs: [],
    notUnderstood: found.filter(({ row }) => !row).map(({ word }) => word),
    notUsed: [],
  });
}

/** A question in plain words. What is not understood is never called safe. */
export function answerQuestion(tables: Tables, { ask, measures, today, latitude }: Omit<AskOrder, 'way'>): MixFound {
  const { cautions, ...read } = readQuestion(tables, ask, {
    measures,
    ...(today === undefined ? {} : { today }),
    ...(latitude === undefined ? {} : { latitude }),
  });
  // Of what has no name nobody can say that it is right or wrong: only what certainly hurts stops.
  const isNameless = read.needs.some((need) => need.kind === 'what' && need.nameless);
  return isNameless && !cautions.some((found) => isCertain(tables, found))
    ? unsure(cautions, read)
    : verdict(cautions, read);
}

/**
 * Two things that react, a poison by its name, and what has happened already: no more needs to be known to say stop.
 */
const isCertain = ({ safetyRules }: Tables, found: CautionFound): boolean => {
  if (found.level !== 'stop' || !('rule' in found)) return false;
  const { things = [], facts = [] } = rowById(safetyRules, found.rule, 'safetyRules').when;
  const isPoison = things.length === 1 && facts.every((fact) => fact === 'near-children-or-pets');
  return isPoison || things.length > 1 || facts.some((fact) => fact === 'person-hurt' || fact === 'animal-hurt');
};

const unsure = (cautions: readonly CautionFound[], read: Read): MixFound => ({
  kind: 'checked',
  cautions: ordered(cautions),
  ...read,
});

const ordered = (all: readonly CautionFound[]): CautionFound[] =>
  byGravity.flatMap((level) => all.filter((found) => found.level === level));

const byGravity: readonly CautionLevel[] = ['stop', 'caution', 'note'];

type Read = Pick<Extract<MixFound, { kind: 'checked' }>, 'understood' | 'needs' | 'notUnderstood' | 'notUsed'>;

function verdict(all: readonly CautionFound[], read: Read): MixFound {
  const cautions = ordered(all);
  return cautions.some(({ level }) => level === 'stop')
    ? { kind: 'refused', because: cautions, ...read }
    : { kind: 'checked', cautions, ...read };
}

/** One part to so many of water, of whatever it is. */
export function plainDilution(tables: Tables, order: DilutionOrder): MixFound {
  const beside = order.together && checkTogether(tables, { ...order, together: order.together });
  if (beside?.kind === 'refused') return beside;
  const ml = volumeOf(order);
  const { oneTo: parts } = order;
  const stock = stockFor(ml, parts);
  const slip = order.typed ? findSlip(stock, order.typed, order.measures) : undefined;
  return {
    kind: 'mix',
    of: { kind: 'dilution', parts },
    strength: { kind: 'one-to-n', value: parts },
    totalMl: round(ml, 1),
    waterMl: ml - stock,
    parts: [liquid({ id: 'stock' }, stock)],
    order: [
      said('pour-in', { ingredient: 'stock', amount: { pour: stock } }),
      said('fill-up', { water: { water: ml - stock } }),
      said('stir'),
    ],
    cautions: [],
    ...(slip ? { slip } : {}),
    working: [said('one-to', { ingredient: 'stock', ready: mL(ml), parts, stock: mL(stock) })],
  };
}
