/** Steps from a cell to those round it, nearest first. */
export interface StepsRound {
  /** Added to the place of a cell. */
  readonly step: Int32Array;
  /** Length of each, in cells. */
  readonly far: Float64Array;
}

/**
 * Steps to the cells nearer than a reach.
 *
 * @param size cells along x, y and z
 * @param reach in cells
 */
export function stepsRound([nx, ny]: readonly [number, number, number], reach: number): StepsRound {
  const all: { step: number; far: number }[] = [];
  const most = Math.ceil(reach);
  for (let k = -most; k <= most; k += 1)
    for (let j = -most; j <= most; j += 1)
      for (let i = -most; i <= most; i += 1) {
        const far = Math.hypot(i, j, k);
        if (far < reach) all.push({ step: (k * ny + j) * nx + i, far });
      }
  all.sort((a, b) => a.far - b.far);
  return { step: Int32Array.from(all, ({ step }) => step), far: Float64Array.from(all, ({ far }) => far) };
}
