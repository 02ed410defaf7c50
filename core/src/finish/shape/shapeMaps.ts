import type { Shape } from '../../form/index.ts';
import { type Grid, gridField, redistanced, surfaceOf } from '../../solid/index.ts';
import { runOff } from './runOff.ts';

/** What of a part’s shape is asked for; plain data, fit to be sent to a worker. */
export interface MapsAsk {
  /** Edge of a cell, in the part’s own frame, mm. */
  readonly cellMm: number;
  /** Part’s frame ÷ miniature. */
  readonly shrink: number;
  /** Where the light comes from: x to the right, y up, z towards the viewer. */
  readonly light: readonly [number, number, number];
}

/** How a part’s surface lies at each of its vertices; buffers are owned by the maps. */
export interface ShapeMaps {
  /** x, y, z of each vertex in the part’s own frame, mm. */
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  /** Three vertex numbers a triangle, counter-clockwise seen from outside. */
  readonly triangles: Uint32Array;
  /** Region of each vertex, from 1; 0 in a form of one. */
  readonly owners: Uint8Array;
  readonly regions: readonly string[];
  /** How deep it lies among what is round it, 0 open to 1 shut in: a wash settles there. */
  readonly cavity: Float32Array;
  /** How far it stands out, 0 flat to 1 a sharp edge: a dry brush catches it. */
  readonly edge: Float32Array;
  /** Radius of the ball that edges were found with, mm: on coarse cells wider than the edge itself. */
  readonly edgeBallMm: number;
  /** What falls on it of the light from one side, 0–1. */
  readonly lit: Float32Array;
  /** What falls on it from straight above: snow, dust and rain as well. */
  readonly open: Float32Array;
  /** What runs over it of the rain that falls on the form, mm³ on each mm it runs across for each mm of rain, in the part’s own frame. */
  readonly run: Float32Array;
  readonly lowMm: number;
  readonly highMm: number;
}

/** Balls that are laid on the surface; under it goes the smallest alone, so that a thin limb is no edge, radius in miniature mm: a thread, a fold, a limb. */
export const BALLS_MM = [0.6, 1.8, 4] as const;
/** A ball that runs so far into what is round it, of its radius, lies as deep as anything does: a groove of 60° does. */
const SHUT_IN = 0.5;
/** Edges are sharp where a ball under the surface comes so far out, of its radius. */
const SHARP = 0.35;
/** Of a ball, what is no more than the cells make of a smooth surface. */
const NOISE = 0.08;

/** How much coarser the cells are that tell what is round a place. */
const COARSER = 2.5;

/** A grid with cells round it, as many as the largest ball is wide. */
function padded(grid: Grid, by: number): Grid {
  const [nx, ny, nz] = grid.size;
  const size = [nx + 2 * by, ny + 2 * by, nz + 2 * by] as const;
  const distance = new Float32Array(size[0] * size[1] * size[2]).fill(Number.POSITIVE_INFINITY);
  const owner = grid.owner && new Uint8Array(distance.length);
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1) {
      const from = (k * ny + j) * nx;
      const to = ((k + by) * size[1] + j + by) * size[0] + by;
      distance.set(grid.distance.subarray(from, from + nx), to);
      if (owner && grid.owner) owner.set(grid.owner.subarray(from, from + nx), to);
    }
  const [x, y, z] = grid.min;
  const moved = by * grid.cell;
  return { min: [x - moved, y - moved, z - moved], size, cell: grid.cell, distance, owner };
}

type Field = (x: number, y: number, z: number) => number;

/** Directions away from a surface at its vertices, of length 1: those of the triangles round them, by their areas. */
function normalsOf(positions: Float64Array, triangles: Uint32Array): Float32Array {
  const normals = new Float32Array(positions.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * (triangles[t] ?? 0), 3 * (triangles[t + 1] ?? 0), 3 * (triangles[t + 2] ?? 0)];
    const [ax, ay, az] = [positions[a] ?? 0, positions[a + 1] ?? 0, positions[a + 2] ?? 0];
    const [ux, uy, uz] = [
      (positions[b] ?? 0) - ax,
      (positions[b + 1] ?? 0) - ay,
      (positions[b + 2] ?? 0) - az,
    ];
    const [vx, vy, vz] = [
      (positions[c] ?? 0) - ax,
      (positions[c + 1] ?? 0) - ay,
      (positions[c + 2] ?? 0) - az,
    ];
    const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    for (const at of [a, b, c]) {
      normals[at] = (normals[at] ?? 0) + nx;
      normals[at + 1] = (normals[at + 1] ?? 0) + ny;
      normals[at + 2] = (normals[at + 2] ?? 0) + nz;
    }
  }
  for (let i = 0; i < normals.length; i += 3) {
    const [x, y, z] = [normals[i] ?? 0, normals[i + 1] ?? 0, normals[i + 2] ?? 0];
    const long = Math.hypot(x, y, z) || 1;
    normals[i] = x / long;
    normals[i + 1] = y / long;
    normals[i + 2] = z / long;
  }
  return normals;
}

const within = (value: number) => Math.min(1, Math.max(0, value));

/**
 * How far a ball that touches a surface runs into what is round it, of its radius: 0 on a plane and on any round body,
 * 1 − sin a at the bottom of a groove with walls a to either side of its middle.
 *
 * @param clear distance from the middle of the ball to the surface
 */
export function runsInto(clear: number, radius: number): number {
  return Math.max(0, (radius - clear) / radius);
}

/** Cells that light is followed for, and how near to a surface it is stopped, in cells. */
const MOST_STRIDES = 64;
const STOPPED = 0.4;

/** What of a light reaches a place past all that stands in its way, 0–1, with a soft edge. */
function reaches(
  field: Field,
  at: readonly [number, number, number],
  way: MapsAsk['light'],
  cell: number,
  far: number,
): number {
  let gone = 2.5 * cell;
  let share = 1;
  for (let i = 0; i < MOST_STRIDES && gone < far; i += 1) {
    const clear = field(at[0] + way[0] * gone, at[1] + way[1] * gone, at[2] + way[2] * gone);
    if (clear === Number.POSITIVE_INFINITY) return share;
    if (clear < STOPPED * cell) return 0;
    share = Math.min(share, (6 * clear) / gone);
    gone += Math.max(cell, clear);
  }
  return share;
}

const unit = ([x, y, z]: MapsAsk['light']): MapsAsk['light'] => {
  const long = Math.hypot(x, y, z) || 1;
  return [x / long, y / long, z / long];
};

/** Light on every vertex: the cosine of how it falls (Lambert), and what stands in its way. */
function lightOn(
  positions: Float64Array,
  normals: Float32Array,
  field: Field,
  from: MapsAsk['light'],
  { cell, far }: { readonly cell: number; readonly far: number },
): Float32Array {
  const way = unit(from);
  const lit = new Float32Array(positions.length / 3);
  for (let v = 0; v < lit.length; v += 1) {
    const i = 3 * v;
    const falls =
      (normals[i] ?? 0) * way[0] + (normals[i + 1] ?? 0) * way[1] + (normals[i + 2] ?? 0) * way[2];
    if (falls <= 0) continue;
    const at = [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0] as const;
    lit[v] = falls * Math.min(1, reaches(field, at, way, cell, far));
  }
  return lit;
}

/** Where a ball on the surface or under it meets other surface, at every vertex. */
function ballsAlong(
  positions: Float64Array,
  normals: Float32Array,
  field: Field,
  radii: readonly number[],
  way: 1 | -1,
): Float32Array {
  const found = new Float32Array(positions.length / 3);
  const full = way === 1 ? SHUT_IN : SHARP;
  for (let v = 0; v < found.length; v += 1) {
    const i = 3 * v;
    const [x, y, z] = [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0];
    const [nx, ny, nz] = [normals[i] ?? 0, normals[i + 1] ?? 0, normals[i + 2] ?? 0];
    let most = 0;
    for (const radius of radii) {
      const r = way * radius;
      const clear = way * field(x + r * nx, y + r * ny, z + r * nz);
      most = Math.max(most, runsInto(clear, radius));
    }
    found[v] = within((most - NOISE) / (full - NOISE));
  }
  return found;
}

/**
 * How the surface of a form lies at each of its vertices: where a wash settles, where a dry brush catches, what the light
 * lifts. Found with balls of several sizes that touch the surface from outside and from inside: on a plane or a ball they
 * touch nothing else.
 *
 * @throws {GridError} when the cells are too many
 * @example shapeMaps(a ball of 20 mm, …).cavity // 0 everywhere
 */
export function shapeMaps(shape: Shape, { cellMm, shrink, light }: MapsAsk): ShapeMaps {
  const { positions, triangles, owners } = surfaceOf(shape.sample(cellMm));
  const normals = normalsOf(positions, triangles);
  // What is round a place is looked at more coarsely than the place itself: that would be half of the time.
  const cell = COARSER * cellMm;
  // Balls smaller than the cells tell of the cells alone.
  const radii = BALLS_MM.map((mm) => mm * shrink).filter((mm) => mm >= 1.4 * cell);
  const used = radii.length > 0 ? radii : [1.5 * cell];
  const most = Math.max(...used) + 2 * cell;
  const grid = redistanced(padded(shape.sample(cell), Math.ceil(most / cell)), 'everywhere', most);
  const field = gridField(grid);
  const far = Math.hypot(...grid.size) * cell;
  const on = (from: MapsAsk['light']) => lightOn(positions, normals, field, from, { cell, far });
  const open = on([0, 1, 0]);
  return {
    positions: Float32Array.from(positions),
    normals,
    triangles,
    owners: owners ?? new Uint8Array(positions.length / 3),
    regions: shape.regions,
    cavity: ballsAlong(positions, normals, field, used, 1),
    edge: ballsAlong(positions, normals, field, used.slice(0, 1), -1),
    edgeBallMm: used[0] ?? cell,
    lit: on(light),
    open,
    run: runOff({ positions, triangles }, open),
    lowMm: shape.box.min[1],
    highMm: shape.box.max[1],
  };
}
