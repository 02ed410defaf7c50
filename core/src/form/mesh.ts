import {
  checkMesh,
  contours,
  type Mesh,
  MeshFileError,
  meshGrid,
  meshSums,
  reportLines,
  seenAlong,
  turnedInsideOut,
  unpackMesh,
} from '../solid/index.ts';
import { FormError, positive } from './errors.ts';
import { cross, dot } from './lofted/index.ts';
import { outlineOf, sampledShape } from './sampled.ts';
import type { MeshForm, Outline, Shape, Side, Vec3 } from './types.ts';

/** The mesh of a form stood up on the ground, in the middle, in millimetres. */
function standing(mesh: Mesh, upright: MeshForm['upright'], unitMm: number): Mesh {
  const turned = mesh.positions.slice();
  // Turned a quarter back about x, so that z goes up.
  if (upright === 'z')
    for (let i = 0; i < turned.length; i += 3) {
      turned[i + 1] = mesh.positions[i + 2] ?? 0;
      turned[i + 2] = -(mesh.positions[i + 1] ?? 0);
    }
  const { min, max } = meshSums({ ...mesh, positions: turned });
  const from = [(min[0] + max[0]) / 2, min[1], (min[2] + max[2]) / 2] as const;
  return {
    positions: turned.map((value, i) => (value - (from[(i % 3) as 0 | 1 | 2] ?? 0)) * unitMm),
    triangles: mesh.triangles,
  };
}

function unpacked(form: MeshForm): Mesh {
  try {
    return unpackMesh(form.data);
  } catch (error) {
    if (error instanceof MeshFileError) throw new FormError('mesh', 'data', 'a whole mesh', error.message);
    throw error;
  }
}

/** Cells along the longest side of a silhouette. */
const SEEN_CELLS = 120;

/** The mesh turned to the viewer and measured on a grid: to about a tenth of a cell. */
function seenMesh(mesh: Mesh, side: Side): Outline {
  const towards = cross(side.right, side.up);
  const turned = new Float64Array(mesh.positions.length);
  for (let i = 0; i < turned.length; i += 3) {
    const at: Vec3 = [mesh.positions[i] ?? 0, mesh.positions[i + 1] ?? 0, mesh.positions[i + 2] ?? 0];
    turned[i] = dot(at, side.right);
    turned[i + 1] = dot(at, side.up);
    turned[i + 2] = dot(at, towards);
  }
  const facing: Mesh = { positions: turned, triangles: mesh.triangles };
  const { min, max } = meshSums(facing);
  const longest = Math.max(max[0] - min[0], max[1] - min[1], max[2] - min[2]);
  return outlineOf(contours(seenAlong(meshGrid(facing, longest / SEEN_CELLS), 'z')));
}

/** Error of volume and surface of an open surface: nobody knows what it encloses. */
const UNKNOWN = 1;

/**
 * An imported solid. One that is inside out is turned over; one that is open keeps its sizes and outlines, but its
 * volume is only a guess, and its notes say so.
 *
 * @throws {FormError} for a damaged mesh or a unit of zero or less
 */
export function meshShape(form: MeshForm): Shape {
  const unitMm = positive('mesh', 'unitMm', form.unitMm);
  const found = standing(unpacked(form), form.upright, unitMm);
  const report = checkMesh(found);
  const mesh = report.insideOut ? turnedInsideOut(found) : found;
  const { min, max } = meshSums(mesh);
  const height = max[1] - min[1];
  if (!(Math.min(max[0] - min[0], height, max[2] - min[2]) > 0))
    throw new FormError('mesh', 'data', 'a solid with some thickness', 'a flat one');
  return {
    ...meshSolid(mesh, 'mesh', report.isSolid || report.insideOut ? 0 : UNKNOWN),
    notes: reportLines(report),
    measures: [
      {
        key: 'height',
        title: 'Height',
        lengthMm: height,
        field: 'height',
        handbookRow: null,
        from: [0, 0],
        to: [0, height],
      },
      {
        key: 'width',
        title: 'Width',
        lengthMm: max[0] - min[0],
        field: 'width',
        handbookRow: null,
        from: [min[0], 0],
        to: [max[0], 0],
      },
    ],
  };
}

/**
 * A shape of the triangles round it, without measures.
 *
 * @param error of its volume and surface
 */
export function meshSolid(mesh: Mesh, region: string, error: number): Shape {
  const { min, max, volumeMm3, areaMm2, centre } = meshSums(mesh);
  return sampledShape({
    region,
    box: { min, max },
    sample: (cellMm) => meshGrid(mesh, cellMm),
    distance: null,
    seenFrom: (side) => seenMesh(mesh, side),
    whole: () => ({ volumeMm3: Math.abs(volumeMm3), areaMm2, centre }),
    error,
    measures: [],
  });
}
