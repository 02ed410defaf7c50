import type { Ring } from '../../form/index.ts';
import type { Heap } from '../../piece/index.ts';
import { type Banked, levelOf, reachOf } from '../banked.ts';
import { planArea } from '../plan/planArea.ts';

/** A line of one height on the plan. */
export interface Contour {
  readonly highMm: number;
  readonly ring: Ring;
}

/** Steps of height that contours are drawn at, mm; the first that needs no more lines than are read. */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500] as const;
const MOST_LINES = 8;

/**
 * Lines of one height up a rise at even steps, its foot and where it ends left out.
 *
 * @example contoursOf(rise of 10 mm) // at 2, 4, 6 and 8 mm
 */
export function contoursOf(heap: Heap): readonly Contour[] {
  const { ring, why } = planArea(heap);
  if (why !== null || heap.slopeDeg >= 90) return [];
  const body: Banked = { ring, highMm: heap.heightMm, slopeDeg: heap.slopeDeg };
  const reach = reachOf(body);
  const step = STEPS.find((one) => reach / one <= MOST_LINES) ?? reach / MOST_LINES;
  const count = Math.ceil(reach / step - 1e-9) - 1;
  return Array.from({ length: Math.max(0, count) }, (_, k) => (k + 1) * step).flatMap((highMm) =>
    levelOf(body, highMm).flatMap(([rim]): Contour[] => (rim ? [{ highMm, ring: rim }] : [])),
  );
}
