import type { Piece } from '@every-inch/core/piece';
import type { Workshop } from '../state/workshopSlice.ts';
import type { PieceStore } from './pieceStore.ts';

const PIECE = 'every-inch/leaving/piece/';
const WORKSHOP = 'every-inch/leaving/workshop';

/** A piece as it stood when its page was left, before the storage had said that it is kept. */
interface LeftPiece {
  /** When, ISO. */
  readonly at: string;
  readonly piece: Piece;
}

/**
 * Writes something down at once, on leaving: the storage answers only later, when the page may be gone. What is too large for
 * that place is left to the storage alone.
 */
function writeDown(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    forget(key);
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
  writeDown(PIECE + piece.id, { at, piece } satisfies LeftPiece);
}

/** Strikes out what was written down of a piece, once it is kept. */
export function pieceArrived(id: string): void {
  forget(PIECE + id);
}

/** Writes the settings down that may not be kept any more. */
export function leaveWorkshop(workshop: Workshop): void {
  writeDown(WORKSHOP, workshop);
}

/** Strikes out the settings that were written down, once they are kept. */
export function workshopArrived(): void {
  forget(WORKSHOP);
}

/** The settings that were written down when a page was left, if any. */
export function leftWorkshop(): Partial<Workshop> | null {
  return readDown(WORKSHOP);
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

/** Puts the pieces that were written down on leaving where they belong, unless a later state is kept already. */
export async function keepLeft(pieces: PieceStore): Promise<void> {
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
    pieceArrived(id);
  }
}
