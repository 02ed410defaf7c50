import type { Vec3 } from '../../form/index.ts';
import type { Mesh } from '../../solid/index.ts';
import { type Pulls, type Standing, standingsAlong } from './pull.ts';
import { type Facets, facetsOf, surfacePoints } from './surfacePoints.ts';

/** Standings in the order that a draft map numbers them in. */
export const STANDINGS: readonly Standing[] = ['free', 'steep', 'undercut', 'blind', 'back'];

/** A surface told by how it comes off a mould, and where the mould parts. */
export interface DraftMap {
  /** Corners of the triangles, three to each, nothing shared. */
  readonly positions: Float32Array;
  /** Of every corner, its triangle’s standing: its place in `STANDINGS`, from 1. */
  readonly owners: Uint8Array;
  /** Where the parts of the mould meet on the master: closed lines, the longest first. */
  readonly parting: readonly (readonly Vec3[])[];
}

interface PullLaid {
  readonly direction: Vec3;
  readonly pulls: Pulls;
  readonly leastDeg: number;
}

/** Points that what stands before a triangle is found from. */
const POINTS = 24_000;

function cornerOf({ positions, triangles }: Mesh, t: number, k: number): Vec3 {
  const at = 3 * (triangles[3 * t + k] ?? 0);
  return [positions[at] ?? 0, positions[at + 1] ?? 0, positions[at + 2] ?? 0];
}

/** Middles of the triangles of a mesh. */
function middlesOf(mesh: Mesh): Float64Array {
  const at = new Float64Array(mesh.triangles.length);
  for (let i = 0; i < at.length; i += 3)
    for (let corner = 0; corner < 3; corner += 1) {
      const vertex = 3 * (mesh.triangles[i + corner] ?? 0);
      for (let k = 0; k < 3; k += 1) at[i + k] = (at[i + k] ?? 0) + (mesh.positions[vertex + k] ?? 0) / 3;
    }
  return at;
}

/** Of every corner, the direction of the surface there: its triangles’ by their area. */
function cornerNormals(mesh: Mesh, { count, normal, area }: Facets): Float64Array {
  const normals = new Float64Array(mesh.positions.length);
  for (let t = 0; t < count; t += 1)
    for (let corner = 0; corner < 3; corner += 1) {
      const vertex = 3 * (mesh.triangles[3 * t + corner] ?? 0);
      for (let k = 0; k < 3; k += 1)
        normals[vertex + k] = (normals[vertex + k] ?? 0) + (area[t] ?? 0) * (normal[3 * t + k] ?? 0);
    }
  return normals;
}

/** Segments end to end: each is a pair of keys, and every key is met by two of them. */
function chained(segments: ReadonlyMap<string, readonly string[]>): string[][] {
  const left = new Map([...segments].map(([key, to]) => [key, [...to]]));
  const loops: string[][] = [];
  for (const [start] of left) {
    const loop: string[] = [];
    let here: string | undefined = start;
    while (here !== undefined) {
      const next: string | undefined = left.get(here)?.pop();
      if (next === undefined) break;
      const back = left.get(next);
      back?.splice(back.indexOf(here), 1);
      loop.push(here);
      here = next;
    }
    if (loop.length > 2) loops.push(loop);
  }
  return loops;
}

/** How often each spot of a line is moved half way to the middle of its neighbours: the wrinkles of the triangles go. */
const EVENED = 4;

function evened(loop: readonly Vec3[]): readonly Vec3[] {
  let line = loop;
  for (let pass = 0; pass < EVENED; pass += 1) {
    const from = line;
    line = from.map((spot, i): Vec3 => {
      const [before, after] = [from.at(i - 1) ?? spot, from[(i + 1) % from.length] ?? spot];
      const at = (k: 0 | 1 | 2) => spot[k] / 2 + (before[k] + after[k]) / 4;
      return [at(0), at(1), at(2)];
    });
  }
  return line;
}

/**
 * The lines on a mesh where a value given at its corners is 0, closed, the longest first.
 *
 * @param values one a corner
 */
function zeroLines(mesh: Mesh, values: Float64Array): readonly (readonly Vec3[])[] {
  const { positions, triangles } = mesh;
  const spots = new Map<string, Vec3>();
  const segments = new Map<string, string[]>();
  const crossing = (a: number, b: number): string => {
    const key = a < b ? `${a}/${b}` : `${b}/${a}`;
    if (!spots.has(key)) {
      const [p, q] = [values[a] ?? 0, values[b] ?? 0];
      const share = p / (p - q);
      const at = (k: number) =>
        (positions[3 * a + k] ?? 0) * (1 - share) + (positions[3 * b + k] ?? 0) * share;
      spots.set(key, [at(0), at(1), at(2)]);
    }
    return key;
  };
  const link = (from: string, to: string) => segments.set(from, [...(segments.get(from) ?? []), to]);
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [triangles[t] ?? 0, triangles[t + 1] ?? 0, triangles[t + 2] ?? 0];
    const met = corners.flatMap((a, k) => {
      const b = corners[(k + 1) % 3] ?? a;
      return (values[a] ?? 0) < 0 === (values[b] ?? 0) < 0 ? [] : [crossing(a, b)];
    });
    const [one, other] = met;
    if (one === undefined || other === undefined) continue;
    link(one, other);
    link(other, one);
  }
  return chained(segments)
    .map((loop) => evened(loop.map((key): Vec3 => spots.get(key) ?? [0, 0, 0])))
    .sort((a, b) => lengthOf(b) - lengthOf(a));
}

function lengthOf(loop: readonly Vec3[]): number {
  return loop.reduce((sum, [x, y, z], i) => {
    const [u, v, w] = loop[(i + 1) % loop.length] ?? [x, y, z];
    return sum + Math.hypot(u - x, v - y, w - z);
  }, 0);
}

/** Of the master’s extent along the pull, what is still at its flat back. */
const AT_BACK = 0.01;

/**
 * Where the mould parts: round the flat back of what is pressed open, else where the surface turns from the pull. Of a wall
 * that runs with the pull it is half way up.
 */
function partingLines(
  mesh: Mesh,
  facets: Facets,
  { direction: [x, y, z], pulls, leastDeg }: PullLaid,
  hasBack: boolean,
) {
  const normals = cornerNormals(mesh, facets);
  const corners = mesh.positions.length / 3;
  const heights = new Float64Array(corners);
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < corners; i += 1) {
    const at = (k: number) => mesh.positions[3 * i + k] ?? 0;
    const height = at(0) * x + at(1) * y + at(2) * z;
    heights[i] = height;
    low = Math.min(low, height);
    high = Math.max(high, height);
  }
  const lean = Math.sin((leastDeg * Math.PI) / 180);
  const values = heights.map((height, i) => {
    if (pulls === 'one' && hasBack) return height - low - AT_BACK * (high - low);
    const n = (k: number) => normals[3 * i + k] ?? 0;
    const facing = (n(0) * x + n(1) * y + n(2) * z) / (Math.hypot(n(0), n(1), n(2)) || 1);
    // A wall without draft has no place of its own to part at.
    return facing + lean * (2 * ((height - low) / Math.max(1e-9, high - low)) - 1);
  });
  return zeroLines(mesh, values);
}

/** A line shorter than this share of the longest is a wrinkle of the surface. */
const WRINKLE = 0.02;

/**
 * How every triangle of a surface comes off a mould, and where the mould parts on it.
 *
 * @param mesh closed, triangles facing outward
 * @returns in the unit of the mesh, owned by the caller
 */
export function draftMap(mesh: Mesh, laid: PullLaid): DraftMap {
  const facets = facetsOf(mesh);
  const places = { count: facets.count, at: middlesOf(mesh), normal: facets.normal };
  const standings = standingsAlong(surfacePoints(mesh, POINTS, facets), places, laid);
  const positions = new Float32Array(9 * facets.count);
  const owners = new Uint8Array(3 * facets.count);
  standings.forEach((standing, t) => {
    for (let k = 0; k < 3; k += 1) positions.set(cornerOf(mesh, t, k), 9 * t + 3 * k);
    owners.fill(1 + STANDINGS.indexOf(standing), 3 * t, 3 * t + 3);
  });
  const lines = partingLines(mesh, facets, laid, standings.includes('back'));
  const longest = lines[0] ? lengthOf(lines[0]) : 0;
  return { positions, owners, parting: lines.filter((loop) => lengthOf(loop) >= WRINKLE * longest) };
}

/** Length of the parting lines together, in the unit of the mesh. */
export function partingLength({ parting }: Pick<DraftMap, 'parting'>): number {
  return parting.reduce((sum, loop) => sum + lengthOf(loop), 0);
}
