import type { PartContext } from '../../context/index.ts';
import { scaledOutline } from '../../drawing/index.ts';
import { areaOf, type Outline, uniteAreas, without } from '../../form/index.ts';
import type { Piece } from '../../piece/index.ts';
import { placesOf } from '../../repeats/index.ts';
import { edgeOf } from '../plan/boardRing.ts';
import { planArea } from '../plan/planArea.ts';

/** A face of a part that courses can be laid on, miniature mm. */
export interface MasonryFace {
  readonly key: string;
  readonly says: string;
  readonly outline: Outline;
  /** It is wrapped round: what is printed of it closes on itself. */
  readonly wraps: boolean;
}

/** Key of the one face of the base. */
export const BASE_FACE = 'top';

/** The base from above, without its pours and rises; null where there is none. */
export function baseFace({ board, pours, heaps }: Piece): MasonryFace | null {
  const edge = edgeOf(board);
  if (!edge) return null;
  const taken = [...pours, ...heaps].flatMap((area): Outline[] => {
    const { ring, why } = planArea(area);
    return why === null ? [[[ring]]] : [];
  });
  const whole: Outline = [[edge]];
  const outline = taken.length === 0 ? whole : without(whole, uniteAreas(taken));
  return areaOf(outline) > 0 ? { key: BASE_FACE, says: 'top', outline, wraps: false } : null;
}

/** Faces of a part that lie flat with level courses: those of a cone curve when they are laid flat, and are left out. */
export function masonryFaces({ part, shape, shrink }: PartContext): readonly MasonryFace[] {
  const { form } = part;
  return placesOf(form, shape).flatMap((place): MasonryFace[] => {
    if (place.kind !== 'face' || !place.outline) return [];
    const wraps = form.kind === 'cylinder' && place.key === 'mantle';
    if (wraps && form.bottomMm !== form.topMm) return [];
    return [{ key: place.key, says: place.says, outline: scaledOutline(place.outline, 1 / shrink), wraps }];
  });
}
