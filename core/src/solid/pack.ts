import { strFromU8, strToU8, unzlibSync, zlibSync } from 'fflate';
import { MeshFileError } from './errors.ts';
import { type Mesh, meshSums } from './mesh.ts';

/** Bytes before the vertices: how many there are, and how many triangles. */
const HEAD = 8;

function base64(bytes: Uint8Array): string {
  return btoa(strFromU8(bytes, true));
}

/**
 * A mesh as text for a piece’s file: counts, vertices as 32-bit floats and triangles as 32-bit numbers, little-endian,
 * zlib-compressed, in base64.
 */
export function packMesh({ positions, triangles }: Mesh): string {
  const bytes = new Uint8Array(HEAD + 4 * positions.length + 4 * triangles.length);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, positions.length / 3, true);
  view.setUint32(4, triangles.length / 3, true);
  positions.forEach((value, i) => {
    view.setFloat32(HEAD + 4 * i, value, true);
  });
  triangles.forEach((value, i) => {
    view.setUint32(HEAD + 4 * positions.length + 4 * i, value, true);
  });
  return base64(zlibSync(bytes));
}

/**
 * The mesh of a packed text.
 *
 * @throws {MeshFileError} when the text was damaged
 */
export function unpackMesh(text: string): Mesh {
  let bytes: Uint8Array;
  try {
    bytes = unzlibSync(strToU8(atob(text), true));
  } catch (cause) {
    throw new MeshFileError(
      'not-a-mesh',
      'The mesh in the piece is damaged; bring its file in again.',
      cause,
    );
  }
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const [vertices, faces] = bytes.length < HEAD ? [0, 0] : [view.getUint32(0, true), view.getUint32(4, true)];
  if (faces === 0 || bytes.length !== HEAD + 12 * vertices + 12 * faces)
    throw new MeshFileError('truncated', 'The mesh in the piece was cut off; bring its file in again.');
  const positions = Float64Array.from({ length: 3 * vertices }, (_, i) =>
    view.getFloat32(HEAD + 4 * i, true),
  );
  const triangles = Uint32Array.from({ length: 3 * faces }, (_, i) =>
    view.getUint32(HEAD + 12 * vertices + 4 * i, true),
  );
  if (
    triangles.some((vertex) => vertex >= vertices) ||
    !Number.isFinite(meshSums({ positions, triangles }).areaMm2)
  )
    throw new MeshFileError('not-a-mesh', 'The mesh in the piece is damaged; bring its file in again.');
  return { positions, triangles };
}
