/**
 * A surface of triangles. Corners run counter-clockwise seen from outside.
 */
export interface Mesh {
  /** x, y, z of each vertex, mm. */
  readonly positions: Float64Array;
  /** Three vertex numbers a triangle. */
  readonly triangles: Uint32Array;
}

/** What a closed surface encloses. */
export interface MeshSums {
  readonly volumeMm3: number;
  readonly areaMm2: number;
  /** Centre of what is enclosed. */
  readonly centre: readonly [number, number, number];
  readonly min: readonly [number, number, number];
  readonly max: readonly [number, number, number];
}

const NOTHING: MeshSums = {
  volumeMm3: 0,
  areaMm2: 0,
  centre: [0, 0, 0],
  min: [0, 0, 0],
  max: [0, 0, 0],
};

/**
 * Volume, surface and centre by the divergence theorem over the triangles (Zhang & Chen 2001); exact for the polyhedron.
 * The volume of a surface that is inside out is negative.
 */
export function meshSums({ positions, triangles }: Mesh): MeshSums {
  if (triangles.length === 0) return NOTHING;
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < positions.length; i += 1) {
    const k = (i % 3) as 0 | 1 | 2;
    const value = positions[i] ?? 0;
    if (value < min[k]) min[k] = value;
    if (value > max[k]) max[k] = value;
  }
  // Sums are taken about the middle of the box, so that a body far from the origin loses no digits.
  const [ox, oy, oz] = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2];
  let [volume, area, cx, cy, cz] = [0, 0, 0, 0, 0];
  for (let t = 0; t < triangles.length; t += 3) {
    const a = 3 * (triangles[t] ?? 0);
    const b = 3 * (triangles[t + 1] ?? 0);
    const c = 3 * (triangles[t + 2] ?? 0);
    const ax = (positions[a] ?? 0) - ox;
    const ay = (positions[a + 1] ?? 0) - oy;
    const az = (positions[a + 2] ?? 0) - oz;
    const bx = (positions[b] ?? 0) - ox;
    const by = (positions[b + 1] ?? 0) - oy;
    const bz = (positions[b + 2] ?? 0) - oz;
    const dx = (positions[c] ?? 0) - ox;
    const dy = (positions[c + 1] ?? 0) - oy;
    const dz = (positions[c + 2] ?? 0) - oz;
    const nx = (by - ay) * (dz - az) - (bz - az) * (dy - ay);
    const ny = (bz - az) * (dx - ax) - (bx - ax) * (dz - az);
    const nz = (bx - ax) * (dy - ay) - (by - ay) * (dx - ax);
    area += Math.hypot(nx, ny, nz) / 2;
    const six = ax * (by * dz - bz * dy) + ay * (bz * dx - bx * dz) + az * (bx * dy - by * dx);
    volume += six / 6;
    cx += (six / 24) * (ax + bx + dx);
    cy += (six / 24) * (ay + by + dy);
    cz += (six / 24) * (az + bz + dz);
  }
  const centre: [number, number, number] =
    volume === 0 ? [ox, oy, oz] : [ox + cx / volume, oy + cy / volume, oz + cz / volume];
  return { volumeMm3: volume, areaMm2: area, centre, min, max };
}

/** The mesh with every length multiplied. */
export function scaledMesh({ positions, triangles }: Mesh, by: number): Mesh {
  return { positions: positions.map((value) => value * by), triangles };
}

/** The mesh with its faces turned over. */
export function turnedInsideOut({ positions, triangles }: Mesh): Mesh {
  const turned = triangles.slice();
  for (let t = 0; t < turned.length; t += 3) {
    turned[t + 1] = triangles[t + 2] ?? 0;
    turned[t + 2] = triangles[t + 1] ?? 0;
  }
  return { positions, triangles: turned };
}
