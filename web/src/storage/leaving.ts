import type { Piece } from '@every-inch/core/piece';

const PIECE = 'every-inch/leaving/piece/';

/** A piece as it stood when its page was left, before the storage had said that it is kept. */
interface LeftPiece {
  /** When, ISO. */
  readonly at: string;
  readonly piece: Piece;
}

/** What this page has written down of pieces, by id. */
const written = new Map<string, LeftPiece>();

/**
 * Writes something down at once, on leaving: the storage answers only later, when the page may be gone. What is too large for
 * that place is left to the storage alone.
 */
function writeDown(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // What was written down before stays: it is put back only where nothing later is kept.
  }
}

function forget(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // Without such a place nothing was written down either.
  }
}

function readDown<T>(key: string): T | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as T | null;
  } catch {
    return null;
  }
}

/** Writes a piece down that may not be kept any more. */
export function leavePiece(piece: Piece, at: string): void {
  const left: LeftPiece = { at, piece };
  written.set(piece.id, left);
  writeDown(PIECE + piece.id, left);
}

/**
 * Strikes out what was written down of a piece once that, or a later state of it, is kept.
 *
 * @param at when its keeping began, ISO
 */
export function pieceArrived(piece: Piece, at: string): void {
  const left = written.get(piece.id);
  if (left && (left.piece === piece || at > left.at)) pieceForgotten(piece.id);
}

/** Strikes out whatever was written down of a piece, such as when it is deleted. */
export function pieceForgotten(id: string): void {
  written.delete(id);
  forget(PIECE + id);
}

/** Ids of the pieces that were written down. */
function leftPieces(): string[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PIECE))
      .map((key) => key.slice(PIECE.length));
  } catch {
    return [];
  }
}

/** Where pieces are kept. */
interface Keeping {
  heads(): Promise<readonly { readonly id: string; readonly keptAt: string }[]>;
  put(piece: Piece, now: string): Promise<void>;
}

/** Puts the pieces that were written down on leaving where they belong, unless a later state is kept already. */
export async function keepLeft(pieces: Keeping): Promise<void> {
  const ids = leftPieces();
  if (ids.length === 0) return;
  const keptAt = new Map((await pieces.heads()).map((head) => [head.id, head.keptAt]));
  for (const id of ids) {
    const left = readDown<LeftPiece>(PIECE + id);
    try {
      if (left && left.piece.id === id && left.at > (keptAt.get(id) ?? ''))
        await pieces.put(left.piece, left.at);
    } catch {
      // It cannot be kept now; what is kept of it stays as it is.
      continue;
    }
    pieceForgotten(id);
  }
}
