import { lifeStages, type LifeRow, type LifeStage } from '../tables/life';

/**
 * A population in stages, box by box (Manetsch's distributed delay): each stage is a row of boxes through which a pest
 * moves with warmth, so that not all of one age hatch on one day. Numbers are per leaf (or card, plant).
 */
export interface Population {
  readonly boxes: Float64Array;
}

/** One pest as one run of the model takes it: its durations, brood and deaths drawn from what is known. */
export interface Kind {
  readonly row: LifeRow;
  /** By what all durations are multiplied. */
  readonly pace: number;
  /** Eggs or young of one female. */
  readonly brood: number;
  /** Share that dies in a day of weather, age and what is not helped along. */
  readonly dies: number;
  /** Share that helpers take in a day where nothing is sprayed, once they have found them. */
  readonly helpers: number;
  /** Of one leaf no more than this. */
  readonly room: number;
}

const boxesOf = { egg: 4, young: 6, hidden: 4, before: 2, lays: 4 } as const;

/** Rows of boxes, the last two of which are the grown ones. */
interface Row {
  readonly stage: LifeStage;
  readonly from: number;
  readonly count: number;
  /** °C·days in one box. */
  readonly each: number;
}

export interface Layout {
  readonly rows: readonly Row[];
  readonly size: number;
  /** Stage of each box, by its place in `lifeStages`. */
  readonly stageOf: Int8Array;
  readonly firstLaying: number;
}

/** The boxes of a pest at pace 1. */
export function layoutOf(row: LifeRow): Layout {
  const rows: Row[] = [];
  let size = 0;
  const add = (stage: LifeStage, part: keyof typeof boxesOf, warmth: number) => {
    if (warmth <= 0) return;
    rows.push({ stage, from: size, count: boxesOf[part], each: warmth / boxesOf[part] });
    size += boxesOf[part];
  };
  add('egg', 'egg', row.egg);
  add('young', 'young', row.young);
  add('hidden', 'hidden', row.hidden);
  add('adult', 'before', row.before);
  add('adult', 'lays', row.lays);
  const stageOf = new Int8Array(size);
  for (const { stage, from, count } of rows) stageOf.fill(lifeStages.indexOf(stage), from, from + count);
  return { rows, size, stageOf, firstLaying: rows[rows.length - 1]?.from ?? 0 };
}

/** Half of them lay, where eggs are laid; aphids in summer are all females. */
const femaleShare = (row: LifeRow) => (row.egg === 0 ? 1 : 0.5);
const eggsDieLess = 0.5;

/**
 * One day of so many °C·days, in place. A day so warm that a box would be left at once is taken in steps.
 * @param helpers share that helpers take on this day
 */
export function passDay(layout: Layout, kind: Kind, boxes: Float64Array, warmth: number, helpers: number): void {
  const { rows, size, stageOf, firstLaying } = layout;
  let shortest = Infinity;
  for (const { each } of rows) shortest = Math.min(shortest, each);
  const steps = Math.max(1, Math.ceil(warmth / kind.pace / shortest));
  const step = warmth / kind.pace / steps;
  const layingRow = rows[rows.length - 1];
  const perDegree = layingRow ? (kind.brood * femaleShare(kind.row)) / (layingRow.each * layingRow.count) : 0;
  let crowd = 0;
  for (let at = 0; at < size; at += 1) crowd += boxes[at] ?? 0;
  // Full leaves bear no more young.
  const free = Math.max(0, 1 - crowd / kind.room);
  for (let part = 0; part < steps; part += 1) {
    let laying = 0;
    for (let at = firstLaying; at < size; at += 1) laying += boxes[at] ?? 0;
    let into = laying * perDegree * step * free;
    for (const { from, count, each } of rows) {
      const moves = Math.min(1, step / each);
      for (let at = from; at < from + count; at += 1) {
        const here = boxes[at] ?? 0;
        const out = here * moves;
        boxes[at] = here - out + into;
        into = out;
      }
    }
  }
  for (let at = 0; at < size; at += 1) {
    const isEgg = stageOf[at] === 0;
    const isHidden = stageOf[at] === 2;
    const stays = 1 - kind.dies * (isEgg || isHidden ? eggsDieLess : 1);
    boxes[at] = (boxes[at] ?? 0) * stays * (isEgg || isHidden ? 1 : 1 - helpers);
  }
}

/** What is counted: young within reach and grown ones; where all young are hidden, the grown alone. */
export function visible({ stageOf, size }: Layout, boxes: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < size; at += 1) if (stageOf[at] === 1 || stageOf[at] === 3) sum += boxes[at] ?? 0;
  return sum;
}

/** Takes from each stage its share. */
export function take({ stageOf, size }: Layout, boxes: Float64Array, shares: readonly number[]): void {
  for (let at = 0; at < size; at += 1) boxes[at] = (boxes[at] ?? 0) * (1 - (shares[stageOf[at] ?? 0] ?? 0));
}

/**
 * The mixture of ages that a growing population has of itself, scaled to so many visible ones: grown for some
 * generations from one grown female under the same warmth.
 */
export function settled(layout: Layout, kind: Kind, warmth: number, seen: number): Float64Array {
  const boxes = new Float64Array(layout.size);
  boxes[layout.firstLaying] = 1;
  const { row } = kind;
  const generation = (row.egg + row.young + row.hidden + row.before) * kind.pace;
  const days = Math.min(90, Math.ceil((2 * generation) / Math.max(warmth, 1)));
  const endless = { ...kind, room: Infinity };
  for (let day = 0; day < days; day += 1) {
    passDay(layout, endless, boxes, Math.max(warmth, 1), 0);
    const total = boxes.reduce((sum, one) => sum + one, 0);
    if (total > 1e6) for (let at = 0; at < layout.size; at += 1) boxes[at] = (boxes[at] ?? 0) / total;
  }
  const scale = seen / Math.max(1e-9, visible(layout, boxes));
  for (let at = 0; at < layout.size; at += 1) boxes[at] = (boxes[at] ?? 0) * scale;
  return boxes;
}
