import {
  addEntry,
  addPart,
  DEFAULT_ENTRY,
  DEFAULT_PART,
  DEFAULT_REPEAT,
  type EntryId,
  newId,
  type Part,
  type PartId,
  type Piece,
  setAt,
} from '../../piece/index.ts';
import type { SetStart } from './starts.ts';

/** One of a set is begun no longer than this share of what it goes on. */
const LARGEST = 1 / 4;
/** What is too large for it is begun at this share. */
const USUAL = 1 / 10;

/** How much smaller than in life one of a set is begun: at the scale of the piece, or to suit what it goes on. */
function startScale(start: SetStart, hostMm: number, atScale: number): number {
  return start.longMm * atScale > LARGEST * hostMm ? (USUAL * hostMm) / start.longMm : atScale;
}

/**
 * A piece with a set of something put on a part; of what is of no clay itself, in the first clay of the piece.
 *
 * @param hostMm the longest extent of the part, in its own frame
 * @param on key of the line or face it goes on
 * @param ratio of the piece, for a part that is sized on the bench
 */
export function withSet(
  piece: Piece,
  host: Part,
  start: SetStart,
  { on, hostMm, ratio }: { readonly on: string; readonly hostMm: number; readonly ratio: number },
): { readonly piece: Piece; readonly id: PartId } {
  const id = newId<PartId>(start.name);
  const [clay] = piece.clays;
  const made: Part = {
    ...DEFAULT_PART,
    id,
    name: start.name,
    parent: host.id,
    sized: host.sized,
    form: start.form(startScale(start, hostMm, host.sized === 'life' ? 1 : 1 / ratio)),
    mix: host.mix.length > 0 || !clay ? host.mix : [{ clay: clay.id, parts: 1 }],
    core: { ...DEFAULT_PART.core, kind: 'none' },
    repeat: { ...DEFAULT_REPEAT, ...start.rule, on },
  };
  return { piece: addPart(piece, made, host.id), id };
}

/** The longest between two that still counts as being at it, min. */
export const MOST_BETWEEN_MIN = 6;

/** A tally with some more made, and the minutes since the last were counted. */
export function tallied(
  piece: Piece,
  part: Part,
  more: { readonly made: number; readonly good: number },
  sinceMin: number,
): Piece {
  const { tally } = part.repeat ?? DEFAULT_REPEAT;
  const made = Math.max(0, tally.made + more.made);
  const next = {
    ...tally,
    made,
    good: Math.min(made, Math.max(0, tally.good + more.good)),
    minutes: tally.minutes + (sinceMin > 0 && sinceMin <= MOST_BETWEEN_MIN ? sinceMin : 0),
  };
  return setAt(piece, ['parts', part.id, 'repeat', 'tally'], next);
}

/** The piece with the tally of a set written into its log. */
export function tallyLogged(piece: Piece, part: Part, of: number, at: string): Piece {
  const { made, good, used, minutes } = part.repeat?.tally ?? DEFAULT_REPEAT.tally;
  const bad = made - good;
  const note = `${good} of ${of} ${part.name} made in ${Math.round(minutes)} min${bad > 0 ? `, ${bad} more were no good` : ''}${used > 0 ? `, ${used} put on` : ''}.`;
  return addEntry(piece, {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>('tally'),
    at,
    kind: 'note',
    part: part.id,
    note,
  });
}
