/**
 * What stands at a place between others, straight between its two neighbours; before the first it is the first, behind the last the
 * last.
 *
 * @param places in rising order, at least one
 * @param values one for each place
 * @example straightAt([0, 10], [1, 3], 5) // 2
 */
export function straightAt(places: ArrayLike<number>, values: ArrayLike<number>, place: number): number {
  const last = places.length - 1;
  if (place <= (places[0] ?? 0)) return values[0] ?? 0;
  if (place >= (places[last] ?? 0)) return values[last] ?? 0;
  let [low, high] = [0, last];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((places[middle] ?? 0) <= place) low = middle;
    else high = middle;
  }
  const [a, b] = [places[low] ?? 0, places[high] ?? 0];
  const [from, to] = [values[low] ?? 0, values[high] ?? 0];
  return b > a ? from + ((to - from) * (place - a)) / (b - a) : to;
}
