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

/** Less than any length at the bench, and as much as a file of a piece can hold, mm. */
const [LEAST_MM, MOST_MM] = [1e-4, 1e6];
/** A thing more times as long as it is thick than any that is made: a blade is 100, a sheet of paper on a table 2 000. */
const MOST_SLENDER = 500;

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

function refuseOutOfProportion(extent: MeshForm['extent'], unitMm: number, evenSo: boolean): void {
  const sides = [extent.x, extent.y, extent.z].map((side) => side * unitMm).sort((a, b) => a - b);
  const [thin = 0, , long = 0] = sides;
  const mm = (side: number) => `${Number(side.toPrecision(4))} mm`;
  if (long > MOST_MM || thin < LEAST_MM)
    throw new MeshFileError(
      'too-large',
      `The thing in the file is ${sides.map(mm).join(' by ')}: from ${LEAST_MM} mm to ${MOST_MM / 1e6} km is worked with. Change its unit where it was drawn, or look for a point astray.`,
    );
  if (long > MOST_SLENDER * thin && !evenSo)
    throw new MeshFileError(
      'astray',
      `The thing in the file is ${sides.map(mm).join(' by ')}, ${Math.round(long / thin)} times as long as it is thick: most often one point has gone astray.`,
    );
}

/**
 * Reads an STL or OBJ file as a form. STL is taken to stand on its z axis, OBJ on its y axis, as is usual; both can be
 * changed after.
 *
 * @param name of the file; its ending tells the two apart
 * @param evenSo takes it though it is out of all proportion
 * @throws {MeshFileError} when it gives no solid; `astray` for one that is taken only when that is asked for
 */
export function importMesh(
  name: string,
  bytes: Uint8Array,
  { evenSo = false }: { readonly evenSo?: boolean } = {},
): ImportedMesh {
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
  refuseOutOfProportion(extent, unitMm, evenSo);
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
