/** A surface that rain falls on: places x, y up, z, and three of their numbers a triangle. */
export interface RainedOn {
  readonly positions: Float64Array | Float32Array;
  readonly triangles: Uint32Array;
}

/** How much more of it goes down the steeper way (Freeman). */
const STEEPER = 1.1;

/** Neighbours of every place, one list after the other: where each begins, and all of them. */
function neighboursOf(
  count: number,
  triangles: Uint32Array,
): { readonly from: Uint32Array; readonly all: Uint32Array } {
  // Each edge of a closed surface runs once each way: the next corner alone tells every neighbour once.
  const from = new Uint32Array(count + 1);
  for (let t = 0; t < triangles.length; t += 1)
    from[(triangles[t] ?? 0) + 1] = (from[(triangles[t] ?? 0) + 1] ?? 0) + 1;
  for (let v = 0; v < count; v += 1) from[v + 1] = (from[v + 1] ?? 0) + (from[v] ?? 0);
  const filled = from.slice(0, count);
  const all = new Uint32Array(triangles.length);
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k += 1) {
      const v = triangles[t + k] ?? 0;
      const at = filled[v] ?? 0;
      all[at] = triangles[t + ((k + 1) % 3)] ?? 0;
      filled[v] = at + 1;
    }
  return { from, all };
}

/** Surface of each place: a third of every triangle that it is a corner of. */
function areasOf({ positions, triangles }: RainedOn): Float32Array {
  const areas = new Float32Array(positions.length / 3);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * (triangles[t] ?? 0), 3 * (triangles[t + 1] ?? 0), 3 * (triangles[t + 2] ?? 0)];
    const u = (k: number) => (positions[b + k] ?? 0) - (positions[a + k] ?? 0);
    const w = (k: number) => (positions[c + k] ?? 0) - (positions[a + k] ?? 0);
    const third =
      Math.hypot(u(1) * w(2) - u(2) * w(1), u(2) * w(0) - u(0) * w(2), u(0) * w(1) - u(1) * w(0)) / 6;
    for (const at of [a, b, c]) areas[at / 3] = (areas[at / 3] ?? 0) + third;
  }
  return areas;
}

/**
 * What runs over every place of a surface of the rain that falls on it: each place hands what it has down to all that lie
 * lower, more of it the steeper they lie (Freeman 1991, Computers & Geosciences 17:413, several directions of flow). It gathers
 * below ledges, and drips from what has nothing lower round it.
 *
 * @param open what of the rain meets each place, the cosine of how it falls and what is in its way, 0–1
 * @returns for each mm of rain, mm³ on each mm that it runs across: on a vertical face under a ledge, how deep the ledge is
 */
export function runOff(surface: RainedOn, open: Float32Array): Float32Array {
  const { positions, triangles } = surface;
  const count = open.length;
  const { from, all } = neighboursOf(count, triangles);
  const areas = areasOf(surface);
  const heights = Float32Array.from({ length: count }, (_, v) => positions[3 * v + 1] ?? 0);
  const order = Uint32Array.from({ length: count }, (_, v) => v).sort(
    (a, b) => (heights[b] ?? 0) - (heights[a] ?? 0),
  );
  const water = Float64Array.from({ length: count }, (_, v) => (areas[v] ?? 0) * (open[v] ?? 0));
  const shares = new Float64Array(64);
  for (const v of order) {
    const [begin, end] = [from[v] ?? 0, Math.min(from[v + 1] ?? 0, (from[v] ?? 0) + shares.length)];
    const [x, y, z] = [positions[3 * v] ?? 0, positions[3 * v + 1] ?? 0, positions[3 * v + 2] ?? 0];
    let sum = 0;
    for (let n = begin; n < end; n += 1) {
      const to = 3 * (all[n] ?? 0);
      const falls = y - (positions[to + 1] ?? 0);
      const far = Math.hypot(x - (positions[to] ?? 0), falls, z - (positions[to + 2] ?? 0));
      const share = falls > 0 && far > 0 ? (falls / far) ** STEEPER : 0;
      shares[n - begin] = share;
      sum += share;
    }
    if (sum <= 0) continue;
    for (let n = begin; n < end; n += 1) {
      const to = all[n] ?? 0;
      water[to] = (water[to] ?? 0) + ((water[v] ?? 0) * (shares[n - begin] ?? 0)) / sum;
    }
  }
  // A place is about as wide as the root of its surface.
  return Float32Array.from(water, (has, v) => has / Math.sqrt(Math.max(1e-9, areas[v] ?? 0)));
}
