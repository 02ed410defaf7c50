import type { Outline } from '../../form/index.ts';

/**
 * How wide an outline is at a height, from its outermost left to its outermost right there; 0 above and below it.
 *
 * @param outline lengths in any unit, up being the second of each corner
 * @example acrossAt([[[[0, 0], [10, 0], [5, 10]]]], 5) // 5
 */
export function acrossAt(outline: Outline, height: number): number {
  let [left, right] = [Infinity, -Infinity];
  for (const rings of outline)
    for (const ring of rings)
      ring.forEach(([x, y], i) => {
        const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
        if (Math.min(y, v) > height || Math.max(y, v) < height) return;
        const ends = y === v ? [x, u] : [x + ((height - y) / (v - y)) * (u - x)];
        left = Math.min(left, ...ends);
        right = Math.max(right, ...ends);
      });
  return Math.max(0, right - left);
}
