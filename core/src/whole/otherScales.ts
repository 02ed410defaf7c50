import { type PartBones, reckonBones } from '../armature/index.ts';
import { reckonPartBulk } from '../bulk/index.ts';
import type { Piece } from '../piece/index.ts';
import type { Scale } from '../scale/index.ts';
import type { PartContext } from './context.ts';
import { groundOf, type ReckonOptions } from './ground.ts';

/** The armature of one part of a piece, were the piece at another scale; null where it has none there. */
export function bonesAt(
  piece: Piece,
  partId: string,
  scale: Scale,
  options: ReckonOptions,
): { readonly context: PartContext; readonly bones: PartBones } | null {
  const { sound } = groundOf({ ...piece, scale }, options);
  const contexts = new Map(sound.map((one) => [one.part.id as string, one]));
  const context = contexts.get(partId);
  // The wire chosen for this scale is not the one for another.
  const plain = context && { ...context, part: { ...context.part, wire: null } };
  const bones = plain && reckonBones(plain, contexts, reckonPartBulk(plain) ?? undefined);
  return plain && bones ? { context: plain, bones } : null;
}
