import type { Given } from '../../context/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { eyesOf, seenShares } from '../../size/index.ts';
import { type Seam, seamsOf } from './seams.ts';

export type { Seam, SeamKind } from './seams.ts';

/** A seam with whether the chosen eyes see it. */
export interface SeenSeam extends Seam {
  readonly isSeen: boolean;
}

/** Less of a region or side than this is as good as never seen. */
const UNSEEN = 0.03;

/** Every joint, cut edge, step and hole, the seen ones first and the longest of them first. */
export function seams(given: Given): SeenSeam[] {
  const { piece, own } = given.context;
  const all = seamsOf(piece, given.contexts, sourced('bench.fillet', own).value);
  const eyes = eyesOf(piece.brief.seenFrom);
  const shares = new Map<string, ReadonlyMap<string, number>>();
  const shareOf = (id: string, on: string): number => {
    const context = given.contexts.get(id);
    if (!context) return 1;
    let known = shares.get(id);
    if (!known) {
      known = new Map(seenShares(context, given.contexts, eyes).map(({ name, share }) => [name, share]));
      shares.set(id, known);
    }
    return known.get(on) ?? 1;
  };
  return all
    .map((one) => ({ ...one, isSeen: one.on === '' || shareOf(one.part, one.on) >= UNSEEN }))
    .sort((a, b) => Number(b.isSeen) - Number(a.isSeen));
}
