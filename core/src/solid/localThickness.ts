import type { InnerDistances } from './distanceTransform.ts';
import { type StepsRound, stepsRound } from './stepsRound.ts';

/** A cell whose ball no neighbour’s ball holds whole: the ridge of the distances. */
interface Ridge {
  readonly cells: Int32Array;
  readonly count: number;
}

/** Just farther than the corner of the cube of cells round a cell. */
const CUBE = 1.75;

/** A ball is told from the one beside it only when it is larger by more than this, in cells. */
const SLACK = 0.25;

function ridgeOf(distance: Float32Array, { step, far }: StepsRound): Ridge {
  const cells = new Int32Array(distance.length);
  let count = 0;
  for (let c = 0; c < distance.length; c += 1) {
    const r = distance[c] ?? 0;
    if (r <= 0) continue;
    let isHeld = false;
    // The first step leads to the cell itself.
    for (let n = 1; n < step.length; n += 1)
      if ((distance[c + (step[n] ?? 0)] ?? 0) >= r + (far[n] ?? 0) - SLACK) {
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
  const around = stepsRound([nx, ny, nz], CUBE);
  const { cells, count } = ridgeOf(distance, around);
  const steps = [1, nx, plane];
  const radius = Float32Array.from(cells, (c) => (distance[c] ?? 0) + beyondMiddle(distance, c, steps));
  const order = Uint32Array.from(cells, (_, i) => i).sort((a, b) => (radius[b] ?? 0) - (radius[a] ?? 0));
  const thickness = new Float32Array(distance.length);
  /** Which ball a cell is in, by its place in the order, from 1. */
  const ball = new Int32Array(distance.length);
  const open = openCells(distance);
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
        const i1 = row + Math.min(nx - 1, x + wide);
        // The largest are drawn first: what has a thickness already has a larger one, and is stepped over.
        for (let at = openFrom(open, row + Math.max(0, x - wide)); at <= i1; at = openFrom(open, at + 1)) {
          ball[at] = n + 1;
          thickness[at] = 2 * r;
          open[at] = at + 1;
        }
      }
    }
  }
  coverRest(thickness, distance, around.step);
  return thickness;
}

/** For every cell the next one from it on that is clay and in no ball yet, or a step on the way to it. */
function openCells(distance: Float32Array): Int32Array {
  const open = new Int32Array(distance.length + 1);
  open[distance.length] = distance.length;
  for (let c = distance.length - 1; c >= 0; c -= 1)
    open[c] = (distance[c] ?? 0) > 0 ? c : (open[c + 1] ?? c + 1);
  return open;
}

/** The next open cell from a place on; the way to it is halved for the next time (Tarjan & van Leeuwen 1984). */
function openFrom(open: Int32Array, from: number): number {
  let at = from;
  for (let next = open[at] ?? at; next !== at; next = open[at] ?? at) {
    const beyond = open[next] ?? next;
    open[at] = beyond;
    at = beyond;
  }
  return at;
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
function coverRest(thickness: Float32Array, distance: Float32Array, steps: Int32Array): void {
  let rest: number[] = [];
  for (let c = 0; c < thickness.length; c += 1)
    if (thickness[c] === 0 && (distance[c] ?? 0) > 0) rest.push(c);
  for (let layer = 0; layer < LAYERS && rest.length > 0; layer += 1) {
    const taken = rest.map((c) => steps.reduce((most, step) => Math.max(most, thickness[c + step] ?? 0), 0));
    rest.forEach((c, i) => {
      thickness[c] = taken[i] ?? 0;
    });
    rest = rest.filter((c) => thickness[c] === 0);
  }
  for (const c of rest) thickness[c] = 2 * (distance[c] ?? 0);
}
