import { differenceInMinutes, parseISO } from 'date-fns';
import {
  addEntry,
  DEFAULT_ENTRY,
  type EntryId,
  type LogEntry,
  newId,
  type PartId,
  type Piece,
} from '../piece/index.ts';

/** A reading typed again so soon corrects the one before, minutes. */
const CORRECTION_MINUTES = 10;

/**
 * Records what a measure was made to. A second reading within ten minutes, to an entry without note or picture, corrects
 * it; later ones stand beside it.
 *
 * @param madeMm miniature mm, over 0
 * @param now ISO time
 */
export function recordMeasure(piece: Piece, part: PartId, key: string, madeMm: number, now: string): Piece {
  const isFresh = (entry: LogEntry): boolean =>
    entry.part === part &&
    entry.measure?.key === key &&
    entry.note === '' &&
    entry.pictures.length === 0 &&
    differenceInMinutes(parseISO(now), parseISO(entry.at)) < CORRECTION_MINUTES;
  const last = piece.log.findLast(isFresh);
  const measure = { key, madeMm };
  if (last)
    return {
      ...piece,
      log: piece.log.map((entry) => (entry === last ? { ...entry, measure, at: now } : entry)),
    };
  const entry: LogEntry = {
    ...DEFAULT_ENTRY,
    pictures: [],
    id: newId<EntryId>('measure'),
    at: now,
    kind: 'measure',
    part,
    measure,
  };
  return addEntry(piece, entry);
}
