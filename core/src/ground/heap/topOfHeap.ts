import { extentOf } from '../../form/index.ts';
import type { Heap } from '../../piece/index.ts';
import { levelOf, reachOf } from '../banked.ts';
import { whyNoArea } from '../plan/boardRing.ts';
import type { Bearer } from '../plan/standing.ts';
import { ringOf } from './ringOf.ts';

/** The flat tops of a rise, to stand things on; none where its sides meet. */
export function topOfHeap({ id, points, heightMm, slopeDeg }: Heap): Bearer[] {
  const ring = ringOf(points);
  if (whyNoArea(ring) !== null) return [];
  const body = { ring, highMm: heightMm, slopeDeg };
  if (reachOf(body) < heightMm) return [];
  return levelOf(body, heightMm).flatMap(([rim]): Bearer[] =>
    rim ? [{ id, ring: rim, box: extentOf([[rim]]), highMm: heightMm }] : [],
  );
}
