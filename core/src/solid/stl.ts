import { MeshFileError } from './errors.ts';
import type { Mesh } from './mesh.ts';
import { weld } from './weld.ts';

const HEADER = 80;
const RECORD = 50;
/** Most triangles that are read: more would not fit the screen nor the memory of a phone. */
export const MOST_TRIANGLES = 4_000_000;

/**
 * A mesh as binary STL: 80 bytes of header, a count, then 50 bytes a triangle, little-endian (stereolithography
 * interface, 3D Systems 1989).
 *
 * @returns bytes, owned by the caller
 */
export function writeStl({ positions, triangles }: Mesh, title = ''): Uint8Array {
  const count = triangles.length / 3;
  const bytes = new Uint8Array(HEADER + 4 + RECORD * count);
  const view = new DataView(bytes.buffer);
  // A binary file must not begin with the word an ASCII file begins with.
  const header = `mm ${title}`.replace(/[^\x20-\x7e]/g, '?').slice(0, HEADER);
  for (let i = 0; i < header.length; i += 1) bytes[i] = header.charCodeAt(i);
  view.setUint32(HEADER, count, true);
  for (let t = 0; t < count; t += 1) {
    const corners = [0, 1, 2].map((k) => 3 * (triangles[3 * t + k] ?? 0));
    const p = corners.map((i) => [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0] as const);
    const [a, b, c] = p;
    if (!a || !b || !c) continue;
    const n = [
      (b[1] - a[1]) * (c[2] - a[2]) - (b[2] - a[2]) * (c[1] - a[1]),
      (b[2] - a[2]) * (c[0] - a[0]) - (b[0] - a[0]) * (c[2] - a[2]),
      (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]),
    ] as const;
    const long = Math.hypot(...n) || 1;
    let at = HEADER + 4 + RECORD * t;
    for (const value of [n[0] / long, n[1] / long, n[2] / long, ...a, ...b, ...c]) {
      view.setFloat32(at, value, true);
      at += 4;
    }
  }
  return bytes;
}

function readBinary(bytes: Uint8Array): Float64Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const claimed = view.getUint32(HEADER, true);
  const held = Math.floor((bytes.length - HEADER - 4) / RECORD);
  if (claimed > held)
    throw new MeshFileError(
      'truncated',
      `The file claims ${claimed} triangles and holds ${held}: it was cut off, or is no STL. Copy or export it again.`,
    );
  if (claimed > MOST_TRIANGLES)
    throw new MeshFileError(
      'too-large',
      `The file holds ${claimed} triangles; at most ${MOST_TRIANGLES} are read. Reduce it in the program it came from.`,
    );
  const corners = new Float64Array(9 * claimed);
  for (let t = 0; t < claimed; t += 1)
    for (let v = 0; v < 9; v += 1)
      corners[9 * t + v] = view.getFloat32(HEADER + 4 + RECORD * t + 12 + 4 * v, true);
  return corners;
}

function readAscii(text: string): Float64Array {
  const numbers: number[] = [];
  const lines = text.split('\n');
  for (const [i, line] of lines.entries()) {
    const words = line.trim().split(/\s+/);
    if (words[0]?.toLowerCase() !== 'vertex') continue;
    const point = words.slice(1, 4).map(Number);
    if (point.length < 3 || point.some((value) => Number.isNaN(value)))
      throw new MeshFileError(
        'not-a-mesh',
        `Line ${i + 1}: a vertex wants three numbers, found “${line.trim().slice(0, 60)}”.`,
      );
    numbers.push(...(point as [number, number, number]));
    if (numbers.length > 9 * MOST_TRIANGLES)
      throw new MeshFileError(
        'too-large',
        `The file holds more than ${MOST_TRIANGLES} triangles. Reduce it first.`,
      );
  }
  if (numbers.length % 9 !== 0)
    throw new MeshFileError('truncated', 'The last triangle has no three corners: the file was cut off.');
  if (!/endsolid/i.test(text))
    throw new MeshFileError('truncated', 'The file ends without “endsolid”: it was cut off.');
  return Float64Array.from(numbers);
}

/** ASCII files begin with `solid` and have facets; some binary ones begin with the same word. */
function isAscii(bytes: Uint8Array): boolean {
  const start = new TextDecoder('latin1').decode(bytes.subarray(0, 1024));
  return /^\s*solid\b/i.test(start) && (/\bfacet\b/i.test(start) || /\bendsolid\b/i.test(start));
}

/**
 * Reads binary or ASCII STL; vertices at the same place become one.
 *
 * @returns lengths as the file has them: STL names no unit
 * @throws {MeshFileError}
 */
export function readStl(bytes: Uint8Array): Mesh {
  if (bytes.length === 0) throw new MeshFileError('empty', 'The file is empty.');
  const ascii = isAscii(bytes);
  if (!ascii && bytes.length < HEADER + 4)
    throw new MeshFileError(
      'truncated',
      `The file has ${bytes.length} bytes; an STL has at least ${HEADER + 4}.`,
    );
  const corners = ascii ? readAscii(new TextDecoder('latin1').decode(bytes)) : readBinary(bytes);
  if (corners.length === 0) throw new MeshFileError('empty', 'The file holds no triangles.');
  const bad = corners.findIndex((value) => !Number.isFinite(value));
  if (bad >= 0)
    throw new MeshFileError(
      'not-finite',
      `Triangle ${Math.floor(bad / 9) + 1} has a corner that is no number: the file is damaged.`,
    );
  return weld(corners);
}
