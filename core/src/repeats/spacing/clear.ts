import { type LengthUnit, parseLength } from '../../units/index.ts';
import type { Course } from './curves.ts';
import { type DivideAsk, type Divided, divided } from './marks.ts';

/** A stretch of a line that something takes already, mm from its beginning; a point where both are the same. */
export interface Taken {
  readonly fromMm: number;
  readonly toMm: number;
}

/** Taken stretches as a maker writes them, or what is wrong with the words. */
export type TakenReading =
  | { readonly ok: true; readonly taken: readonly Taken[] }
  | { readonly ok: false; readonly says: string };

/**
 * Reads what a line is taken by: places and stretches with commas between.
 *
 * @example readTaken('12 to 18, 40', 'mm') // 12…18 and the point 40
 */
export function readTaken(text: string, unit: LengthUnit): TakenReading {
  const taken: Taken[] = [];
  for (const words of text
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== '')) {
    const ends = words.split(/\s*(?:–|—|-|to)\s*/);
    const read = ends.map((end) => parseLength(end, { unit, sign: 'nonNegative' }));
    const [from, to = from] = read;
    if (ends.length > 2 || ends.includes('') || !from || !to)
      return { ok: false, says: `“${words}” is no place and no stretch: write 12 to 18, or 40` };
    if (!from.ok) return { ok: false, says: from.error.message };
    if (!to.ok) return { ok: false, says: to.error.message };
    taken.push({
      fromMm: Math.min(from.lengthMm, to.lengthMm),
      toMm: Math.max(from.lengthMm, to.lengthMm),
    });
  }
  return { ok: true, taken };
}

/** How far a place is from the nearest stretch that is taken, mm; 0 within one, Infinity where nothing is taken. */
function clearOf(atMm: number, taken: readonly Taken[], { lengthMm, isClosed }: Divided): number {
  const places = isClosed ? [atMm - lengthMm, atMm, atMm + lengthMm] : [atMm];
  return Math.min(
    ...taken.flatMap(({ fromMm, toMm }) => places.map((at) => Math.max(0, fromMm - at, at - toMm))),
  );
}

/** How far every mark is from what is there, mm. */
export function clearances(found: Divided, taken: readonly Taken[]): readonly number[] {
  return found.marks.map(({ alongMm }) => clearOf(alongMm, taken, found));
}

/** The first mark that keeps all marks farthest from what is there. */
export interface BestFirst {
  readonly firstMm: number;
  /** The nearest any mark then comes, mm. */
  readonly clearMm: number;
}

/** Places that are tried for the first mark, over one pitch. */
const TRIED = 240;

/**
 * Where the first mark lies best, so that none comes near what is there; by trying a pitch through.
 *
 * @returns null where nothing is taken, or the marks cannot be moved
 */
export function bestFirst(course: Course, ask: DivideAsk, taken: readonly Taken[]): BestFirst | null {
  if (taken.length === 0) return null;
  const { pitchMm } = divided(course, { ...ask, firstMm: 0 });
  let best: BestFirst | null = null;
  for (let i = 0; i < TRIED; i += 1) {
    const firstMm = Math.round(((i * pitchMm) / TRIED) * 100) / 100;
    try {
      const clearMm = Math.min(...clearances(divided(course, { ...ask, firstMm }), taken));
      if (!best || clearMm > best.clearMm + 1e-9) best = { firstMm, clearMm };
    } catch (error) {
      // So far along an open line nothing is left of it.
      if (!(error instanceof RangeError)) throw error;
    }
  }
  return best;
}
