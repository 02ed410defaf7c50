import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { type Form, makeShapeStore, STARTS } from '../form/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { type PieceReckoned, reckonPiece } from '../spine/index.ts';

/** Time all tests of the armature are for. */
export const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

/** A piece of one part of clay, reckoned. */
export function reckonedOne(
  form: Form,
  over: Partial<Part> = {},
  change: Partial<Piece> = {},
): PieceReckoned & { readonly one: NonNullable<ReturnType<PieceReckoned['contexts']['get']>> } {
  const piece: Piece = {
    ...lowWaterFerry(NOW),
    parts: [demoPart('one', 'One', form, { ...ofClay('neutral'), ...over })],
    fits: [],
    log: [],
    wireStock: [],
    scale: { kind: 'ratio', ratio: 12 },
    ...change,
  };
  const reckoned = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const one = reckoned.contexts.get('one');
  if (!one) throw new Error(`not built: ${reckoned.faults.map(({ says }) => says).join()}`);
  return { ...reckoned, one };
}

/** The armature of that part. */
export function bonesOfOne(form: Form, over: Partial<Part> = {}, change: Partial<Piece> = {}) {
  const reckoned = reckonedOne(form, over, change);
  const bones = reckoned.bones.get('one');
  if (!bones) throw new Error('no armature');
  return {
    context: reckoned.one,
    contexts: reckoned.contexts,
    bones,
    cuts: reckoned.cuts,
    book: reckoned.book,
  };
}

/** A form to start from, by its name. */
export function start(id: string): Form {
  const found = STARTS.find((one) => one.id === id);
  if (!found) throw new Error(`no start ${id}`);
  return found.form;
}
