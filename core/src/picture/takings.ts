import type { Vec2 } from '../form/index.ts';
import type { KnownLength, KnownRectangle, Spot, Taking } from '../piece/index.ts';
import { type Calibration, calibrationOf, type Marked } from './calibration.ts';

/** A measure off a picture: mm of what it shows, or degrees. */
export interface Taken {
  readonly value: number;
  /** What the spots set by hand leave open, either way, in the same unit. */
  readonly error: number;
}

function lengthBetween([x, y]: Vec2, [u, v]: Vec2): number {
  return Math.hypot(u - x, v - y);
}

/** Angle at a corner, degrees. */
function angleAt([x, y]: Vec2, [cx, cy]: Vec2, [u, v]: Vec2): number {
  const [ax, ay, bx, by] = [x - cx, y - cy, u - cx, v - cy];
  return (Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) * 180) / Math.PI;
}

function measured(kind: Taking['kind'], spots: readonly Spot[], { toMm }: Calibration): number {
  const [a, b, c] = spots.map(toMm);
  if (!a || !b) return 0;
  if (kind === 'length') return lengthBetween(a, b);
  if (kind === 'height') return Math.abs(b[1] - a[1]);
  return c ? angleAt(a, b, c) : 0;
}

/** The marks of a picture with other spots in the place of its own. */
function withSpots({ known, square }: Marked, spots: readonly Spot[]): Marked {
  const put = <T extends KnownLength | KnownRectangle>(one: T): T => ({ ...one, spots: [...spots] });
  return square ? { known, square: put(square) } : { known: known && put(known), square };
}

/** Step for slopes, px. */
const STEP = 0.5;

/**
 * A measure off a picture, with its error: every spot that was set by hand, those of the known length too, may be off by so
 * many pixels either way, independently (propagation of uncertainty, JCGM 100:2008, 5.1.2; slopes by central differences).
 *
 * @param clickPx how far a spot set by hand may be off, px of the picture as it is kept
 * @throws {PictureFaultError} when it cannot be measured
 */
export function takeMeasure(marked: Marked, { kind, spots }: Taking, clickPx: number): Taken {
  const calibration = calibrationOf(marked);
  const own = calibration.spots;
  const all = [...own, ...spots];
  const at = (moved: readonly Spot[]): number =>
    measured(kind, moved.slice(own.length), calibrationOf(withSpots(marked, moved.slice(0, own.length))));
  const variance = all.reduce(
    (sum, _, i) =>
      sum +
      (['x', 'y'] as const).reduce((both, axis) => {
        const by = (step: number) =>
          at(all.map((spot, j) => (j === i ? { ...spot, [axis]: spot[axis] + step } : spot)));
        return both + ((by(STEP) - by(-STEP)) / (2 * STEP)) ** 2;
      }, 0),
    0,
  );
  return { value: measured(kind, spots, calibration), error: clickPx * Math.sqrt(variance) };
}
