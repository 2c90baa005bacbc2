/** Where something else is taken up for certain. */
const stops = /[,;.!?:()\n]+|\s[-–—]\s/u;
/** Words at which something else may be taken up: "the soap | in the sun | while the bees fly". */
const hinges =
  /\s(?=(?:in|with|while|when|after|at|by|near|next|on|onto|into|under|from|for|before|where|which|who|whose|because|so|though|although|until|till|once|since|beside|around|round|between|among|if|as|over|through|that|up|down|and|but|plus|no|without|during|despite)\s)/u;
/** A span is at most so many of these pieces. */
const longest = 3;

/** Everything in a line that may say one thing: what stands between its stops, and up to three pieces of that together. */
export function spansOf(line: string): string[] {
  const parts = line
    .split(stops)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  return [
    ...new Set(
      parts.flatMap((part) => {
        const pieces = part.split(hinges);
        const runs = pieces.flatMap((_, from) =>
          Array.from({ length: Math.min(longest, pieces.length - from) }, (_none, more) =>
            pieces.slice(from, from + more + 1).join(' '),
          ),
        );
        return [part, ...runs];
      }),
    ),
  ];
}
