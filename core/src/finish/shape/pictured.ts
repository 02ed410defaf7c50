import type { ShapeMaps } from './shapeMaps.ts';

/** A picture of a form, seen straight on; the pixels are owned by it. */
export interface Pictured {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Red, green, blue and cover of every dot, from the top left, 0–255; nothing is drawn where the form is not. */
  readonly pixels: Uint8ClampedArray;
  /** At the size of the miniature. */
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Which way a form is looked at. */
export type SeenFrom = 'front' | 'back';

/** Most dots along a side: finer than a printer shows, and small enough for a file. */
const MOST_PX = 2400;
/** What faces away from the eye is drawn darker by so much, so that the form is read. */
const SHADED = 0.35;

/**
 * A form in its colours from the front or the back, without perspective, so that it can be measured on paper.
 *
 * @param colours sRGB 0–1, three a vertex
 * @param dotsPerMm dots to a mm of the miniature; fewer where the picture would be too large
 * @param shrink part’s frame ÷ miniature
 */
export function picturedFrom(
  { positions, normals, triangles }: Pick<ShapeMaps, 'positions' | 'normals' | 'triangles'>,
  colours: Float32Array,
  {
    seen,
    dotsPerMm,
    shrink,
  }: { readonly seen: SeenFrom; readonly dotsPerMm: number; readonly shrink: number },
): Pictured {
  const way = seen === 'front' ? 1 : -1;
  let [left, right, low, high] = [
    Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
    Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
  ];
  for (let i = 0; i < positions.length; i += 3) {
    const [x, y] = [way * (positions[i] ?? 0), positions[i + 1] ?? 0];
    left = Math.min(left, x);
    right = Math.max(right, x);
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  if (!Number.isFinite(left))
    return { widthPx: 0, heightPx: 0, pixels: new Uint8ClampedArray(), widthMm: 0, heightMm: 0 };
  const [widthMm, heightMm] = [(right - left) / shrink, (high - low) / shrink];
  const dots = Math.min(dotsPerMm, MOST_PX / Math.max(widthMm, heightMm, 1e-9));
  const widthPx = Math.max(1, Math.ceil(widthMm * dots));
  const heightPx = Math.max(1, Math.ceil(heightMm * dots));
  const pixels = new Uint8ClampedArray(4 * widthPx * heightPx);
  const near = new Float32Array(widthPx * heightPx).fill(Number.NEGATIVE_INFINITY);
  const perFrame = dots / shrink;
  const place = (v: number) =>
    [
      (way * (positions[3 * v] ?? 0) - left) * perFrame,
      (high - (positions[3 * v + 1] ?? 0)) * perFrame,
      way * (positions[3 * v + 2] ?? 0),
    ] as const;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t] ?? 0, triangles[t + 1] ?? 0, triangles[t + 2] ?? 0];
    const [p, q, r] = [place(a), place(b), place(c)];
    const twice = (q[0] - p[0]) * (r[1] - p[1]) - (r[0] - p[0]) * (q[1] - p[1]);
    // Screen y runs down: what faces the eye turns the other way round on it.
    if (twice >= 0) continue;
    const [x0, x1] = [Math.min(p[0], q[0], r[0]), Math.max(p[0], q[0], r[0])];
    const [y0, y1] = [Math.min(p[1], q[1], r[1]), Math.max(p[1], q[1], r[1])];
    for (let y = Math.max(0, Math.floor(y0)); y <= Math.min(heightPx - 1, Math.floor(y1)); y += 1)
      for (let x = Math.max(0, Math.floor(x0)); x <= Math.min(widthPx - 1, Math.floor(x1)); x += 1) {
        const [sx, sy] = [x + 0.5, y + 0.5];
        const u = ((q[0] - sx) * (r[1] - sy) - (r[0] - sx) * (q[1] - sy)) / twice;
        const v = ((r[0] - sx) * (p[1] - sy) - (p[0] - sx) * (r[1] - sy)) / twice;
        const w = 1 - u - v;
        if (u < -1e-6 || v < -1e-6 || w < -1e-6) continue;
        const depth = u * p[2] + v * q[2] + w * r[2];
        const at = y * widthPx + x;
        if (depth <= (near[at] ?? 0)) continue;
        near[at] = depth;
        const mixed = (of: Float32Array, k: number) =>
          u * (of[3 * a + k] ?? 0) + v * (of[3 * b + k] ?? 0) + w * (of[3 * c + k] ?? 0);
        const facing = Math.max(0, way * mixed(normals, 2));
        const light = 255 * (1 - SHADED * (1 - facing));
        for (let k = 0; k < 3; k += 1) pixels[4 * at + k] = light * mixed(colours, k);
        pixels[4 * at + 3] = 255;
      }
  }
  return { widthPx, heightPx, pixels, widthMm, heightMm };
}
