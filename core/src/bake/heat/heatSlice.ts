import type { BodyFrame } from './bakeAsk.ts';

/** One plane of a body facing the viewer. */
export interface HeatSlice {
  readonly width: number;
  readonly height: number;
  /** The value of every place of it, the lowest row first; NaN where nothing is followed. */
  readonly values: Float32Array;
}

/**
 * Values of listed cells along a plane that faces the viewer.
 *
 * @param values one for each listed cell
 * @param atMm where the plane lies from back to front, miniature mm
 */
export function heatSlice(
  { size: [nx, ny, nz], min, cell }: BodyFrame,
  cells: Int32Array,
  values: ArrayLike<number>,
  atMm: number,
): HeatSlice {
  const layer = Math.max(0, Math.min(nz - 1, Math.round((atMm - min[2]) / cell - 0.5)));
  const out = new Float32Array(nx * ny).fill(Number.NaN);
  const [from, to] = [layer * nx * ny, (layer + 1) * nx * ny];
  for (let i = 0; i < cells.length; i += 1) {
    const c = cells[i] ?? 0;
    if (c >= from && c < to) out[c - from] = values[i] ?? Number.NaN;
  }
  return { width: nx, height: ny, values: out };
}
