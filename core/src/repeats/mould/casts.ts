import {
  addEntry,
  type CastMeasured,
  DEFAULT_ENTRY,
  type EntryId,
  type LogEntry,
  type MouldChoice,
  newId,
  type Part,
  type Piece,
} from '../../piece/index.ts';

/** What measured casts tell of one mould and its cast: the master’s length for a length of 1 of the cast. */
export interface LearnedShrink {
  /** Casts measured. */
  readonly n: number;
  /** Geometric mean of master ÷ cast, one mould and its cast. */
  readonly larger: number;
  readonly low: number;
  readonly high: number;
}

/** So many casts’ worth counts what the handbook says, beside those that were measured. */
export const HANDBOOK_CASTS = 1;

/** Master ÷ cast of one generation: the root of what several made together. */
function perGeneration({ masterMm, castMm, generations }: CastMeasured): number {
  return (masterMm / castMm) ** (1 / generations);
}

/**
 * What the log tells of casts of the same stuff out of moulds of the same stuff; null where none was measured.
 *
 * @example learnedShrink(log, { of: 'putty', casts: 'clay' }) // 20.0 of 20.4 → larger 1.02
 */
export function learnedShrink(
  log: readonly Pick<LogEntry, 'cast'>[],
  { of, casts }: Pick<MouldChoice, 'of' | 'casts'>,
): LearnedShrink | null {
  const found = log
    .flatMap(({ cast }) => (cast && cast.of === of && cast.casts === casts ? [cast] : []))
    .map(perGeneration);
  if (found.length === 0) return null;
  const mean = found.reduce((sum, one) => sum + Math.log(one), 0) / found.length;
  return { n: found.length, larger: Math.exp(mean), low: Math.min(...found), high: Math.max(...found) };
}

/** The two lengths of a cast that was measured, mm. */
export interface CastLengths {
  readonly masterMm: number;
  readonly castMm: number;
}

/** A cast that differs from its master by more than this share was measured at another place. */
export const MOST_CHANGE = 0.2;

/** What is wrong with two lengths; null where they may be those of a master and its cast. */
export function castFault({ masterMm, castMm }: CastLengths): string | null {
  if (!(masterMm > 0) || !(castMm > 0)) return 'Both want a length.';
  const change = Math.abs(1 - castMm / masterMm);
  return change > MOST_CHANGE
    ? `A cast of ${castMm.toFixed(1)} mm from a master of ${masterMm.toFixed(1)} mm differs by ${(100 * change).toFixed(0)} %: measure the same length on both.`
    : null;
}

/**
 * The piece with a measured cast in its log; from then on it moves how large the next master is made.
 *
 * @throws {RangeError} for lengths that cannot be those of a master and its cast
 */
export function castLogged(piece: Piece, part: Part, lengths: CastLengths, at: string): Piece {
  const fault = castFault(lengths);
  if (fault) throw new RangeError(fault);
  if (!part.mould) throw new RangeError(`${part.name} has no mould`);
  const { of, casts, generations } = part.mould;
  return addEntry(piece, {
    ...DEFAULT_ENTRY,
    id: newId<EntryId>('cast'),
    at,
    kind: 'cast',
    part: part.id,
    cast: { of, casts, generations, ...lengths },
  });
}
