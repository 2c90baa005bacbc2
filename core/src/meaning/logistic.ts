import { logistic } from './meanings';

/** One case of a yes or no: what it is told by, and what it was. */
export interface Point {
  readonly values: readonly number[];
  readonly is: number;
  readonly weight: number;
}

/** Weights are held back by so much: where a few cases part cleanly, none runs off. */
const restraint = 1e-3;

/** Logistic regression by Newton's method, each step halved until it helps. */
export function fitLogistic(points: readonly Point[]): number[] {
  const size = points[0]?.values.length ?? 0;
  const total = points.reduce((sum, { weight }) => sum + weight, 0);
  const oddsOf = (weights: readonly number[], values: readonly number[]) =>
    values.reduce((sum, value, at) => sum + value * weights[at]!, 0);
  const loss = (weights: readonly number[]) =>
    points.reduce(
      (sum, { values, is, weight }) =>
        sum + (weight / total) * Math.log1p(Math.exp((is ? -1 : 1) * oddsOf(weights, values))),
      (restraint / 2) * weights.reduce((sum, weight) => sum + weight ** 2, 0),
    );
  let weights = Array.from({ length: size }, () => 0);
  for (let round = 0; round < 25; round += 1) {
    const slope = weights.map((weight) => -restraint * weight);
    const bend = weights.map((_, i) => weights.map((__, j) => (i === j ? restraint : 0)));
    for (const { values, is, weight } of points) {
      const chance = logistic(oddsOf(weights, values));
      const share = weight / total;
      for (let i = 0; i < size; i += 1) {
        slope[i]! += share * (is - chance) * values[i]!;
        for (let j = 0; j < size; j += 1) bend[i]![j]! += share * chance * (1 - chance) * values[i]! * values[j]!;
      }
    }
    const step = solved(bend, slope);
    const now = loss(weights);
    for (let by = 1; by > 1e-3; by /= 2) {
      const next = weights.map((weight, at) => weight + by * step[at]!);
      if (loss(next) < now) {
        weights = next;
        break;
      }
    }
  }
  return weights;
}

/** Gaussian elimination with pivots. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, at) => [...row, right[at]!]);
  const size = rows.length;
  for (let column = 0; column < size; column += 1) {
    const pivot = rows.reduce(
      (best, row, at) => (at >= column && Math.abs(row[column]!) > Math.abs(rows[best]![column]!) ? at : best),
      column,
    );
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    for (let at = 0; at < size; at += 1) {
      if (at === column) continue;
      const by = rows[at]![column]! / rows[column]![column]!;
      for (let k = column; k <= size; k += 1) rows[at]![k]! -= by * rows[column]![k]!;
    }
  }
  return rows.map((row, at) => row[size]! / row[at]!);
}
