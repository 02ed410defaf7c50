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
  /** Length that is bought, mm. */
  readonly barMm: number;
}

/** Why the pieces of one wire are not nested. */
export interface CutFault {
  readonly metal: Metal;
  readonly diameterMm: number;
  readonly says: string;
}

/** Most pieces that are nested one by one. */
export const MOST_PIECES = 2000;
/** A bar is not shorter than this, whatever the maker’s own value says, mm. */
const LEAST_BAR = 1;

type Kind = Pick<CutPlan, 'metal' | 'diameterMm'>;
const sameWire = (a: Kind, b: Kind) => a.metal === b.metal && a.diameterMm === b.diameterMm;

/** Kinds of wire among pieces, each once. */
function kindsAmong(pieces: readonly CutPiece[]): Kind[] {
  const kinds = new Map<string, Kind>();
  for (const { wire } of pieces) kinds.set(`${wire.metal} ${wire.diameterMm}`, wire);
  return [...kinds.values()].map(({ metal, diameterMm }) => ({ metal, diameterMm }));
}

function planOf(
  kind: Kind,
  pieces: readonly CutPiece[],
  stock: readonly WireStock[],
  barMm: number,
): CutPlan | CutFault {
  const own = pieces.filter(({ wire }) => sameWire(wire, kind));
  const count = own.reduce((sum, one) => sum + one.count, 0);
  if (count > MOST_PIECES)
    return {
      ...kind,
      says: `${count} lengths of ${kind.diameterMm} mm ${kind.metal} are too many to nest; at most ${MOST_PIECES}: cut them part by part, or make fewer copies at a time`,
    };
  const each = own.flatMap((one) => Array.from({ length: one.count }, () => one));
  const inStock = stock.filter((one) => sameWire(one, kind));
  return {
    ...kind,
    pieces: each,
    barMm,
    // The allowance for a cut is in each length already.
    nesting: nest(
      each.map(({ lengthMm }) => lengthMm),
      [
        ...inStock.map(({ lengthMm, count: n }) => ({ lengthMm, count: n })),
        { lengthMm: barMm, count: Infinity },
      ],
      0,
    ),
  };
}

/** What is cut of every wire of a piece: remainders in stock first, then bars of the length that is bought. */
export function cutPlans(
  pieces: readonly CutPiece[],
  stock: readonly WireStock[],
  own: OwnValues,
): { readonly plans: readonly CutPlan[]; readonly faults: readonly CutFault[] } {
  const barMm = Math.max(LEAST_BAR, sourced('cut.bar', own).value);
  const all = kindsAmong(pieces).map((kind) => planOf(kind, pieces, stock, barMm));
  return {
    plans: all.filter((one): one is CutPlan => 'nesting' in one),
    faults: all.filter((one): one is CutFault => 'says' in one),
  };
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
