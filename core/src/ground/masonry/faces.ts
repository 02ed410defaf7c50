import type { PartContext } from '../../context/index.ts';
import { scaledOutline } from '../../drawing/index.ts';
import type { Outline } from '../../form/index.ts';
import { placesOf } from '../../repeats/index.ts';

/** A face of a part that courses can be laid on, miniature mm. */
export interface MasonryFace {
  readonly key: string;
  readonly says: string;
  readonly outline: Outline;
  /** It is wrapped round: what is printed of it closes on itself. */
  readonly wraps: boolean;
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
