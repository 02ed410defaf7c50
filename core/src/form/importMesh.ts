import {
  checkMesh,
  MeshFileError,
  meshSums,
  packMesh,
  readObj,
  readStl,
  reportLines,
} from '../solid/index.ts';
import type { MeshForm } from './types.ts';

/** Most triangles that a piece carries along. */
const MOST_CARRIED = 600_000;
/** Miniatures are drawn in millimetres, rarely under 3 or over 3 000 of them. */
const LIKELY = [3, 3000] as const;

/** The unit that gives the thing a likely size; files of solids name none. */
function likelyUnit(size: number): number {
  const likely = [1, 25.4, 1000, 10].find((mm) => size * mm >= LIKELY[0] && size * mm <= LIKELY[1]);
  return likely ?? 1;
}

/** A form from a file, with what the maker should know. */
export interface ImportedMesh {
  readonly form: MeshForm;
  readonly notes: readonly string[];
}

/**
 * Reads an STL or OBJ file as a form. STL is taken to stand on its z axis, OBJ on its y axis, as is usual; both can be
 * changed after.
 *
 * @param name of the file; its ending tells the two apart
 * @throws {MeshFileError} when it gives no solid
 */
export function importMesh(name: string, bytes: Uint8Array): ImportedMesh {
  const isObj = /\.obj$/i.test(name);
  const mesh = isObj ? readObj(new TextDecoder().decode(bytes)) : readStl(bytes);
  const faces = mesh.triangles.length / 3;
  if (faces === 0) throw new MeshFileError('nothing-left', 'All triangles of the file are points or lines.');
  if (faces > MOST_CARRIED)
    throw new MeshFileError(
      'too-large',
      `The file holds ${faces} triangles; a piece carries at most ${MOST_CARRIED}. Reduce it in the program it came from.`,
    );
  const { min, max } = meshSums(mesh);
  const extent = { x: max[0] - min[0], y: max[1] - min[1], z: max[2] - min[2] };
  if (!(Math.min(extent.x, extent.y, extent.z) > 0))
    throw new MeshFileError('nothing-left', 'The thing in the file is flat: it encloses nothing.');
  const unitMm = likelyUnit(Math.max(extent.x, extent.y, extent.z));
  return {
    form: {
      kind: 'mesh',
      source: name.slice(0, 200),
      data: packMesh(mesh),
      unitMm,
      extent,
      upright: isObj ? 'y' : 'z',
    },
    notes: reportLines(checkMesh(mesh)),
  };
}
