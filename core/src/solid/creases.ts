import type { Mesh } from './mesh.ts';
import { weld } from './weld.ts';

/** Two faces that turn by more than this meet in an edge that is seen and felt (common practice). */
export const CREASE_DEG = 40;

/**
 * Length of the sharp edges of a surface: those where two triangles turn outward by more than an angle. An edge that only one
 * triangle has is a rim and counts too; inner corners do not.
 *
 * @param mesh triangles facing outward, in any unit
 * @param degrees turn from which an edge is sharp
 * @returns in the unit of the mesh
 * @example creasesOf(cube of 10 mm) // 120
 */
export function creasesOf(mesh: Mesh, degrees = CREASE_DEG): number {
  const corners = new Float64Array(3 * mesh.triangles.length);
  mesh.triangles.forEach((v, i) => {
    corners.set(mesh.positions.subarray(3 * v, 3 * v + 3), 3 * i);
  });
  const { positions, triangles } = weld(corners);
  const at = (v: number): readonly [number, number, number] => [
    positions[3 * v] ?? 0,
    positions[3 * v + 1] ?? 0,
    positions[3 * v + 2] ?? 0,
  ];
  const count = triangles.length / 3;
  const normals = new Float64Array(triangles.length);
  for (let t = 0; t < count; t += 1) {
    const [a, b, c] = [0, 1, 2].map((k) => at(triangles[3 * t + k] ?? 0));
    if (!a || !b || !c) continue;
    const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const long = Math.hypot(...n) || 1;
    normals.set(
      n.map((one) => one / long),
      3 * t,
    );
  }
  const firstOf = new Map<number, number>();
  const vertices = positions.length / 3;
  const least = Math.cos((degrees * Math.PI) / 180);
  let sharp = 0;
  const lengthOf = (a: number, b: number): number => {
    const [p, q] = [at(a), at(b)];
    return Math.hypot(q[0] - p[0], q[1] - p[1], q[2] - p[2]);
  };
  for (let t = 0; t < count; t += 1)
    for (let k = 0; k < 3; k += 1) {
      const [a, b] = [triangles[3 * t + k] ?? 0, triangles[3 * t + ((k + 1) % 3)] ?? 0];
      const key = Math.min(a, b) * vertices + Math.max(a, b);
      const first = firstOf.get(key);
      if (first === undefined) {
        firstOf.set(key, t);
        continue;
      }
      firstOf.delete(key);
      let dot = 0;
      for (let i = 0; i < 3; i += 1) dot += (normals[3 * first + i] ?? 0) * (normals[3 * t + i] ?? 0);
      if (dot > least) continue;
      // Outward where the far corner of the second face lies behind the first one.
      const far = triangles[3 * t + ((k + 2) % 3)] ?? 0;
      const [p, q] = [at(a), at(far)];
      const behind = [0, 1, 2].reduce(
        (sum, i) => sum + (normals[3 * first + i] ?? 0) * ((q[i] ?? 0) - (p[i] ?? 0)),
        0,
      );
      if (behind < 0) sharp += lengthOf(a, b);
    }
  for (const key of firstOf.keys()) sharp += lengthOf(Math.floor(key / vertices), key % vertices);
  return sharp;
}
