import type { Piece, PieceId } from '@every-inch/core/piece';
import { pieceStore } from './keeper.ts';
import { nextMoment } from './moments.ts';
import type { PieceHead } from './pieceStore.ts';
import { claimPiece } from './tabs.ts';

/** Two states of a piece that are not merged, and why. */
export class NotMergedError extends Error {
  override readonly name = 'NotMergedError';
}

/** What came of merging. */
export interface Together {
  /** Entries that came from the other state. */
  readonly taken: number;
  /** Places that both had changed: the later state's stands there. */
  readonly clashes: readonly string[];
}

/**
 * Merges a piece that was brought in beside one on the shelf into it, entry by entry. Both are among its older versions
 * afterwards, and the one beside it is gone from the shelf.
 *
 * @param besideAt when the one brought in was last changed, ISO; the later of the two goes before where both changed the same
 * @throws {NotMergedError} while another tab edits it
 */
export async function mergeInto(id: string, beside: string, besideAt: string): Promise<Together> {
  const claim = await claimPiece(id, false, () => undefined);
  try {
    if (!claim.isMine) throw new NotMergedError('It is open in another tab: close it there first.');
    return await merge(id, beside, besideAt);
  } finally {
    claim.release();
  }
}

async function merge(id: string, beside: string, besideAt: string): Promise<Together> {
  const { mergedPieces, nearestState, readRaw } = await import('@every-inch/core/piece/file');
  const pieces = await pieceStore();
  const now = nextMoment();
  const read = async (from: string) => readRaw(await pieces.raw(from), now).piece;
  const [ours, other] = [await read(id), await read(beside)];
  const head = await pieces.drawers.heads.get<PieceHead>(id);
  const theirs: Piece = { ...other, id: id as PieceId, name: unmarked(other.name) };
  const known = (await pieces.revisions(id)).reverse().map(({ piece }) => piece);
  const base = nearestState(theirs, known);
  const later = besideAt > (head?.keptAt ?? '') ? 'theirs' : 'ours';
  const { piece, taken, clashes } = mergedPieces(base, ours, theirs, later);
  // What the one links to and the other has taken out is put right as in any file.
  const whole = readRaw(piece, now).piece;
  await pieces.pin(ours, now);
  await pieces.pin(theirs, nextMoment());
  await pieces.put(whole, nextMoment());
  await pieces.remove(beside);
  return { taken, clashes: clashes.map(({ where }) => where) };
}

const MARK = ' (brought in)';

/** The name of a piece that comes in beside another. */
export function marked(name: string): string {
  return name + MARK;
}

function unmarked(name: string): string {
  return name.endsWith(MARK) ? name.slice(0, -MARK.length) : name;
}
