/** Distances inside a solid, and which cell outside each is nearest to. */
export interface InnerDistances {
  /** To the surface from the middle of each cell inside, in cells; 0 outside. */
  readonly distance: Float32Array;
  /** Cells inside. */
  readonly inside: number;
}

/** Farther than any cell of a grid, squared. */
const FAR = 1e12;

/**
 * Lower envelope of parabolas along one line of cells (Felzenszwalb & Huttenlocher 2012): for every cell the seed that is
 * nearest, by the squared distance along the line and what is known across it.
 */
class Line {
  private readonly at: Int32Array;
  private readonly from: Float64Array;
  /** What is known across the line at each place of it, squared; `FAR` where there is no seed. Filled in before a run. */
  readonly value: Float64Array;
  readonly squared: Float64Array;
  readonly seed: Int32Array;
  constructor(longest: number) {
    this.value = new Float64Array(longest);
    this.at = new Int32Array(longest);
    this.from = new Float64Array(longest + 1);
    this.squared = new Float64Array(longest);
    this.seed = new Int32Array(longest);
  }

  run(count: number): void {
    const { at, from, value } = this;
    let last = -1;
    for (let q = 0; q < count; q += 1) {
      const fq = value[q] ?? FAR;
      if (fq >= FAR) continue;
      let meet = -Infinity;
      while (last >= 0) {
        const p = at[last] ?? 0;
        meet = (fq + q * q - ((value[p] ?? 0) + p * p)) / (2 * (q - p));
        if (meet > (from[last] ?? 0)) break;
        last -= 1;
      }
      last += 1;
      at[last] = q;
      from[last] = last === 0 ? -Infinity : meet;
    }
    let k = 0;
    for (let i = 0; i < count; i += 1) {
      if (last < 0) {
        this.squared[i] = FAR;
        this.seed[i] = -1;
        continue;
      }
      while (k < last && (from[k + 1] ?? 0) < i) k += 1;
      const p = at[k] ?? 0;
      this.seed[i] = p;
      this.squared[i] = (i - p) * (i - p) + (value[p] ?? 0);
    }
  }
}

/**
 * Exact distances from every cell inside to the nearest cell outside, in linear time, axis by axis; what that cell is itself
 * outside the surface is taken off, so that a distance is right to a small share of a cell.
 *
 * @param size cells along x, y and z
 * @param signed distance at the middle of each cell, in cells, negative inside; outside it need be right beside the surface only
 * @example distancesInside([3, 1, 1], Float32Array.of(0.5, -0.5, 0.5)).distance[1] // 0.5
 */
export function distancesInside(
  [nx, ny, nz]: readonly [number, number, number],
  signed: Float32Array,
): InnerDistances {
  const plane = nx * ny;
  const step = Int32Array.of(1, -1, nx, -nx, plane, -plane);
  const squared = new Float32Array(signed.length);
  const nearest = new Int32Array(signed.length);
  const line = new Line(Math.max(nx, ny, nz));
  const [alongY, alongZ] = [new Spans(nx * nz, ny), new Spans(nx * ny, nz)];
  let inside = 0;
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1) {
      const row = k * plane + j * nx;
      let [first, last] = [nx, -1];
      for (let i = 0; i < nx; i += 1) {
        nearest[row + i] = row + i;
        if ((signed[row + i] ?? 1) >= 0) continue;
        inside += 1;
        if (first === nx) first = i;
        last = i;
        alongY.hold(k * nx + i, j);
        alongZ.hold(j * nx + i, k);
      }
      if (last < 0) continue;
      // What is outside beside a cell inside hides all that is farther out.
      const [from, to] = [Math.max(0, first - 1), Math.min(nx - 1, last + 1)];
      for (let i = from; i <= to; i += 1) line.value[i - from] = (signed[row + i] ?? 1) < 0 ? FAR : 0;
      line.run(to - from + 1);
      for (let i = from; i <= to; i += 1) {
        squared[row + i] = line.squared[i - from] ?? FAR;
        const seed = line.seed[i - from] ?? -1;
        nearest[row + i] = seed < 0 ? -1 : row + from + seed;
      }
    }
  across(line, alongY, ny, nx, nz, nx, 1, plane, squared, nearest);
  across(line, alongZ, nz, nx, ny, plane, 1, nx, squared, nearest);
  const distance = new Float32Array(signed.length);
  let c = 0;
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1)
      for (let i = 0; i < nx; i += 1, c += 1) {
        const here = signed[c] ?? 1;
        if (here >= 0) continue;
        const seed = nearest[c] ?? -1;
        if (seed < 0) continue;
        let least = Math.sqrt(squared[c] ?? 0) - Math.max(0, Math.min(1, signed[seed] ?? 0));
        const w = Math.floor(seed / plane);
        const v = Math.floor((seed - w * plane) / nx);
        const x = seed - w * plane - v * nx - i;
        const y = v - j;
        const z = w - k;
        // The nearest cell is not always the one whose surface is nearest: those beside it are looked at too.
        for (let n = 0; n < 6; n += 1) {
          const out = signed[seed + (step[n] ?? 0)] ?? 2;
          if (!(out >= 0 && out <= 1)) continue;
          const dx = x + (n === 0 ? 1 : n === 1 ? -1 : 0);
          const dy = y + (n === 2 ? 1 : n === 3 ? -1 : 0);
          const dz = z + (n === 4 ? 1 : n === 5 ? -1 : 0);
          const reach = least + out;
          const far2 = dx * dx + dy * dy + dz * dz;
          if (far2 < reach * reach) least = Math.sqrt(far2) - out;
        }
        distance[c] = Math.max(-here < 1 ? -here : 0, least);
      }
  return { distance, inside };
}

/** First and last cell inside along every line of an axis. */
class Spans {
  readonly first: Int32Array;
  readonly last: Int32Array;
  constructor(lines: number, count: number) {
    this.first = new Int32Array(lines).fill(count);
    this.last = new Int32Array(lines).fill(-1);
  }

  hold(line: number, at: number): void {
    if (at < (this.first[line] ?? 0)) this.first[line] = at;
    if (at > (this.last[line] ?? 0)) this.last[line] = at;
  }
}

/** One pass over all lines along an axis, from what the axes before have found. */
function across(
  line: Line,
  spans: Spans,
  count: number,
  others1: number,
  others2: number,
  step: number,
  step1: number,
  step2: number,
  squared: Float32Array,
  nearest: Int32Array,
): void {
  const old = new Int32Array(count);
  for (let b = 0; b < others2; b += 1)
    for (let a = 0; a < others1; a += 1) {
      const last = spans.last[b * others1 + a] ?? -1;
      // A line that passes through nothing but outside keeps its zeros.
      if (last < 0) continue;
      const from = Math.max(0, (spans.first[b * others1 + a] ?? 0) - 1);
      const cells = Math.min(count - 1, last + 1) - from + 1;
      const start = a * step1 + b * step2 + from * step;
      for (let i = 0; i < cells; i += 1) {
        const c = start + i * step;
        line.value[i] = squared[c] ?? 0;
        old[i] = nearest[c] ?? -1;
      }
      line.run(cells);
      for (let i = 0; i < cells; i += 1) {
        const c = start + i * step;
        const seed = line.seed[i] ?? -1;
        squared[c] = line.squared[i] ?? FAR;
        nearest[c] = seed < 0 ? -1 : (old[seed] ?? -1);
      }
    }
}
