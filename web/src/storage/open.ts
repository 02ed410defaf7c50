import type { Piece, PieceId } from '@every-inch/core/piece';
import type { PieceReading } from '@every-inch/core/piece/file';
import { pieceStore } from './keeper.ts';
import { keepLeft } from './leaving.ts';
import { nextMoment, sawMoment } from './moments.ts';
import type { PieceHead } from './pieceStore.ts';
import { remembered } from './remembered.ts';

/** A kept piece made ready, or why not. */
export type Opening =
  | { readonly ok: true; readonly piece: Piece; readonly notes: readonly string[] }
  | {
      readonly ok: false;
      readonly says: string;
      readonly raw: unknown;
      /** Times of older states that are still there, the newest first, ISO. */
      readonly older: readonly string[];
    };

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
  // What a tab that was closed just now had no time for.
  await keepLeft(pieces);
  const head = await pieces.drawers.heads.get<PieceHead>(id);
  if (head) sawMoment(head.keptAt);
  const raw = await pieces.raw(id);
  const older = await pieces.revisionTimes(id);
  if (raw === null) {
    const isKnown = head !== null || older.length > 0 || remembered.all().some((one) => one.id === id);
    const says = isKnown
      ? 'The record of this piece is gone from this browser.'
      : 'There is no piece under this address.';
    return { ok: false, says, raw: null, older };
  }
  const { readRaw } = await import('@every-inch/core/piece/file');
  try {
    const now = new Date().toISOString();
    const reading = readRaw(raw, now);
    // The old copy stays until the new one is written.
    if (reading.migrated.length > 0) await pieces.drawers.quarantine.set(`${id}/${now}`, raw);
    // It goes by the id that it is kept under, whatever its record says.
    const piece = { ...reading.piece, id: id as PieceId };
    return { ok: true, piece, notes: readingNotes(reading) };
  } catch (error) {
    return { ok: false, says: error instanceof Error ? error.message : String(error), raw, older };
  }
}

/**
 * Puts an older state of a piece in the place of one that is gone or cannot be opened; what is there is kept aside first.
 *
 * @throws {PieceFileError} when the older state cannot be read either
 */
export async function bringBackAsOf(id: string, at: string): Promise<void> {
  const pieces = await pieceStore();
  const { readRaw } = await import('@every-inch/core/piece/file');
  const { piece } = readRaw(await pieces.revision(id, at), at);
  const raw = await pieces.raw(id);
  const now = nextMoment();
  if (raw !== null) await pieces.drawers.quarantine.set(`${id}/${now}`, raw);
  await pieces.put(piece, now);
}
