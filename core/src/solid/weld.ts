import type { Mesh } from './mesh.ts';

/** Bits of three coordinates mixed into one number (after MurmurHash3’s finaliser). */
function hashOf(bits: Uint32Array): number {
  let h = 0;
  for (const word of bits) {
    h = Math.imul(h ^ word, 0x85ebca6b);
    h ^= h >>> 13;
    h = Math.imul(h, 0xc2b2ae35);
    h ^= h >>> 16;
  }
  return h >>> 0;
}

/**
 * Makes vertices at just the same place one, so that neighbouring triangles share them; triangles that lose a corner by
 * it are dropped.
 *
 * @param corners x, y, z of three corners a triangle; −0 counts as 0
 */
export function weld(corners: Float64Array): Mesh {
  const count = corners.length / 3;
  // An open-addressed table of vertex numbers plus one, at most half full.
  const slots = new Int32Array(2 ** Math.ceil(Math.log2(Math.max(2, 2 * count))));
  const mask = slots.length - 1;
  const positions = new Float64Array(corners.length);
  const numbers = new Uint32Array(count);
  const place = new Float64Array(3);
  const bits = new Uint32Array(place.buffer);
  let known = 0;
  for (let i = 0; i < count; i += 1) {
    for (let k = 0; k < 3; k += 1) place[k] = (corners[3 * i + k] ?? 0) + 0;
    let slot = hashOf(bits) & mask;
    for (;;) {
      const vertex = (slots[slot] ?? 0) - 1;
      if (vertex < 0) {
        slots[slot] = known + 1;
        positions.set(place, 3 * known);
        numbers[i] = known;
        known += 1;
        break;
      }
      const at = 3 * vertex;
      if (positions[at] === place[0] && positions[at + 1] === place[1] && positions[at + 2] === place[2]) {
        numbers[i] = vertex;
        break;
      }
      slot = (slot + 1) & mask;
    }
  }
  const triangles = new Uint32Array(count);
  let kept = 0;
  for (let i = 0; i + 2 < count; i += 3) {
    const [a = 0, b = 0, c = 0] = [numbers[i], numbers[i + 1], numbers[i + 2]];
    if (a === b || b === c || c === a) continue;
    triangles.set([a, b, c], kept);
    kept += 3;
  }
  return { positions: positions.slice(0, 3 * known), triangles: triangles.slice(0, kept) };
}
