import type { Metal } from '../handbook/index.ts';
import { addEntry, DEFAULT_ENTRY, type EntryId, newId, type Piece, type WireStock } from '../piece/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';
import type { CutPiece } from './cutList.ts';
import { type Nesting, nest } from './nest.ts';

/** All pieces of one wire, nested on what there is of it and what is bought. */
export interface CutPlan {
  readonly metal: Metal;
  readonly diameterMm: number;
  /** One for each length to cut. */
  readonly pieces: readonly CutPiece[];
  readonly nesting: Nesting;
}

/** Most pieces that are nested one by one. */
const MOST_PIECES = 500;

const sameWire = (a: { metal: Metal; diameterMm: number }, b: { metal: Metal; diameterMm: number }) =>
  a.metal === b.metal && a.diameterMm === b.diameterMm;

/**
 * What is cut of every wire of a piece: remainders in stock first, then bars of the length that is bought.
 *
 * @throws {RangeError} for more than 500 lengths of one wire
 */
export function cutPlans(
  pieces: readonly CutPiece[],
  stock: readonly WireStock[],
  own: OwnValues,
): CutPlan[] {
  const bar = sourced('cut.bar', own).value;
  const kinds = pieces.filter(({ wire }, i) => pieces.findIndex((other) => sameWire(other.wire, wire)) === i);
  return kinds.map(({ wire: { metal, diameterMm } }) => {
    const each = pieces
      .filter(({ wire }) => sameWire(wire, { metal, diameterMm }))
      .flatMap((one) => Array.from({ length: Math.min(one.count, MOST_PIECES + 1) }, () => one));
    if (each.length > MOST_PIECES)
      throw new RangeError(
        `${each.length} lengths of one wire are too many to nest; at most ${MOST_PIECES}: split the parts`,
      );
    const inStock = stock.filter((one) => sameWire(one, { metal, diameterMm }));
    return {
      metal,
      diameterMm,
      pieces: each,
      // The allowance for a cut is in each length already.
      nesting: nest(
        each.map(({ lengthMm }) => lengthMm),
        [...inStock.map(({ lengthMm, count }) => ({ lengthMm, count })), { lengthMm: bar, count: Infinity }],
        0,
      ),
    };
  });
}

/** A piece after a wire has been cut: what was in stock is used, offcuts worth keeping come into it, and the log says so. */
export function logCut(
  piece: Piece,
  plan: CutPlan,
  own: OwnValues,
  at: string,
  random?: () => number,
): Piece {
  const keep = sourced('cut.keep', own).value;
  const stock = piece.wireStock.map((one) => ({ ...one }));
  for (const { stockMm } of plan.nesting.cuts) {
    const taken = stock.find((one) => sameWire(one, plan) && one.lengthMm === stockMm && one.count > 0);
    if (taken) taken.count -= 1;
  }
  for (const { leftMm } of plan.nesting.cuts) {
    if (leftMm < keep) continue;
    const lengthMm = Math.floor(leftMm);
    const alike = stock.find((one) => sameWire(one, plan) && one.lengthMm === lengthMm);
    if (alike) alike.count += 1;
    else
      stock.push({
        id: newId('wire', random),
        metal: plan.metal,
        diameterMm: plan.diameterMm,
        lengthMm,
        count: 1,
      });
  }
  const note = `Cut ${plan.pieces.length} lengths of ${plan.diameterMm} mm ${plan.metal} from ${plan.nesting.cuts.length} pieces of stock.`;
  return addEntry(
    { ...piece, wireStock: stock.filter(({ count }) => count > 0) },
    { ...DEFAULT_ENTRY, pictures: [], id: newId<EntryId>('cut', random), at, kind: 'note', note },
  );
}
