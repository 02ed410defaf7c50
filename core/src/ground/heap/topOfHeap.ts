import { extentOf } from '../../form/index.ts';
import type { Heap } from '../../piece/index.ts';
import { levelOf, reachOf } from '../banked.ts';
import { planArea } from '../plan/planArea.ts';
import type { Bearer } from '../plan/standing.ts';

/** The flat tops of a rise, to stand things on; none where its sides meet. */
export function topOfHeap(heap: Heap): Bearer[] {
  const { id, heightMm, slopeDeg } = heap;
  const { ring, why } = planArea(heap);
  if (why !== null) return [];
  const body = { ring, highMm: heightMm, slopeDeg };
  if (reachOf(body) < heightMm) return [];
  return levelOf(body, heightMm).flatMap(([rim]): Bearer[] =>
    rim ? [{ id, ring: rim, box: extentOf([[rim]]), highMm: heightMm }] : [],
  );
}
