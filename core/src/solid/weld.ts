import type { Mesh } from './mesh.ts';

/**
 * Makes vertices at the same place one, so that neighbouring triangles share them; triangles that lose a corner by it
 * are dropped.
 *
 * @param corners x, y, z of three corners a triangle
 * @param tolerance places closer than this along every axis may become one, mm; 0 for bit-equal places only
 */
export function weld(corners: Float64Array, tolerance: number): Mesh {
  const step = Math.max(tolerance, 0);
  const numbers = new Map<string, number>();
  const positions: number[] = [];
  const numberOf = (i: number): number => {
    const [x, y, z] = [corners[i] ?? 0, corners[i + 1] ?? 0, corners[i + 2] ?? 0];
    const key =
      step === 0
        ? `${x} ${y} ${z}`
        : `${Math.round(x / step)} ${Math.round(y / step)} ${Math.round(z / step)}`;
    const known = numbers.get(key);
    if (known !== undefined) return known;
    const fresh = positions.length / 3;
    numbers.set(key, fresh);
    positions.push(x, y, z);
    return fresh;
  };
  const triangles: number[] = [];
  for (let i = 0; i + 8 < corners.length; i += 9) {
    const [a, b, c] = [numberOf(i), numberOf(i + 3), numberOf(i + 6)];
    if (a !== b && b !== c && c !== a) triangles.push(a, b, c);
  }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}
