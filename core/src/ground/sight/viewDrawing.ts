import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { extentOf } from '../../form/index.ts';
import type { Seen } from './sight.ts';

const EDGE = 4;

/** A view from an eye: silhouettes, what is hidden of them dashed. */
export function viewDrawing(seen: readonly Seen[]): Drawing | null {
  if (seen.length === 0) return null;
  const [left, bottom, right, top] = extentOf(seen.flatMap(({ outline }) => outline));
  const items = [...seen]
    .reverse()
    .flatMap(({ id, outline, open, seenPct }): DrawItem[] => [
      ...(seenPct < 99
        ? outline.flatMap(([rim]): DrawItem[] =>
            rim?.[0] ? [{ kind: 'line', points: [...rim, rim[0]], weight: 'hair', dashed: true }] : [],
          )
        : []),
      { kind: 'area', outline: open, material: seenPct < 50 ? 'none' : 'raw-clay', weight: 'thin', part: id },
    ]);
  return {
    widthMm: right - left + 2 * EDGE,
    heightMm: top - bottom + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE - left, EDGE - bottom])),
  };
}
