interface Stretch {
  readonly at: number;
  readonly length: number;
}

/** Stretches of a line, first to last, without those that lie within a longer one: "the day before yesterday" is not yesterday. */
export const outermost = <One extends Stretch>(all: readonly One[]): One[] =>
  all
    .filter(
      (one) =>
        !all.some(
          (other) => other.length > one.length && other.at <= one.at && other.at + other.length >= one.at + one.length,
        ),
    )
    .sort((a, b) => a.at - b.at);
