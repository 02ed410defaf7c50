import { type Piece, PieceFileError } from '@every-inch/core/piece';
import type { PieceReading } from '@every-inch/core/piece/file';
import { pieceStore } from './keeper.ts';

/** A kept piece made ready, or why not. */
export type Opening =
  | { readonly ok: true; readonly piece: Piece; readonly notes: readonly string[] }
  | { readonly ok: false; readonly says: string; readonly raw: unknown };

/** Lines for the maker about a reading. */
export function readingNotes(reading: PieceReading): string[] {
  return [
    ...reading.migrated.map((step) => `Brought up to date: ${step}.`),
    ...reading.repaired.map((line) => `Put right: ${line}.`),
    ...reading.damaged.map(({ where, problems }) => `Put aside ${where}: ${problems.join('; ')}.`),
  ];
}

/**
 * Opens a kept piece. One that cannot be read stays where it is and is handed over as found.
 */
export async function openKept(id: string): Promise<Opening> {
  const pieces = await pieceStore();
  const raw = await pieces.raw(id);
  if (raw === null) return { ok: false, says: 'There is no piece under this address.', raw: null };
  const { readRaw } = await import('@every-inch/core/piece/file');
  try {
    const now = new Date().toISOString();
    const reading = readRaw(raw, now);
    // The old copy stays until the new one is written.
    if (reading.migrated.length > 0) await pieces.drawers.quarantine.set(`${id}/${now}`, raw);
    return { ok: true, piece: reading.piece, notes: readingNotes(reading) };
  } catch (error) {
    if (error instanceof PieceFileError) return { ok: false, says: error.message, raw };
    throw error;
  }
}
