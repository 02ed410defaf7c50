import type { Mesh } from '../../solid/index.ts';

/** Points spread over a surface, each standing for its share of it. */
export interface SurfacePoints {
  readonly count: number;
  /** x, y, z of each. */
  readonly at: Float64Array;
  /** Outward normal of each. */
  readonly normal: Float64Array;
  /** Area each stands for. */
  readonly area: Float64Array;
  /** The triangle each lies on. */
  readonly triangle: Uint32Array;
}

/**
 * Points over a surface by the area of its triangles: the same for the same surface, one at least on each triangle that is
 * larger than its share.
 *
 * @param mesh triangles facing outward
 * @param wanted about so many
 * @returns owned by the caller
 */
export function surfacePoints(mesh: Mesh, wanted: number): SurfacePoints {
  const { positions, triangles } = mesh;
  const n = triangles.length / 3;
  const areas = new Float64Array(n);
  const normals = new Float64Array(3 * n);
  let whole = 0;
  for (let t = 0; t < n; t += 1) {
    const [a, b, c] = [
      3 * (triangles[3 * t] ?? 0),
      3 * (triangles[3 * t + 1] ?? 0),
      3 * (triangles[3 * t + 2] ?? 0),
    ];
    const at = (v: number, k: number) => positions[v + k] ?? 0;
    const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)];
    const [vx, vy, vz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)];
    const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const twice = Math.hypot(nx, ny, nz);
    areas[t] = twice / 2;
    whole += twice / 2;
    if (twice > 0) normals.set([nx / twice, ny / twice, nz / twice], 3 * t);
  }
  const each = whole / Math.max(1, wanted);
  // What a triangle has too little for a point of its own is carried on to the next.
  const perTriangle = new Uint32Array(n);
  let [carried, count] = [0, 0];
  for (let t = 0; t < n; t += 1) {
    carried += (areas[t] ?? 0) / each;
    const points = Math.floor(carried);
    perTriangle[t] = points;
    count += points;
    carried -= points;
  }
  const found = {
    at: new Float64Array(3 * count),
    normal: new Float64Array(3 * count),
    area: new Float64Array(count),
    triangle: new Uint32Array(count),
  };
  let i = 0;
  for (let t = 0; t < n; t += 1) {
    const points = perTriangle[t] ?? 0;
    const [a, b, c] = [
      3 * (triangles[3 * t] ?? 0),
      3 * (triangles[3 * t + 1] ?? 0),
      3 * (triangles[3 * t + 2] ?? 0),
    ];
    for (let p = 0; p < points; p += 1, i += 1) {
      // Evenly over the triangle by an additive recurrence (Roberts 2018), folded into it.
      let [u, v] = [(0.5 + (p + 1) * 0.7548776662466927) % 1, (0.5 + (p + 1) * 0.5698402909980532) % 1];
      if (points === 1) [u, v] = [1 / 3, 1 / 3];
      if (u + v > 1) [u, v] = [1 - u, 1 - v];
      for (let k = 0; k < 3; k += 1)
        found.at[3 * i + k] =
          (positions[a + k] ?? 0) * (1 - u - v) + (positions[b + k] ?? 0) * u + (positions[c + k] ?? 0) * v;
      found.normal.set(normals.subarray(3 * t, 3 * t + 3), 3 * i);
      found.area[i] = whole / count;
      found.triangle[i] = t;
    }
  }
  return { count, ...found };
}
