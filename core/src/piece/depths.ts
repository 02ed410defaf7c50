import type { PartId } from '../record/index.ts';
import type { Piece } from './document.ts';

/**
 * How many parts each part hangs below, 0 for one that stands alone; in time linear in the parts of a sound piece.
 *
 * @example partDepths(piece).get(oar.id) // 1, when the oar hangs on the ferrywoman
 */
export function partDepths({ parts }: Pick<Piece, 'parts'>): ReadonlyMap<PartId, number> {
  const parents = new Map(parts.map(({ id, parent }) => [id, parent]));
  const depths = new Map<PartId, number>();
  for (const { id } of parts) {
    const above: PartId[] = [];
    let at: PartId | null = id;
    while (at !== null && !depths.has(at) && parents.has(at)) {
      above.push(at);
      at = parents.get(at) ?? null;
    }
    let depth = at === null ? -1 : (depths.get(at) ?? -1);
    for (const one of above.reverse()) depths.set(one, ++depth);
  }
  return depths;
}
