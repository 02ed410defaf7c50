import type { PartContext } from '../../context/index.ts';
import { type Box, buildSolid, type Field, type Vec3 } from '../../form/index.ts';
import { type Mesh, meshSums } from '../../solid/index.ts';

/** Cells of the surface that is taken of a solid which has none of its own. */
const CELLS = 40_000;

/** A triangle’s corners that lie under a level, cut off at it. */
function under(corners: readonly Vec3[], level: number): Vec3[] {
  return corners.flatMap((a, i): Vec3[] => {
    const b = corners[(i + 1) % corners.length] ?? a;
    const isIn = a[1] <= level;
    const kept: Vec3[] = isIn ? [a] : [];
    if (isIn === b[1] <= level) return kept;
    const t = (level - a[1]) / (b[1] - a[1]);
    return [...kept, [a[0] + t * (b[0] - a[0]), level, a[2] + t * (b[2] - a[2])]];
  });
}

/** Six times the volume of a tetrahedron with one corner in (0, level, 0). */
function six(a: Vec3, b: Vec3, c: Vec3, level: number): number {
  const [ay, by, cy] = [a[1] - level, b[1] - level, c[1] - level];
  return a[0] * (by * c[2] - b[2] * cy) + ay * (b[2] * c[0] - b[0] * c[2]) + a[2] * (b[0] * cy - by * c[0]);
}

/**
 * Volume that a closed surface encloses under a level: tetrahedra from a place in the level to what lies under it (Gauss’s
 * theorem; the cut face looks at that place edge on).
 *
 * @returns mm³
 */
export function volumeUnder({ positions, triangles }: Mesh, level: number): number {
  const corner = (k: number): Vec3 => {
    const at = 3 * (triangles[k] ?? 0);
    return [positions[at] ?? 0, positions[at + 1] ?? 0, positions[at + 2] ?? 0];
  };
  let sum = 0;
  for (let k = 0; k < triangles.length; k += 3) {
    const whole = [corner(k), corner(k + 1), corner(k + 2)];
    const below = whole.filter(([, y]) => y <= level).length;
    if (below === 0) continue;
    const kept = below === 3 ? whole : under(whole, level);
    const [first] = kept;
    for (let i = 2; first && i < kept.length; i += 1)
      sum += six(first, kept[i - 1] as Vec3, kept[i] as Vec3, level);
  }
  return sum / 6;
}

/** Cells across and up of a first look at where the foot of a solid is. */
const FIRST_LOOK = [16, 4] as const;
/** Cells that what lies under the level is then added up in. */
const CELLS_UNDER = 18_000;

/** Box of what a solid has under a level, from a first look; null where that finds nothing. */
function boxUnder({ min, max }: Box, distance: Field, level: number): Box | null {
  const [n, up] = FIRST_LOOK;
  const [w, d] = [(max[0] - min[0]) / n, (max[2] - min[2]) / n];
  const h = (level - min[1]) / up;
  const near = Math.hypot(w, h, d) / 2;
  const low = [Infinity, Infinity];
  const high = [-Infinity, -Infinity];
  for (let i = 0; i < n; i += 1)
    for (let k = 0; k < n; k += 1)
      for (let j = 0; j < up; j += 1) {
        const [x, z] = [min[0] + (i + 0.5) * w, min[2] + (k + 0.5) * d];
        if (distance(x, min[1] + (j + 0.5) * h, z) > near) continue;
        low[0] = Math.min(low[0] ?? x, x - w / 2);
        low[1] = Math.min(low[1] ?? z, z - d / 2);
        high[0] = Math.max(high[0] ?? x, x + w / 2);
        high[1] = Math.max(high[1] ?? z, z + d / 2);
      }
  const [[x0 = 0, z0 = 0], [x1 = 0, z1 = 0]] = [low, high];
  return x0 < x1 ? { min: [x0, min[1], z0], max: [x1, level, z1] } : null;
}

/** Cells along a side of a block that is looked at once before its cells are. */
const BLOCK = 3;

/**
 * Volume of a solid within a box, each cell by the share of it that lies inside. Blocks of cells that the surface cannot reach,
 * by the distance of their middle, are taken whole or left out.
 */
function volumeWithin({ min, max }: Box, distance: Field): number {
  const lengths = [max[0] - min[0], max[1] - min[1], max[2] - min[2]] as const;
  const edge = Math.cbrt((lengths[0] * lengths[1] * lengths[2]) / CELLS_UNDER);
  const [nx, ny, nz] = lengths.map((one) => Math.max(4, Math.ceil(one / edge))) as [number, number, number];
  const [dx, dy, dz] = [lengths[0] / nx, lengths[1] / ny, lengths[2] / nz];
  // Half of what a cell measures, on the mean over the ways a surface can pass through it.
  const half = (dx + dy + dz) / 6;
  const reach = (Math.hypot(dx, dy, dz) * BLOCK) / 2 + half;
  let sum = 0;
  for (let i = 0; i < nx; i += BLOCK)
    for (let j = 0; j < ny; j += BLOCK)
      for (let k = 0; k < nz; k += BLOCK) {
        const [ni, nj, nk] = [Math.min(BLOCK, nx - i), Math.min(BLOCK, ny - j), Math.min(BLOCK, nz - k)];
        const middle = distance(
          min[0] + (i + ni / 2) * dx,
          min[1] + (j + nj / 2) * dy,
          min[2] + (k + nk / 2) * dz,
        );
        if (Math.abs(middle) > reach) {
          if (middle < 0) sum += ni * nj * nk;
          continue;
        }
        for (let a = i; a < i + ni; a += 1)
          for (let b = j; b < j + nj; b += 1)
            for (let c = k; c < k + nk; c += 1) {
              const at = distance(min[0] + (a + 0.5) * dx, min[1] + (b + 0.5) * dy, min[2] + (c + 0.5) * dz);
              sum += Math.max(0, Math.min(1, 0.5 - at / (2 * half)));
            }
      }
  return sum * dx * dy * dz;
}

/**
 * What a part takes up from its foot to a height, miniature mm³, to about half a per cent. Of a solid whose surface is only known
 * from a grid it is brought to the volume the part has.
 *
 * @param upMm height above its foot, miniature mm
 */
export function displacedMm3({ shape, shrink }: PartContext, upMm: number): number {
  const { min, max } = shape.box;
  const level = min[1] + upMm * shrink;
  const whole = shape.volumeMm3 / shrink ** 3;
  if (level >= max[1]) return whole;
  if (level <= min[1]) return 0;
  const { distance } = shape;
  if (distance && !shape.triangles) {
    const box = boxUnder(shape.box, distance, level);
    return box ? Math.min(whole, volumeWithin(box, distance) / shrink ** 3) : 0;
  }
  const mesh = buildSolid(shape, CELLS, null).skin;
  const all = meshSums(mesh).volumeMm3;
  return all > 0 ? (whole * volumeUnder(mesh, level)) / all : 0;
}
