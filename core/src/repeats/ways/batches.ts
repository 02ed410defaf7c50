import type { Piece } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';

/** How many alike are made: the same step for so many in a row. */
export interface Batches {
  /** Of each in their order; together the number. */
  readonly sizes: readonly number[];
  /** Where the first ones go, made while the hand is not yet in. */
  readonly firstTo: string;
}

const LEAST_SEEN: Readonly<Record<Piece['brief']['seenFrom'], string>> = {
  front: 'at the back, and low',
  'all-round': 'low, under what hangs over them',
  above: 'low, under what hangs over them',
  camera: 'out of the picture, or behind what stands in it',
};

/** A number in even batches of no more than the usual, the smaller ones first: those are the ones to learn on. */
export function batchesOfSet(n: number, seenFrom: Piece['brief']['seenFrom'], own: OwnValues): Batches {
  const most = Math.max(1, Math.floor(sourced('repeats.batch', own).value));
  const count = Math.max(1, Math.ceil(n / most));
  const [each, over] = [Math.floor(n / count), n % count];
  return {
    sizes: Array.from({ length: count }, (_, i) => each + (i >= count - over ? 1 : 0)),
    firstTo: LEAST_SEEN[seenFrom],
  };
}
