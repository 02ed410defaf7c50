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

/** The triangles of a surface: which way each faces, and its area. */
export interface Facets {
  readonly count: number;
  /** Outward, of length 1; 0 for a triangle without area. */
  readonly normal: Float64Array;
  readonly area: Float64Array;
  readonly areaWhole: number;
}

/**
 * Outward directions and areas of the triangles of a surface.
 *
 * @param mesh triangles facing outward
 * @returns owned by the caller
 */
export function facetsOf({ positions, triangles }: Mesh): Facets {
  const count = triangles.length / 3;
  const area = new Float64Array(count);
  const normal = new Float64Array(3 * count);
  let areaWhole = 0;
  for (let t = 0; t < count; t += 1) {
    const a = 3 * (triangles[3 * t] ?? 0);
    const b = 3 * (triangles[3 * t + 1] ?? 0);
    const c = 3 * (triangles[3 * t + 2] ?? 0);
    const x = positions[a] ?? 0;
    const y = positions[a + 1] ?? 0;
    const z = positions[a + 2] ?? 0;
    const ux = (positions[b] ?? 0) - x;
    const uy = (positions[b + 1] ?? 0) - y;
    const uz = (positions[b + 2] ?? 0) - z;
    const vx = (positions[c] ?? 0) - x;
    const vy = (positions[c + 1] ?? 0) - y;
    const vz = (positions[c + 2] ?? 0) - z;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
    area[t] = twice / 2;
    areaWhole += twice / 2;
    if (twice === 0) continue;
    normal[3 * t] = nx / twice;
    normal[3 * t + 1] = ny / twice;
    normal[3 * t + 2] = nz / twice;
  }
  return { count, normal, area, areaWhole };
}

/**
 * Points over a surface by the area of its triangles: the same for the same surface, one at least on each triangle that is
 * larger than its share.
 *
 * @param mesh triangles facing outward
 * @param wanted about so many
 * @param facets of the mesh, where they are known
 * @returns owned by the caller
 */
export function surfacePoints(mesh: Mesh, wanted: number, facets = facetsOf(mesh)): SurfacePoints {
  const { positions, triangles } = mesh;
  const { count: n, area: areas, normal: normals, areaWhole: whole } = facets;
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
      for (let k = 0; k < 3; k += 1) found.normal[3 * i + k] = normals[3 * t + k] ?? 0;
      found.area[i] = whole / count;
      found.triangle[i] = t;
    }
  }
  return { count, ...found };
}
