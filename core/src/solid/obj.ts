import { MeshFileError } from './errors.ts';
import type { Mesh } from './mesh.ts';
import { MOST_TRIANGLES } from './stl.ts';

function vertex(words: readonly string[], line: number): number[] {
  const point = words.slice(1, 4).map(Number);
  if (point.length < 3 || !point.every(Number.isFinite))
    throw new MeshFileError(
      'not-a-mesh',
      `Line ${line}: a vertex wants three numbers, found “${words.join(' ').slice(0, 60)}”.`,
    );
  return point;
}

/** Vertex number of a face's corner, from 0; negative ones count back from the last vertex. */
function cornerOf(word: string, known: number, line: number): number {
  const number = Number.parseInt(word, 10);
  const index = number < 0 ? known + number : number - 1;
  if (!Number.isInteger(index) || index < 0 || index >= known)
    throw new MeshFileError('not-a-mesh', `Line ${line}: the face names vertex ${word}; there are ${known}.`);
  return index;
}

/**
 * Reads the vertices and faces of a Wavefront OBJ file; faces of more corners are cut into triangles from their first.
 *
 * @returns lengths as the file has them: OBJ names no unit
 * @throws {MeshFileError}
 */
export function readObj(text: string): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (const [i, raw] of text.split('\n').entries()) {
    const words = raw.trim().split(/\s+/);
    if (words[0] === 'v') positions.push(...vertex(words, i + 1));
    if (words[0] !== 'f') continue;
    const corners = words.slice(1).map((word) => cornerOf(word, positions.length / 3, i + 1));
    const [first] = corners;
    if (first === undefined || corners.length < 3)
      throw new MeshFileError('not-a-mesh', `Line ${i + 1}: a face wants three corners or more.`);
    for (let k = 1; k + 1 < corners.length; k += 1) {
      const [b = 0, c = 0] = [corners[k], corners[k + 1]];
      if (b !== c && first !== b && first !== c) triangles.push(first, b, c);
    }
    if (triangles.length > 3 * MOST_TRIANGLES)
      throw new MeshFileError(
        'too-large',
        `The file holds more than ${MOST_TRIANGLES} triangles. Reduce it first.`,
      );
  }
  if (triangles.length === 0) throw new MeshFileError('empty', 'The file holds no faces.');
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}
