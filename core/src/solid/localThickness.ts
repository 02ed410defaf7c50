import type { InnerDistances } from './distanceTransform.ts';

/** A cell whose ball no neighbour’s ball holds whole: the ridge of the distances. */
interface Ridge {
  readonly cells: Int32Array;
  readonly count: number;
}

const ROOT2 = Math.SQRT2;
const ROOT3 = Math.sqrt(3);

/** Steps to the 26 neighbours of a cell with their lengths. */
function neighboursOf(nx: number, plane: number): { readonly step: number; readonly length: number }[] {
  const all: { step: number; length: number }[] = [];
  for (let k = -1; k <= 1; k += 1)
    for (let j = -1; j <= 1; j += 1)
      for (let i = -1; i <= 1; i += 1) {
        const sum = Math.abs(i) + Math.abs(j) + Math.abs(k);
        if (sum > 0) all.push({ step: i + j * nx + k * plane, length: [0, 1, ROOT2, ROOT3][sum] ?? 1 });
      }
  return all;
}

/** A ball is told from the one beside it only when it is larger by more than this, in cells. */
const SLACK = 0.1;

function ridgeOf(distance: Float32Array, nx: number, plane: number): Ridge {
  const neighbours = neighboursOf(nx, plane);
  const cells = new Int32Array(distance.length);
  let count = 0;
  for (let c = 0; c < distance.length; c += 1) {
    const r = distance[c] ?? 0;
    if (r <= 0) continue;
    let isHeld = false;
    for (const { step, length } of neighbours)
      if ((distance[c + step] ?? 0) >= r + length - SLACK) {
        isHeld = true;
        break;
      }
    if (!isHeld) {
      cells[count] = c;
      count += 1;
    }
  }
  return { cells: cells.subarray(0, count), count };
}

/**
 * How much farther the true ridge is from the surface than the middle of a cell on it, in cells: where the slopes on both
 * sides of the cell meet, along each axis, together.
 */
function beyondMiddle(distance: Float32Array, c: number, steps: readonly number[]): number {
  const here = distance[c] ?? 0;
  let sum = 0;
  for (const axis of steps)
    for (const step of [axis, -axis]) {
      const [before, next, after] = [
        distance[c - step] ?? 0,
        distance[c + step] ?? 0,
        distance[c + 2 * step] ?? 0,
      ];
      const [up, down] = [here - before, next - after];
      // The slopes meet towards the neighbour that is as far in or nearly so, and no farther than half way to it.
      if (next > here || up <= 0 || down <= 0) continue;
      const t = (next - here + down) / (up + down);
      if (t > 0 && t <= 1) sum += (up * Math.min(t, 0.5)) ** 2;
    }
  return Math.sqrt(sum);
}

/** Ways a ball is looked at for whether larger ones hold it already: to the faces, edges and corners of a cube. */
const LOOKS = [-1, 0, 1].flatMap((i) =>
  [-1, 0, 1].flatMap((j) =>
    [-1, 0, 1].flatMap((k): (readonly [number, number, number])[] => {
      const length = Math.hypot(i, j, k);
      return length === 0 ? [] : [[i / length, j / length, k / length]];
    }),
  ),
);
/** A ball this large is looked at first; a smaller one is drawn sooner than looked at, in cells. */
const LOOKED_AT = 3;

/** A ball that reaches out of one that is drawn already by less than this is left out, in cells. */
const OUT_OF = 0.5;

/**
 * Thickness of a solid at every cell: the diameter of the largest ball inside it that holds the cell (Hildebrand & Rüegsegger
 * 1997), from its distances; only balls on their ridge are drawn, the largest first (after Dougherty & Kunzelmann 2007). Right
 * to about half a cell.
 *
 * @param size cells along x, y and z; the cells at the border are outside
 * @param onProgress told the share that is done; true ends the work
 * @returns diameter in cells, 0 outside; null when it was ended
 */
export function localThickness(
  [nx, ny, nz]: readonly [number, number, number],
  { distance }: InnerDistances,
  onProgress: (share: number) => boolean = () => false,
): Float32Array | null {
  const plane = nx * ny;
  const { cells, count } = ridgeOf(distance, nx, plane);
  const steps = [1, nx, plane];
  const radius = Float32Array.from(cells, (c) => (distance[c] ?? 0) + beyondMiddle(distance, c, steps));
  const order = Uint32Array.from(cells, (_, i) => i).sort((a, b) => (radius[b] ?? 0) - (radius[a] ?? 0));
  const thickness = new Float32Array(distance.length);
  /** Which ball a cell is in, by its place in the order, from 1. */
  const ball = new Int32Array(distance.length);
  const placeOf = (c: number): readonly [number, number, number] => {
    const z = Math.floor(c / plane);
    const y = Math.floor((c - z * plane) / nx);
    return [c - z * plane - y * nx, y, z];
  };
  for (let n = 0; n < count; n += 1) {
    if (n % 512 === 0 && onProgress(n / count)) return null;
    const i = order[n] ?? 0;
    const [c, r] = [cells[i] ?? 0, radius[i] ?? 0];
    const [x, y, z] = placeOf(c);
    const holder = ball[c] ?? 0;
    if (holder > 0) {
      const other = order[holder - 1] ?? 0;
      const [u, v, w] = placeOf(cells[other] ?? 0);
      if (Math.hypot(u - x, v - y, w - z) + (distance[c] ?? 0) <= (radius[other] ?? 0) + OUT_OF) continue;
    }
    if (holder > 0 && r > LOOKED_AT && isHeldAround(ball, nx, ny, x, y, z, r - 0.5)) continue;
    const reach = Math.floor(r);
    const [k0, k1] = [Math.max(0, z - reach), Math.min(nz - 1, z + reach)];
    for (let k = k0; k <= k1; k += 1) {
      const left2 = r * r - (k - z) * (k - z);
      const tall = Math.floor(Math.sqrt(Math.max(0, left2)));
      const [j0, j1] = [Math.max(0, y - tall), Math.min(ny - 1, y + tall)];
      for (let j = j0; j <= j1; j += 1) {
        const wide = Math.floor(Math.sqrt(Math.max(0, left2 - (j - y) * (j - y))));
        const row = k * plane + j * nx;
        const [i0, i1] = [row + Math.max(0, x - wide), row + Math.min(nx - 1, x + wide)];
        // The largest are drawn first: what has a thickness already has a larger one.
        for (let at = i0; at <= i1; at += 1)
          if (ball[at] === 0 && (distance[at] ?? 0) > 0) {
            ball[at] = n + 1;
            thickness[at] = 2 * r;
          }
      }
    }
  }
  coverRest(thickness, distance, neighboursOf(nx, plane));
  return thickness;
}

/** Whether every look at the skin of a ball meets one that is drawn already. */
function isHeldAround(
  ball: Int32Array,
  nx: number,
  ny: number,
  x: number,
  y: number,
  z: number,
  r: number,
): boolean {
  for (const [u, v, w] of LOOKS) {
    const at = (Math.round(z + w * r) * ny + Math.round(y + v * r)) * nx + Math.round(x + u * r);
    if (ball[at] === 0) return false;
  }
  return true;
}

/** Layers of cells that may be left between the balls that are drawn. */
const LAYERS = 3;

/** A cell right under the surface may lie a hair outside every ball: it takes the thickness beside it. */
function coverRest(
  thickness: Float32Array,
  distance: Float32Array,
  neighbours: readonly { readonly step: number }[],
): void {
  let rest: number[] = [];
  for (let c = 0; c < thickness.length; c += 1)
    if (thickness[c] === 0 && (distance[c] ?? 0) > 0) rest.push(c);
  for (let layer = 0; layer < LAYERS && rest.length > 0; layer += 1) {
    const taken = rest.map((c) =>
      neighbours.reduce((most, { step }) => Math.max(most, thickness[c + step] ?? 0), 0),
    );
    rest.forEach((c, i) => {
      thickness[c] = taken[i] ?? 0;
    });
    rest = rest.filter((c) => thickness[c] === 0);
  }
  for (const c of rest) thickness[c] = 2 * (distance[c] ?? 0);
}
