/** Those of some places along a line that stand at least so far from the one shown before. */
export function spaced<Place>(places: readonly Place[], along: (place: Place) => number, least: number): Place[] {
  const shown: Place[] = [];
  for (const place of [...places].sort((a, b) => along(a) - along(b))) {
    const before = shown[shown.length - 1];
    if (before === undefined || along(place) - along(before) > least) shown.push(place);
  }
  return shown;
}
