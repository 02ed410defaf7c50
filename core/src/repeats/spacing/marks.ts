import type { Course, Spot } from './curves.ts';

/** How a line is divided. */
export interface DivideAsk {
  /** So many marks; or from one to the next, mm, whichever is told. */
  readonly n: number | null;
  readonly pitchMm: number | null;
  /** The first mark lies so far along, mm. */
  readonly firstMm: number;
  /** Kept free at both ends of an open line, mm. */
  readonly endMm: number;
  /** Equal lengths of the line, or equal angles seen from its middle. */
  readonly by: 'length' | 'angle';
  /** Two rows, the second set off by half. */
  readonly rows: 1 | 2;
}

/** A mark: how far along the line, where, and the straight distance from the one before it. */
export interface Mark {
  readonly alongMm: number;
  readonly at: Spot;
  /** Seen from the middle, degrees clockwise from the top. */
  readonly degrees: number;
  readonly chordMm: number | null;
  readonly row: 1 | 2;
}

/** A line divided. */
export interface Divided {
  readonly lengthMm: number;
  readonly isClosed: boolean;
  /** Between neighbours of a row along the line; by angle the mean of them. */
  readonly pitchMm: number;
  readonly marks: readonly Mark[];
}

/** More marks than this are of no use to a hand. */
export const MOST_MARKS = 2000;

/** Lengths from the beginning to every spot; of a closed line to its beginning again. */
function lengthsOf({ spots, isClosed }: Course): number[] {
  const all = isClosed && spots[0] ? [...spots, spots[0]] : spots;
  const lengths = [0];
  for (let i = 1; i < all.length; i += 1) {
    const [a, b] = [all[i - 1], all[i]];
    if (a && b) lengths.push((lengths.at(-1) ?? 0) + Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]));
  }
  return lengths;
}

/** The length of a line, mm. */
export function lengthOf(course: Course): number {
  return lengthsOf(course).at(-1) ?? 0;
}

function degreesOf([x, y]: Spot, [mx, my]: readonly [number, number]): number {
  const degrees = 90 - (Math.atan2(y - my, x - mx) * 180) / Math.PI;
  return ((degrees % 360) + 360) % 360;
}

function spotAt({ spots, isClosed }: Course, lengths: readonly number[], alongMm: number): Spot {
  const whole = lengths.at(-1) ?? 0;
  const at =
    isClosed && whole > 0 ? ((alongMm % whole) + whole) % whole : Math.min(whole, Math.max(0, alongMm));
  let [low, high] = [0, lengths.length - 1];
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if ((lengths[mid] ?? 0) <= at) low = mid;
    else high = mid;
  }
  const [a, b] = [spots[low], spots[(low + 1) % spots.length]];
  const [from = 0, to = 0] = [lengths[low], lengths[low + 1]];
  if (!a || !b) return [0, 0, 0];
  const t = to > from ? (at - from) / (to - from) : 0;
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1]), a[2] + t * (b[2] - a[2])];
}

/** How far along a closed line it is seen at an angle from its middle: the first crossing from its beginning. */
function alongAtAngle(course: Course, lengths: readonly number[], degrees: number): number {
  const angles = course.spots.map((spot) => degreesOf(spot, course.middle));
  const begin = angles[0] ?? 0;
  const want = (((begin + degrees) % 360) + 360) % 360;
  for (let i = 0; i < angles.length; i += 1) {
    const [a = 0, b = 0] = [angles[i], angles[(i + 1) % angles.length]];
    const step = ((b - a + 540) % 360) - 180;
    const off = ((want - a + 540) % 360) - 180;
    if (step > 0 && off >= -1e-9 && off <= step + 1e-9) {
      const [from = 0, to = 0] = [lengths[i], lengths[i + 1]];
      return from + (off / step) * (to - from);
    }
  }
  return 0;
}

/**
 * Divides a line equally. Round a closed one n marks have n gaps; on an open one n marks have n − 1, and half a pitch more is
 * not kept at its ends unless that is asked for.
 *
 * @throws {RangeError} for a number or a pitch of 0, ends that leave nothing, or more than {@link MOST_MARKS} marks
 */
export function divided(course: Course, ask: DivideAsk): Divided {
  const lengths = lengthsOf(course);
  const whole = lengths.at(-1) ?? 0;
  const { firstMm, endMm, rows, by } = ask;
  const free = course.isClosed ? whole : whole - 2 * endMm - firstMm;
  if (!(free > 0))
    throw new RangeError(`the ends and the first mark leave nothing of ${whole.toFixed(1)} mm`);
  const n = ask.n ?? countAt(free, ask.pitchMm, course.isClosed);
  if (!Number.isInteger(n) || n < 1) throw new RangeError(`a line is divided into 1 or more, got ${n}`);
  if (n * rows > MOST_MARKS) throw new RangeError(`more than ${MOST_MARKS} marks: a wider pitch, or fewer`);
  const gaps = course.isClosed ? n : Math.max(1, n - 1);
  const pitch = ask.n === null && !course.isClosed && ask.pitchMm ? ask.pitchMm : free / gaps;
  const start = course.isClosed ? firstMm : endMm + firstMm;
  const alongOf = (k: number): number => {
    if (by === 'angle' && course.isClosed)
      return alongAtAngle(course, lengths, (360 * k) / n + (360 * firstMm) / whole);
    return start + k * pitch;
  };
  const row = (which: 1 | 2): Mark[] => {
    const count = which === 2 && !course.isClosed ? n - 1 : n;
    return Array.from({ length: Math.max(0, count) }, (_, k) => alongOf(k + (which === 2 ? 0.5 : 0))).map(
      (alongMm, k, all): Mark => {
        const at = spotAt(course, lengths, alongMm);
        const before = k === 0 ? (course.isClosed && all.length > 1 ? all.at(-1) : undefined) : all[k - 1];
        const from = before === undefined ? null : spotAt(course, lengths, before);
        return {
          alongMm: course.isClosed ? alongMm % whole : alongMm,
          at,
          degrees: degreesOf(at, course.middle),
          chordMm: from && Math.hypot(at[0] - from[0], at[1] - from[1], at[2] - from[2]),
          row: which,
        };
      },
    );
  };
  return {
    lengthMm: whole,
    isClosed: course.isClosed,
    pitchMm: pitch,
    marks: rows === 2 ? [...row(1), ...row(2)] : row(1),
  };
}

function countAt(free: number, pitchMm: number | null, isClosed: boolean): number {
  if (pitchMm === null || !(pitchMm > 0))
    throw new RangeError('tell how many, or from one to the next over 0 mm');
  return isClosed ? Math.max(1, Math.round(free / pitchMm)) : Math.floor(free / pitchMm + 1e-9) + 1;
}
