/**
 * How a count is told. `number`: so many on each leaf, card or minute; `yes-no`: 1 or 0 for each leaf or plant looked
 * at; `area`: how many per cent of each leaf are sick.
 */
export const countUnits = ['number', 'yes-no', 'area'] as const;
export type CountUnit = (typeof countUnits)[number];

/** A class of sick leaf area. */
export interface AreaClass {
  /** Whole per cent, both ends within. */
  readonly from: number;
  readonly to: number;
  /** What is written down for a leaf of it, %: the middle of the class. */
  readonly stands: number;
}

/**
 * Classes of sick leaf area as they are told apart by eye: finer where little is sick, as the eye is (Horsfall and
 * Barratt 1945; that it sees halves and ends better than the middle is doubted since, so no more than six are asked).
 */
export const areaClasses = [
  { from: 0, to: 0, stands: 0 },
  { from: 1, to: 5, stands: 3 },
  { from: 6, to: 10, stands: 8 },
  { from: 11, to: 25, stands: 18 },
  { from: 26, to: 50, stands: 38 },
  { from: 51, to: 100, stands: 75 },
] as const satisfies readonly AreaClass[];

/** Below so many per cent of a leaf, on average, a leaf disease is not worth treating. Judgement. */
export const clearArea = 1;

/** The class in which a leaf of so many per cent falls, by its place. */
export const areaClassOf = (percent: number): number => {
  const found = areaClasses.findIndex(({ to }) => Math.round(percent) <= to);
  return found < 0 ? areaClasses.length - 1 : found;
};

/** What may stand for one count of a unit at most; undefined where there is no end. */
export const mostOf: Readonly<Record<CountUnit, number | undefined>> = { number: undefined, 'yes-no': 1, area: 100 };
